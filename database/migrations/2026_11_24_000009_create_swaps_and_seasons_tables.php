<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('swap_memories', function (Blueprint $table): void {
            $table->id();
            $table->string('out', 80);
            $table->string('in', 80);
            $table->integer('verdict');
            $table->string('note', 200);
            $table->unique(['out', 'in']);
        });
        Schema::create('seasons', function (Blueprint $table): void {
            $table->string('slug', 80)->primary();
            // both null: no season here, whatever the table that ships says
            $table->integer('first')->nullable();
            $table->integer('last')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('seasons');
        Schema::dropIfExists('swap_memories');
    }
};
