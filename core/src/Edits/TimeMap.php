<?php

declare(strict_types=1);

namespace Lupine\Core\Edits;

use Lupine\Core\Piece\Recording;
use Lupine\Core\Settings\Json;

/** Where frames go when some stretches of a piece take longer, or less long, than they did. */
final readonly class TimeMap
{
    /** @param non-empty-list<array{int, float}> $knots frames and where they go, both in order, from frame 0 on */
    public function __construct(private array $knots)
    {
    }

    public function at(int $frame): int
    {
        [[$from, $to], $slope] = $this->stretch($frame);

        return (int) round($to + ($frame - $from) * $slope);
    }

    /** How long a number of frames is that begin on a frame; 1 or more. */
    public function length(int $begin, int $frames): int
    {
        return max(1, $this->at($begin + $frames) - $this->at($begin));
    }

    /** How much longer everything takes about a frame. */
    public function slopeAt(int $frame): float
    {
        return $this->stretch($frame)[1];
    }

    /**
     * Takes everything along that stands on frames of its own: moves, the ends of emphases, how charts come, go and
     * run, and lines that a recording does not say. What hangs on a word or on another move stays with that.
     */
    public function move(Edited $edited, Recording $recording): void
    {
        foreach ($edited->moves() as $move) {
            if (($move->pin ?? null) === null && ($move->follow ?? null) === null) {
                $this->moveOne($move);
            }
            $emphasis = Json::object($move, 'emphasis');
            if ($emphasis !== null && is_int($emphasis->until ?? null)) {
                $emphasis->until = $this->at($emphasis->until);
            }
        }
        foreach ($edited->charts() as $chart) {
            foreach (['entrance', 'exit', 'run'] as $name) {
                $motion = Json::object($chart, $name);
                if ($motion !== null) {
                    $this->moveOne($motion);
                }
                foreach (Json::objects($motion->pins ?? null) as $moment) {
                    $moment->frame = $this->at(Json::whole($moment, 'frame'));
                }
            }
        }
        foreach ($edited->lines() as $line) {
            if (!isset($recording->heard[Json::text($line, 'id')])) {
                [$from, $to] = [Json::whole($line, 'begin'), Json::whole($line, 'end')];
                [$line->begin, $line->end] = [$this->at($from), $this->at($to)];
            }
        }
    }

    private function moveOne(\stdClass $one): void
    {
        $begin = Json::whole($one, 'begin');
        $slope = $this->slopeAt($begin);
        foreach (['overlap' => 0, 'wait' => 0, 'places' => 1] as $name => $least) {
            if (isset($one->{$name})) {
                $one->{$name} = max($least, (int) round(Json::whole($one, $name) * $slope));
            }
        }
        $one->frames = $this->length($begin, Json::whole($one, 'frames'));
        $one->begin = max(0, $this->at($begin));
    }

    /** @return array{array{int, float}, float} the knot before a frame, and how many frames become of one after it */
    private function stretch(int $frame): array
    {
        $found = [$this->knots[0], 1.0];
        foreach ($this->knots as $place => $knot) {
            $next = $this->knots[$place + 1] ?? null;
            $slope = $next === null || $next[0] === $knot[0] ? 1.0 : ($next[1] - $knot[1]) / ($next[0] - $knot[0]);
            if ($place === 0 || $frame >= $knot[0]) {
                $found = [$knot, $next === null ? $found[1] : $slope];
            }
        }

        return $found;
    }
}
