<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('recipes', function (Blueprint $table): void {
            // the recipe a family began with; null where it is that one, or stands alone
            $table->ulid('variant_of')->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::table('recipes', fn (Blueprint $table) => $table->dropColumn('variant_of'));
    }
};
