<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
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
        DB::statement(
            "update recipes set words = lower(name || ' ' || coalesce(json_extract(document, '$.style'), '') || ' "
                ."' || coalesce((select group_concat(json_extract(line.value, '$.ingredient'), ' ') from "
                    ."json_each(recipes.document, '$.stages') stage, json_each(stage.value, '$.lines') line), '')) "
                        .'where json_valid(document)',
        );
        // all that a search reads, in the order it is shown in: the documents, which are long, are opened for what is
        // found
        DB::statement('create index recipes_found on recipes (deleted_at, updated_at, card_key, name, words, id)');
        DB::statement("create index recipes_unnamed on recipes (id) where name = 'New sauce'");
        DB::statement('create index batches_found on batches (deleted_at, made_on, number, words, recipe_id, id)');
    }

    public function down(): void
    {
        DB::statement('drop index recipes_found');
        DB::statement('drop index recipes_unnamed');
        DB::statement('drop index batches_found');
        Schema::table('recipes', static function (Blueprint $table): void {
            $table->dropColumn(['card', 'card_key', 'words']);
        });
    }
};
