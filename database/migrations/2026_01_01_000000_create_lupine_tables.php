<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('pieces', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->string('title');
            $table->unsignedInteger('version')->default(1);
            $table->unsignedInteger('head')->default(1);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('piece_id')->constrained('pieces')->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->longText('document');
            $table->timestamp('created_at')->nullable();
            $table->unique(['piece_id', 'number']);
        });
        Schema::create('hand_offs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignUlid('piece_id')->nullable()->constrained('pieces')->nullOnDelete();
            $table->string('title');
            $table->string('status');
            $table->longText('document');
            $table->unsignedInteger('frames_done')->default(0);
            $table->unsignedInteger('frames_total');
            $table->string('file')->nullable();
            $table->unsignedBigInteger('bytes')->nullable();
            $table->text('message')->nullable();
            $table->timestamp('started_at')->nullable();
            $table->timestamp('heard_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
    }

    public function down(): void
    {
        foreach (['failed_jobs', 'jobs', 'hand_offs', 'revisions', 'pieces'] as $name) {
            Schema::dropIfExists($name);
        }
    }
};
