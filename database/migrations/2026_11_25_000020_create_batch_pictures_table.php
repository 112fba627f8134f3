<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pictures of a batch, small enough to be kept with everything else, so that no copy of the house forgets them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('batch_pictures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('batch_id')->index()->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            // base64 of a JPEG
            $table->text('jpeg');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('batch_pictures');
    }
};
