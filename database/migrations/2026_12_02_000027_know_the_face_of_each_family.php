<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Which recipe stands for its family on the Shelf: the one that was touched last, a named one first. The database keeps
 * it, so that ten thousand recipes are not put together anew for each look at sixty cards.
 */
return new class extends Migration {
    private const FACE = 'update recipes set face = coalesce(id = (select other.id from recipes other '
        .'where coalesce(other.variant_of, other.id) = {of} and other.deleted_at is null '
        ."order by other.name = 'New sauce', other.updated_at desc, other.id desc limit 1), 0) "
        .'where coalesce(variant_of, id) = {of};';

    public function up(): void
    {
        Schema::table('recipes', fn (Blueprint $table) => $table->boolean('face')->default(false));
        DB::statement(str_replace('{of}', 'coalesce(recipes.variant_of, recipes.id)', self::FACE));
        DB::statement('create index recipes_on_the_shelf on recipes (face, updated_at, id) where deleted_at is null');
        $new = str_replace('{of}', 'coalesce(new.variant_of, new.id)', self::FACE);
        $old = str_replace('{of}', 'coalesce(old.variant_of, old.id)', self::FACE);
        DB::unprepared("create trigger recipes_face_kept after insert on recipes begin {$new} end");
        DB::unprepared(
            'create trigger recipes_face_changed after update of name, updated_at, deleted_at, variant_of on recipes '
                ."begin {$old} {$new} end",
        );
        DB::unprepared("create trigger recipes_face_gone after delete on recipes begin {$old} end");
    }

    public function down(): void
    {
        foreach (['kept', 'changed', 'gone'] as $when) {
            DB::unprepared("drop trigger recipes_face_{$when}");
        }
        DB::statement('drop index recipes_on_the_shelf');
        Schema::table('recipes', fn (Blueprint $table) => $table->dropColumn('face'));
    }
};
