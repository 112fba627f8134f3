<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('makings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('recipe_id')->index()->constrained()->cascadeOnDelete();
            // of the recipe; null for as it stands
            $table->unsignedInteger('version')->nullable();
            $table->string('to')->default('');
            $table->double('headspace_percent')->default(0);
            $table->text('portions');
            $table->string('ready')->nullable();
            $table->string('ends')->nullable();
            $table->timestamps();
            $table->index('updated_at');
        });
        Schema::table('cooks', function (Blueprint $table): void {
            $table->foreignUlid('making_id')->nullable()->constrained()->nullOnDelete();
            // what was asked, as it was when the cook began; null for a cook of before there were makings
            $table->text('making')->nullable();
            // ln of how many times as long as usual its hands took, by the kind of work
            $table->text('paces')->nullable();
        });
        Schema::table('batches', function (Blueprint $table): void {
            $table->text('making')->nullable();
        });
        // one pace of all its work is what is known of each kind of it
        foreach (DB::table('cooks')->whereNotNull('pace')->get(['id', 'pace']) as $cook) {
            DB::table('cooks')
                ->where('id', $cook->id)
                ->update(['paces' => json_encode(['gather' => (float) $cook->pace, 'prepare' => (float) $cook->pace])]);
        }
    }

    public function down(): void
    {
        Schema::table('batches', function (Blueprint $table): void {
            $table->dropColumn('making');
        });
        Schema::table('cooks', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('making_id');
            $table->dropColumn(['making', 'paces']);
        });
        Schema::dropIfExists('makings');
    }
};
