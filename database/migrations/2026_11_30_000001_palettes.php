<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Palettes that are kept, in an order of one's own. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('palettes', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('name', 60);
            $table->json('colours');
            $table->unsignedInteger('place');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('palettes');
    }
};
