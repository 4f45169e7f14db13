<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What one act of a hand changed is one step of undo, however many saves it took. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->string('act', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->dropColumn('act');
        });
    }
};
