<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('cooks', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('recipe_id')->index()->constrained()->restrictOnDelete();
            // the recipe in the amounts of this batch, as it was when the cook began
            $table->text('document');
            $table->double('began_at');
            // minutes of the pot in one of the clock, and what a simulated pot is made from; null for a real one
            $table->double('speed')->default(1);
            $table->unsignedInteger('seed')->nullable();
            $table->double('finished_at')->nullable()->index();
            $table->foreignUlid('batch_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });
        // a row for each thing that happens, so that two phones at one pot lose nothing
        Schema::create('cook_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('cook_id')->constrained()->cascadeOnDelete();
            $table->double('at');
            $table->string('kind');
            $table->text('data');
            // sent twice it happened once
            $table->string('key')->nullable();
            $table->unique(['cook_id', 'key']);
        });
        Schema::create('hobs', function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->double('grams_per_minute');
            $table->double('spread');
            $table->unsignedInteger('pots')->default(1);
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('hobs');
        Schema::dropIfExists('cook_events');
        Schema::dropIfExists('cooks');
    }
};
