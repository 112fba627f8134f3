<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which of two cups somebody liked better, beside what else they said. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('tastings', static fn (Blueprint $table): mixed => $table->text('pair')->nullable());
    }
};
