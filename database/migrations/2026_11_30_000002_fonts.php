<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Fonts of one's own. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('fonts', static function (Blueprint $table): void {
            $table->string('id', 100)->primary();
            $table->char('source', 64)->index();
            $table->string('name', 200);
            $table->json('axes');
            $table->json('told');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('fonts');
    }
};
