<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // A sound is known by the fingerprint of its file, which stands beside the database.
        Schema::create('sounds', function (Blueprint $table): void {
            $table->string('id', 64)->primary();
            $table->string('name');
            $table->float('seconds');
            $table->timestamps();
        });
        // Work on sounds that takes its time: what was asked, how far it is, and what came of it.
        Schema::create('listenings', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('kind');
            $table->string('status');
            $table->longText('asked');
            $table->float('part')->default(0);
            $table->string('doing')->default('');
            $table->longText('result')->nullable();
            $table->text('message')->nullable();
            $table->timestamp('heard_at')->nullable();
            $table->timestamps();
            $table->index('created_at');
        });
    }

    public function down(): void
    {
        Schema::drop('listenings');
        Schema::drop('sounds');
    }
};
