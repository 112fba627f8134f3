<?php

declare(strict_types=1);

use App\Models\OwnIngredientRecord;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What an own ingredient is found by, kept with it so that thousands of them cost a search nothing. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('own_ingredients', static function (Blueprint $table): void {
            $table->string('name')->nullable();
            $table->text('found_by')->nullable();
        });
        foreach (OwnIngredientRecord::withTrashed()->lazyById(column: 'slug') as $own) {
            $own->timestamps = false;
            $own->save();
        }
        Schema::table(
            'own_ingredients',
            static fn (Blueprint $table) => $table->index(
                ['deleted_at', 'name', 'found_by', 'slug'],
                'own_ingredients_found',
            ),
        );
    }

    public function down(): void
    {
        Schema::table('own_ingredients', static function (Blueprint $table): void {
            $table->dropIndex('own_ingredients_found');
            $table->dropColumn(['name', 'found_by']);
        });
    }
};
