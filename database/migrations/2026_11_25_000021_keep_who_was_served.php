<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How many had of a batch, what was left over, and what it cost. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('batches', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('served_people')->nullable();
            $table->float('left_over_ml')->nullable();
            $table->float('cost')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('batches', static function (Blueprint $table): void {
            $table->dropColumn(['served_people', 'left_over_ml', 'cost']);
        });
    }
};
