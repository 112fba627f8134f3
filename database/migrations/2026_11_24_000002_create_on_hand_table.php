<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('on_hand', function (Blueprint $table): void {
            $table->string('slug')->primary();
            $table->boolean('have');
            // what the maker pays, in the maker's own money, and for how much
            $table->decimal('price', 10, 2)->nullable();
            $table->string('pack')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('on_hand');
    }
};
