<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('batches', static function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->ulid('piece_id')->index();
            $table->string('title');
            $table->unsignedInteger('tables');
            $table->timestamps();
        });
        Schema::table('hand_offs', static function (Blueprint $table): void {
            $table->ulid('batch_id')->nullable()->index();
            // The name of the table that a file of a batch was made with.
            $table->string('filling')->nullable();
        });
    }
};
