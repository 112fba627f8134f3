<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('vessels', function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->float('millilitres');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('vessels');
    }
};
