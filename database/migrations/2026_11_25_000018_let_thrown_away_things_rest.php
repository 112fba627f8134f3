<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Batches, ingredients and styles that were thrown away rest in the bin, as recipes do. */
return new class extends Migration {
    public function up(): void
    {
        foreach (['batches', 'own_ingredients', 'own_styles'] as $table) {
            Schema::table($table, static fn (Blueprint $each): mixed => $each->softDeletes());
        }
    }
};
