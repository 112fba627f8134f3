<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('own_styles', function (Blueprint $table): void {
            $table->string('slug', 80)->primary();
            $table->text('document');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('own_styles');
    }
};
