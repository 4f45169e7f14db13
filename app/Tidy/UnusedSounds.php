<?php

declare(strict_types=1);

namespace App\Tidy;

use App\Models\Listening;
use App\Models\Sound;
use App\Voice\SoundStore;
use App\Voice\Uploads;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;

/** Sounds that no piece, no step of undo and no film speaks of, what is left of uploads, and listenings of the past. */
final readonly class UnusedSounds
{
    /** days that a sound is kept which nothing speaks of: a piece in a file may still come back with it */
    public const DAYS = 30;

    private const HOURS = 24;

    public function __construct(private SoundStore $store, private Uploads $uploads)
    {
    }

    /** @return int how many sounds went */
    public function sweep(CarbonInterface $now): int
    {
        Listening::query()->where('created_at', '<', $now->copy()->subHours(self::HOURS))->delete();
        $this->uploads->sweep($now->copy()->subHours(self::HOURS)->getTimestamp(), withTaken: true);
        $gone = 0;
        $old = Sound::query()->where('updated_at', '<', $now->copy()->subDays(self::DAYS));
        foreach ($old->pluck('id') as $id) {
            if (is_string($id) && !self::isUsed($id)) {
                $this->store->drop($id);
                ++$gone;
            }
        }

        return $gone;
    }

    private static function isUsed(string $id): bool
    {
        foreach (['revisions', 'hand_offs'] as $table) {
            if (DB::table($table)->where('document', 'like', '%'.$id.'%')->exists()) {
                return true;
            }
        }

        return false;
    }
}
