<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('kit', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 60);
            $table->string('kind', 20);
            $table->float('millilitres');
            $table->integer('count');
            $table->float('width_cm')->nullable();
        });
        Schema::table('on_hand', function (Blueprint $table): void {
            // how much there is of it, in the maker's words
            $table->string('amount', 60)->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kit');
        Schema::table('on_hand', fn (Blueprint $table) => $table->dropColumn('amount'));
    }
};
