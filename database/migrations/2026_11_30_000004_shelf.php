<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pieces lie in folders, and the shelf is sorted as one likes. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('pieces', static function (Blueprint $table): void {
            $table->string('folder')->nullable()->index();
            $table->index(['title_lower', 'id']);
            $table->index(['created_at', 'id']);
        });
    }

    public function down(): void
    {
        Schema::table('pieces', static function (Blueprint $table): void {
            $table->dropIndex(['created_at', 'id']);
            $table->dropIndex(['title_lower', 'id']);
            $table->dropIndex(['folder']);
            $table->dropColumn('folder');
        });
    }
};
