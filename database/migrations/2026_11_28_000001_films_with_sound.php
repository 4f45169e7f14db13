<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('hand_offs', static function (Blueprint $table): void {
            $table->boolean('with_sound')->default(true);
        });
    }

    public function down(): void
    {
        Schema::table('hand_offs', static function (Blueprint $table): void {
            $table->dropColumn('with_sound');
        });
    }
};
