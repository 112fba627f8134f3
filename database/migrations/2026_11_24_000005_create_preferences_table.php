<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('preferences', function (Blueprint $table): void {
            // one household, so one row
            $table->unsignedInteger('id')->primary();
            $table->text('document');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('preferences');
    }
};
