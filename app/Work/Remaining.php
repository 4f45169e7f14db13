<?php

declare(strict_types=1);

namespace App\Work;

use App\Film\FileKind;
use App\Models\HandOff;
use App\Models\WorkStatus;
use Illuminate\Support\Facades\DB;

/**
 * How long all that waits and is made will take, by how long the last files of each kind took. Where none of a kind was
 * made yet, nothing is said.
 */
final readonly class Remaining
{
    /** files of a kind that are looked at */
    private const LAST = 5;

    public function __construct(private Board $board, private Machines $machines)
    {
    }

    /** @return int|null seconds; null where nothing waits, or that cannot be known */
    public function seconds(): ?int
    {
        // Hundreds can wait, and this is asked twice a second.
        $frames = DB::table('hand_offs')
            ->where('status', WorkStatus::Waiting)
            ->groupBy('kind')
            ->selectRaw('kind, sum(frames_total) as frames')
            ->pluck('frames', 'kind')
            ->map(static fn (mixed $many): int => (int) $many)
            ->all();
        $films = HandOff::withoutDocument(HandOff::query());
        $films->where('status', WorkStatus::Running);
        $running = $films->get();
        foreach ($running as $film) {
            $kind = $film->kind->value;
            $left = max(0, $film->frames_total - $this->board->frames(...$film->keys()));
            $frames[$kind] = ($frames[$kind] ?? 0) + $left;
        }
        $seconds = 0.0;
        foreach ($frames as $kind => $many) {
            $each = self::secondsOfAFrame(FileKind::from($kind));
            if ($each === null) {
                return null;
            }
            $seconds += $many * $each;
        }

        return $frames === [] ? null : (int) ceil($seconds / max(1, $this->atOnce(count($running))));
    }

    private function atOnce(int $running): int
    {
        $makers = array_sum(array_map(static fn ($one): int => $one->workers, $this->machines->all() ?? []));

        return max($running, $makers);
    }

    private static function secondsOfAFrame(FileKind $kind): ?float
    {
        $frames = 0;
        $seconds = 0.0;
        $last = HandOff::withoutDocument(HandOff::query())
            ->where('kind', $kind)
            ->where('status', WorkStatus::Done)
            ->orderByDesc('ended_at')
            ->limit(self::LAST)
            ->get();
        foreach ($last as $film) {
            $seconds += $film->started_at !== null && $film->ended_at !== null
                ? $film->started_at->diffInMilliseconds($film->ended_at) / 1000
                : 0.0;
            $frames += $film->frames_total;
        }

        return $frames === 0 ? null : $seconds / $frames;
    }
}
