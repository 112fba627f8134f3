<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('batches', function (Blueprint $table): void {
            // what a jar names it by
            $table->unsignedInteger('number')->nullable()->unique();
            // the recipe as it was meant, where it was made otherwise
            $table->text('planned')->nullable();
            // all the words it can be found by
            $table->text('words')->default('');
        });
        $number = 0;
        foreach (
            DB::table('batches')
                ->orderBy('made_on')
                ->orderBy('id')
                ->get(['id', 'document', 'made_on']) as $batch
        ) {
            $document = json_decode((string) $batch->document, true);
            DB::table('batches')
                ->where('id', $batch->id)
                ->update([
                    'number' => ++$number,
                    'words' => mb_strtolower(($document['name'] ?? '')." no. {$number}"),
                ]);
        }
        Schema::create('tastings', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('batch_id')->index()->constrained()->cascadeOnDelete();
            $table->date('on');
            $table->string('who')->default('');
            $table->boolean('hot')->default(false);
            $table->string('with')->default('');
            $table->text('feels');
            $table->unsignedTinyInteger('liking')->nullable();
            $table->string('note', 1000)->default('');
            $table->timestamps();
        });
        Schema::create('jars', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('batch_id')->index()->constrained()->cascadeOnDelete();
            $table->string('label');
            $table->double('size_ml')->nullable();
            $table->string('kind')->default('jar');
            $table->string('place')->default('fridge');
            $table->date('opened_on')->nullable();
            $table->date('gone_on')->nullable();
            $table->string('given_to')->default('');
            // worked out when the batch or the jar changes, so that a list of thousands sorts by it
            $table->date('keep_until')->nullable()->index();
            $table->timestamps();
        });
        Schema::create('batch_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('batch_id')->index()->constrained()->cascadeOnDelete();
            $table->string('text', 2000);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('batch_notes');
        Schema::dropIfExists('jars');
        Schema::dropIfExists('tastings');
        Schema::table('batches', fn (Blueprint $table) => $table->dropUnique(['number']));
        Schema::table('batches', fn (Blueprint $table) => $table->dropColumn(['number', 'planned', 'words']));
    }
};
