<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // one row: what everybody in the house knows, hashed, and the digits that let one phone in
        Schema::create('doors', function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary();
            $table->string('passphrase')->nullable();
            $table->string('digits')->nullable();
            $table->timestamp('digits_until')->nullable();
            $table->timestamps();
        });
        Schema::create('devices', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name');
            $table->timestamp('seen_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('devices');
        Schema::dropIfExists('doors');
    }
};
