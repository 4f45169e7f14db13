<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was undone before something else was done is kept aside, and not deleted. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->boolean('aside')->default(false);
            // The number of the revision that it was made from; null: the one before it.
            $table->unsignedInteger('made_from')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('revisions', static function (Blueprint $table): void {
            $table->dropColumn(['aside', 'made_from']);
        });
    }
};
