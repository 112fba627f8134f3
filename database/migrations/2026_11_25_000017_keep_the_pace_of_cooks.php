<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('cooks', function (Blueprint $table): void {
            // ln of how many times as long as usual its hands took; null where nothing is known of them
            $table->double('pace')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('cooks', fn (Blueprint $table) => $table->dropColumn('pace'));
    }
};
