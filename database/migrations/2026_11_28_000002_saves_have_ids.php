<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A save whose answer was lost comes again: the same save twice is once. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->string('save', 40)->nullable();
            $table->unsignedInteger('version')->nullable();
            $table->index(['piece_id', 'save']);
        });
    }

    public function down(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->dropIndex(['piece_id', 'save']);
            $table->dropColumn(['save', 'version']);
        });
    }
};
