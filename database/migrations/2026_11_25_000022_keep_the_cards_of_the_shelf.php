<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The miniature of a recipe on the Shelf and all it is found by, kept with it so that a long shelf is no work. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->text('card')->nullable();
            // of what catalogue, household and revision the card is
            $table->string('card_key', 80)->nullable();
            $table->text('words')->default('');
        });
    }

    public function down(): void
    {
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->dropColumn(['card', 'card_key', 'words']);
        });
    }
};
