<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tastings', function (Blueprint $table): void {
            $table->boolean('heard')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tastings', fn (Blueprint $table) => $table->dropColumn('heard'));
    }
};
