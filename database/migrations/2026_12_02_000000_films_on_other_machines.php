<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('hand_offs', static function (Blueprint $table): void {
            // A name of the order that counts; another one when it is made again.
            $table->string('round', 32)->default('');
            // SHA-256 of the file, and the machine that made it.
            $table->string('print', 64)->nullable();
            $table->string('machine')->nullable();
            // Parts that several machines make it in.
            $table->unsignedInteger('parts')->default(0);
            // The queue knows who has it in hand.
            $table->dropColumn('heard_at');
        });
        Schema::create('film_parts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('hand_off_id')->constrained('hand_offs')->cascadeOnDelete();
            $table->string('round', 32);
            $table->unsignedInteger('number');
            $table->string('file');
            $table->unsignedBigInteger('bytes');
            $table->string('print', 64);
            $table->unique(['round', 'number']);
        });
        // What waits is ordered anew when Lupine starts; what the jobs said until now was for the database alone.
        DB::table('jobs')->whereIn('queue', ['soon', 'first', 'default'])->delete();
        DB::table('hand_offs')->where('status', 'cancelling')->update(['status' => 'cancelled']);
        DB::table('hand_offs')->where('status', 'running')->update(['status' => 'waiting']);
    }
};
