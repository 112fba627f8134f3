<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('recipes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            // of the document, for listing and searching; the document decides
            $table->string('name');
            $table->json('document');
            $table->unsignedInteger('revision');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['deleted_at', 'updated_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recipes');
    }
};
