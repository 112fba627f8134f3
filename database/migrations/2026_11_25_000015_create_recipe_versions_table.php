<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // as a recipe stood before it was changed: one for each time somebody sat down to it, not one a keystroke
        Schema::create('recipe_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('recipe_id')->index()->constrained()->cascadeOnDelete();
            $table->text('document');
            $table->string('made_as')->default('');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recipe_versions');
    }
};
