<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('pieces', function (Blueprint $table): void {
            // For searching: SQLite folds the case of ASCII letters only.
            $table->string('title_lower')->default('');
            $table->index(['updated_at', 'id']);
        });
        foreach (
            DB::table('pieces')
                ->select(['id', 'title'])
                ->cursor() as $piece
        ) {
            DB::table('pieces')
                ->where('id', $piece->id)
                ->update(['title_lower' => mb_strtolower((string) $piece->title)]);
        }
        Schema::table('revisions', function (Blueprint $table): void {
            // A revision that was given a name is never thinned.
            $table->string('name')->nullable();
            $table->index('created_at');
        });
        Schema::table('hand_offs', function (Blueprint $table): void {
            // How often the film was begun; a renderer that ended of itself is tried again, not for ever.
            $table->unsignedTinyInteger('tries')->default(0);
            $table->index(['piece_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::table('hand_offs', function (Blueprint $table): void {
            $table->dropIndex(['piece_id', 'id']);
            $table->dropColumn('tries');
        });
        Schema::table('revisions', function (Blueprint $table): void {
            $table->dropIndex(['created_at']);
            $table->dropColumn('name');
        });
        Schema::table('pieces', function (Blueprint $table): void {
            $table->dropIndex(['updated_at', 'id']);
            $table->dropColumn('title_lower');
        });
    }
};
