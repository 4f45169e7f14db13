<?php

declare(strict_types=1);

namespace App\Tidy;

use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;

/**
 * Which revisions are kept: all of the last hour, then the last of every ten minutes for a day, the last of every day
 * for a month, and the last of every month. The one that a piece stands at, its first one, and those that were given a
 * name are kept whatever their age. Undo walks over the gaps. What was undone and is kept aside is
 * thinned by itself.
 */
final readonly class KeptRevisions
{
    private const HOUR = 3600;
    private const DAY = 86_400;
    private const MONTH = 30 * self::DAY;

    /** @return int how many were let go */
    public function thin(CarbonInterface $now): int
    {
        $gone = 0;
        $letGo = [];
        $later = null;
        // From the newest to the oldest of each piece, so that the first of a span is its last.
        $revisions = DB::table('revisions')
            ->join('pieces', 'pieces.id', '=', 'revisions.piece_id')
            ->where('revisions.created_at', '<', $now->copy()->subSeconds(self::HOUR))
            ->orderBy('revisions.piece_id')
            ->orderByDesc('revisions.number')
            ->select(['revisions.id', 'piece_id', 'number', 'head', 'name', 'aside', 'revisions.created_at']);
        foreach ($revisions->cursor() as $revision) {
            $span =
                $revision->piece_id.($revision->aside ? ' aside' : '').
                self::span((int) $now->diffInSeconds($revision->created_at, true), $revision->created_at);
            $isKept = $revision->number === 1 || $revision->number === $revision->head || $revision->name !== null;
            if (!$isKept && $span === $later) {
                $letGo[] = $revision->id;
            }
            $later = $span;
            if (count($letGo) === 500) {
                $gone += DB::table('revisions')->whereIn('id', $letGo)->delete();
                $letGo = [];
            }
        }

        return $gone + DB::table('revisions')->whereIn('id', $letGo)->delete();
    }

    /** The span of time that a revision stands for, as a name that those of the same span share. */
    private static function span(int $age, string $time): string
    {
        return match (true) {
            $age < self::DAY => ' m'.substr($time, 0, 15),
            $age < self::MONTH => ' d'.substr($time, 0, 10),
            default => ' y'.substr($time, 0, 7),
        };
    }
}
