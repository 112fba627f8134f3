<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('jars', function (Blueprint $table): void {
            $table->date('frozen_on')->nullable();
            $table->date('thawed_on')->nullable();
        });
        // what lies in the freezer now was taken to have been frozen on its day
        DB::update(
            'update jars set frozen_on = (select made_on from batches where batches.id = jars.batch_id) where '
                ."place = 'freezer'",
        );
        // of a shelf nothing is known
        DB::update("update jars set keep_until = null where place = 'shelf'");
    }

    public function down(): void
    {
        Schema::table('jars', fn (Blueprint $table) => $table->dropColumn(['frozen_on', 'thawed_on']));
    }
};
