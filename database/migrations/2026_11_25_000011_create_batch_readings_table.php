<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // a row a reading, so that two who append at once lose nothing
        Schema::create('batch_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('batch_id')->index()->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->double('value');
            $table->boolean('hot')->default(false);
            $table->boolean('rested')->default(true);
            $table->string('instrument')->default('calibrated');
            $table->string('note')->default('');
            // a wrong one stands no longer, and is never erased
            $table->timestamp('set_aside_at')->nullable();
            $table->unsignedBigInteger('instead_of')->nullable();
            $table->timestamps();
        });
        foreach (DB::table('batches')->get(['id', 'readings', 'created_at']) as $batch) {
            foreach (json_decode((string) $batch->readings, true) ?: [] as $reading) {
                // older products took a pH of 39; it is kept as it was written, and stands no longer
                $isPossible = $reading['kind'] !== 'ph' || $reading['value'] <= 14;
                DB::table('batch_readings')->insert([
                    'batch_id' => $batch->id,
                    'kind' => $reading['kind'],
                    'value' => min($reading['value'], $reading['kind'] === 'ph' ? 14 : INF),
                    'hot' => $reading['hot'],
                    'rested' => $reading['rested'],
                    'note' => $isPossible ? '' : "written down as {$reading['value']}",
                    'set_aside_at' => $isPossible ? null : now(),
                    'created_at' => $batch->created_at,
                    'updated_at' => $batch->created_at,
                ]);
            }
        }
        Schema::table('batches', function (Blueprint $table): void {
            $table->dropColumn('readings');
            // a recipe with batches is deleted softly and stays for them
            $table->foreign('recipe_id')->references('id')->on('recipes')->restrictOnDelete();
        });
        Schema::table('recipes', function (Blueprint $table): void {
            $table->foreign('variant_of')->references('id')->on('recipes')->nullOnDelete();
        });
        Schema::rename('kit', 'equipment');
    }

    public function down(): void
    {
        Schema::rename('equipment', 'kit');
        Schema::table('recipes', fn (Blueprint $table) => $table->dropForeign(['variant_of']));
        Schema::table('batches', function (Blueprint $table): void {
            $table->dropForeign(['recipe_id']);
            $table->text('readings')->default('[]');
        });
        Schema::dropIfExists('batch_readings');
    }
};
