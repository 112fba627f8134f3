<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('batches', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('recipe_id')->index();
            $table->date('made_on');
            // the recipe and its composition as they were that day: no later change of the catalogue moves them
            $table->text('document');
            $table->text('frozen');
            $table->text('readings');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('batches');
    }
};
