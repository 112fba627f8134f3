<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('recipes', function (Blueprint $table): void {
            // what it was made from, which may be no first of a family; null where it was begun from nothing
            $table->ulid('parent_id')->nullable();
        });
        DB::table('recipes')->whereNotNull('variant_of')->update(['parent_id' => DB::raw('variant_of')]);
        DB::statement('create index recipes_by_family on recipes (coalesce(variant_of, id), updated_at)');
        $this->joinCopies();
    }

    /** Copies made before copies were of the family: "…, a copy" of one that was there, and all that came of them. */
    private function joinCopies(): void
    {
        foreach (DB::table('recipes')->where('name', 'like', '%, a copy')->orderBy('created_at')->get() as $copy) {
            $of = DB::table('recipes')
                ->where('name', substr((string) $copy->name, 0, -strlen(', a copy')))
                ->where('created_at', '<=', $copy->created_at)
                ->where('id', '<>', $copy->id)
                ->orderByDesc('created_at')
                ->first();
            if ($of !== null && $copy->variant_of === null) {
                $first = $of->variant_of ?? $of->id;
                DB::table('recipes')->where('id', $copy->id)->update(['variant_of' => $first, 'parent_id' => $of->id]);
                DB::table('recipes')->where('variant_of', $copy->id)->update(['variant_of' => $first]);
            }
        }
    }

    public function down(): void
    {
        DB::statement('drop index recipes_by_family');
        Schema::table('recipes', fn (Blueprint $table) => $table->dropColumn('parent_id'));
    }
};
