<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Kits of one's own, and which kit new pieces begin in. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('kits', static function (Blueprint $table): void {
            $table->string('id', 40)->primary();
            $table->string('name', 60);
            $table->unsignedInteger('revision')->default(1);
            $table->longText('document');
            $table->timestamps();
        });
        Schema::create('choices', static function (Blueprint $table): void {
            $table->string('name', 40)->primary();
            $table->string('value', 200);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('kits');
        Schema::dropIfExists('choices');
    }
};
