<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('hand_offs', static function (Blueprint $table): void {
            // How a file is made beside its kind, frames and shape.
            $table->json('options')->nullable();
        });
    }
};
