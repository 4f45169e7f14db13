<?php

declare(strict_types=1);

namespace Lupine\Core\Labels;

use Lupine\Core\Form\Spread;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Polyline;

/**
 * Finds places for the labels beside a chart's marks: where they would stand alone, as long as none is in the way; else
 * in lanes beside the chart, in the order of their marks, and smaller where they have to be.
 */
final readonly class PlaceLabels
{
    /** how much smaller they become with each try, and at most */
    private const SMALLER = 0.93;
    private const SMALLEST = 0.5;

    /** between two of them in a lane, as a fraction of their height; and in a row, of the same */
    private const GAP = 0.45;
    private const ASIDE = 0.7;

    /** from the chart to a lane, and to the bend of a line, as multiples of a label's height */
    private const AWAY = 1.7;
    private const ELBOW = 0.55;

    /** how far a label can be from where it would stand alone without a line to its mark, in heights */
    private const NEAR = 0.9;

    /** how far the edge of the stage can push it, in heights */
    private const PUSHED = 0.35;

    /** as good as any distance, in pixels */
    private const FAR = 1e6;

    /** how often lines that cross are looked for */
    private const PASSES = 4;

    /** how much to a side those look at most that can go to the other */
    private const UPRIGHT = 0.6;

    /**
     * @param Box $bounds what none of them may leave
     * @param list<Box> $obstacles what none of them may stand over
     * @param Box $extent what all marks lie in
     * @param float $least pixels below which their height would not be read
     */
    public function __construct(
        private Box $bounds,
        private array $obstacles,
        private Box $extent,
        private Spread $spread,
        private float $least,
        private bool $hasLeaders,
    ) {
    }

    /**
     * @param list<Wish> $wishes
     * @param bool $isSpread whether they stand in lanes at any rate
     */
    public function place(array $wishes, float $factor = 1.0, bool $isSpread = false): Placing
    {
        if ($wishes === []) {
            return new Placing([], $factor, $isSpread);
        }
        $height = max(array_map(static fn (Wish $wish): float => $wish->height, $wishes));
        $smallest = min($factor, max(self::SMALLEST, $this->least / max(1e-9, $height)));
        for ($now = $factor;; $now = max($smallest, $now * self::SMALLER)) {
            if (!$isSpread && $this->isClear($wishes, $now)) {
                return new Placing($this->asWished($wishes, $now), $now, false);
            }
            $lanes = $this->spread === Spread::Stay ? null : $this->inLanes($wishes, $now);
            if ($lanes !== null) {
                return new Placing($lanes, $now, true);
            }
            if ($now <= $smallest) {
                return new Placing($this->withoutSome($wishes, $now), $now, $isSpread);
            }
        }
    }

    /**
     * What labels take beside a chart before anything else is there: each where it stands alone, or in lanes as long as
     * the room, so that the chart gives way to them.
     *
     * @param list<Wish> $wishes
     *
     * @return list<Box>
     */
    public static function room(array $wishes, Box $room, Box $extent, Spread $spread): array
    {
        $anywhere = Box::around($extent->middle(), self::FAR, self::FAR);
        $alone = new self($anywhere, [], $extent, $spread, 0.0, false);
        $places = [];
        if ($spread !== Spread::Stay && !$alone->isClear($wishes, 1.0)) {
            $long = $spread === Spread::Sides
                ? new Box($anywhere->left, $room->top, self::FAR, $room->height)
                : new Box($room->left, $anywhere->top, $room->width, self::FAR);
            $places = (new self($long, [], $extent, $spread, 0.0, false))->inLanes($wishes, 1.0) ?? [];
        }

        return array_map(
            static fn (Wish $wish): Box => $wish->box(1.0, ($places[$wish->figureId] ?? null)?->middle),
            $wishes,
        );
    }

    /**
     * @param list<Wish> $wishes
     *
     * @return array<string, Place>
     */
    private function asWished(array $wishes, float $factor): array
    {
        $places = [];
        foreach ($wishes as $wish) {
            $places[$wish->figureId] = $this->at($wish, $this->wanted($wish, $factor), $factor);
        }

        return $places;
    }

    /** Where it would stand alone, within the bounds. */
    private function wanted(Wish $wish, float $factor): Point
    {
        $at = $wish->wanted($factor);
        if ($wish->by !== null) {
            return $at;
        }
        [$half, $over] = [$wish->width * $factor / 2, $wish->height * $factor / 2];

        return new Point(
            max($this->bounds->left + $half, min($this->bounds->right() - $half, $at->x)),
            max($this->bounds->top + $over, min($this->bounds->bottom() - $over, $at->y)),
        );
    }

    /**
     * Those that have no room are left out, the smallest first.
     *
     * @param list<Wish> $wishes
     *
     * @return array<string, Place>
     */
    private function withoutSome(array $wishes, float $factor): array
    {
        $left = $wishes;
        $rank = static fn (Wish $wish): array => [$wish->by !== null, $wish->weight];
        usort($left, static fn (Wish $a, Wish $b): int => $rank($b) <=> $rank($a));
        [$kept, $boxes] = [new \SplObjectStorage(), []];
        foreach ($left as $wish) {
            $box = $wish->box($factor, $this->wanted($wish, $factor));
            if ($this->isClearOf($boxes, $wish, $box, $factor)) {
                $kept->attach($wish);
                $boxes[] = $box;
            }
        }
        $places = [];
        foreach ($wishes as $wish) {
            $place = $this->at($wish, $this->wanted($wish, $factor), $factor);
            $places[$wish->figureId] = new Place($place->middle, $kept->contains($wish), $place->elbow);
        }

        return $places;
    }

    /** A label at a place, with a line to its mark where it stands away from it. */
    private function at(Wish $wish, Point $middle, float $factor): Place
    {
        $near = self::NEAR * $wish->height * $factor;
        $alone = $wish->by === null ? $wish->wanted($factor) : $wish->middle;
        $isNear = $middle->distanceTo($alone) <= $near;

        return new Place(
            $middle,
            true,
            $isNear || !$this->hasLeaders ? null : $this->elbow($wish, $factor),
        );
    }

    /**
     * Whether none is in the way of another, leaves the bounds or stands over an obstacle.
     *
     * @param list<Wish> $wishes
     */
    private function isClear(array $wishes, float $factor): bool
    {
        $boxes = [];
        foreach ($wishes as $wish) {
            $box = $wish->box($factor, $this->wanted($wish, $factor));
            if (!$this->isClearOf($boxes, $wish, $box, $factor)) {
                return false;
            }
            $boxes[] = $box;
        }

        return true;
    }

    /**
     * @param list<Box> $boxes of others
     * @param Box $box of this one
     */
    private function isClearOf(array $boxes, Wish $wish, Box $box, float $factor): bool
    {
        // What a hand has placed stays, whatever it stands over.
        if ($wish->by === null && (!$this->isFree($box) || $this->isPushed($wish, $factor))) {
            return false;
        }
        $near = self::GAP * $wish->height * $factor / 2;
        foreach ($boxes as $other) {
            if ($box->meets($other, $near)) {
                return false;
            }
        }

        return true;
    }

    /** Whether the bounds hold it so far from where it would stand that it could stand over its mark. */
    private function isPushed(Wish $wish, float $factor): bool
    {
        $by = $this->wanted($wish, $factor)->distanceTo($wish->wanted($factor));

        return $by > self::PUSHED * $wish->height * $factor;
    }

    private function isFree(Box $box): bool
    {
        if (!$this->bounds->surrounds($box)) {
            return false;
        }
        foreach ($this->obstacles as $obstacle) {
            if ($box->meets($obstacle, 0.0)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<Wish> $wishes
     *
     * @return array<string, Place>|null null where they do not fit
     */
    private function inLanes(array $wishes, float $factor): ?array
    {
        $isUpright = $this->spread === Spread::Sides;
        $fixed = array_values(array_filter($wishes, static fn (Wish $wish): bool => $wish->by !== null));
        $free = array_values(array_filter($wishes, static fn (Wish $wish): bool => $wish->by === null));
        $obstacles = [...$this->obstacles, ...array_map(static fn (Wish $wish): Box => $wish->box($factor), $fixed)];
        $ways = $isUpright ? [self::ownSides($free), self::sides($free)] : [self::rows($free)];
        foreach ($ways as [$left, $right]) {
            $one = $this->inLane($left, $factor, false, $obstacles);
            $other = $one === null ? null : $this->inLane($right, $factor, true, $obstacles);
            if ($one !== null && $other !== null) {
                $places = $one + $other;
                foreach ($fixed as $wish) {
                    $places[$wish->figureId] = $this->at($wish, $wish->wanted($factor), $factor);
                }

                return $places;
            }
        }

        return null;
    }

    /**
     * Above and below: each as its mark looks; where all look the same way by turns, so that each has twice the room.
     *
     * @param list<Wish> $wishes
     *
     * @return array{list<Wish>, list<Wish>}
     */
    private static function rows(array $wishes): array
    {
        $rows = [[], []];
        $looks = array_unique(array_map(static fn (Wish $wish): bool => $wish->rim->y < 0, $wishes));
        foreach ($wishes as $index => $wish) {
            $rows[count($looks) > 1 ? (int) ($wish->rim->y >= 0) : $index % 2][] = $wish;
        }

        return $rows;
    }

    /**
     * @param list<Wish> $wishes
     *
     * @return array{list<Wish>, list<Wish>}
     */
    private static function ownSides(array $wishes): array
    {
        return [
            array_values(array_filter($wishes, static fn (Wish $wish): bool => $wish->rim->x < 0)),
            array_values(array_filter($wishes, static fn (Wish $wish): bool => $wish->rim->x >= 0)),
        ];
    }

    /**
     * Each to its own side; of those near the top and the bottom some go to the other, where that has more room.
     *
     * @param list<Wish> $wishes
     *
     * @return array{list<Wish>, list<Wish>}
     */
    private static function sides(array $wishes): array
    {
        [$left, $right] = self::ownSides($wishes);
        $fewer = count($left) < count($right);
        [$from, $to] = $fewer ? [$right, $left] : [$left, $right];
        uasort($from, static fn (Wish $a, Wish $b): int => abs($a->rim->x) <=> abs($b->rim->x));
        foreach ($from as $index => $wish) {
            if (count($from) - count($to) < 3 || abs($wish->rim->x) > self::UPRIGHT) {
                break;
            }
            unset($from[$index]);
            $to[] = $wish;
        }

        return $fewer ? [array_values($to), array_values($from)] : [array_values($from), array_values($to)];
    }

    /** How far down a label stands in the order of its lane; one of the other side before or after all of them. */
    private function down(Wish $wish, bool $isFar): float
    {
        $y = $wish->rim->at->y;
        $isOfOther = ($wish->rim->x >= 0) !== $isFar && abs($wish->rim->x) > 1e-9;
        if (!$isOfOther) {
            return $y;
        }

        return $wish->rim->y < 0 ? 2 * $this->extent->top - $y : 2 * $this->extent->bottom() - $y;
    }

    /**
     * @param list<Wish> $lane
     * @param bool $isFar to the right, or below
     * @param list<Box> $obstacles
     *
     * @return array<string, Place>|null
     */
    private function inLane(array $lane, float $factor, bool $isFar, array $obstacles): ?array
    {
        if ($lane === []) {
            return [];
        }
        $isUpright = $this->spread === Spread::Sides;
        usort($lane, fn (Wish $a, Wish $b): int => $isUpright
            ? $this->down($a, $isFar) <=> $this->down($b, $isFar)
            : $a->rim->at->x <=> $b->rim->at->x);
        $high = max(array_map(static fn (Wish $wish): float => $wish->height, $lane)) * $factor;
        $wide = max(array_map(static fn (Wish $wish): float => $wish->width, $lane)) * $factor;
        $away = self::AWAY * $high;
        $strip = match (true) {
            $isUpright && $isFar => new Box($this->extent->right() + $away, -self::FAR, $wide, 2 * self::FAR),
            $isUpright => new Box($this->extent->left - $away - $wide, -self::FAR, $wide, 2 * self::FAR),
            $isFar => new Box(-self::FAR, $this->extent->bottom() + $away, 2 * self::FAR, $high),
            default => new Box(-self::FAR, $this->extent->top - $away - $high, 2 * self::FAR, $high),
        };
        $bounds = $this->lane($strip, $isUpright, $obstacles);
        if ($bounds === null) {
            return null;
        }
        $middles = Lane::place(
            array_map(fn (Wish $wish): float => $isUpright ? $this->down($wish, $isFar) : $wish->middle->x, $lane),
            array_map(static fn (Wish $wish): float => ($isUpright ? $wish->height : $wish->width) * $factor, $lane),
            ($isUpright ? self::GAP : self::ASIDE) * $high,
            ...$bounds,
        );
        if ($middles === null) {
            return null;
        }
        $side = $isFar ? $strip->left : $strip->right();
        $lane = $this->uncrossed($lane, $middles, $isUpright ? $side : null, $factor);
        $places = [];
        foreach ($lane as $index => $wish) {
            $half = $wish->width * $factor / 2;
            $middle = $isUpright
                ? new Point($isFar ? $strip->left + $half : $strip->right() - $half, $middles[$index])
                : new Point($middles[$index], $strip->middle()->y);
            $elbow = $this->hasLeaders ? $this->elbow($wish, $factor) : null;
            $places[$wish->figureId] = new Place($middle, true, $elbow);
        }

        return $places;
    }

    /** How far out of its mark a line goes before it bends, in pixels. */
    public static function elbowOut(float $height, float $factor): float
    {
        return self::ELBOW * $height * $factor;
    }

    private function elbow(Wish $wish, float $factor): Point
    {
        return $wish->rim->toward($wish->wanted($factor))->out(self::elbowOut($wish->height, $factor));
    }

    /**
     * Two whose lines cross change places where they do not cross then.
     *
     * @param list<Wish> $lane
     * @param list<float> $middles
     * @param float|null $side of an upright lane, where lines end; null: of a level one, whose lines do not cross
     *
     * @return list<Wish>
     */
    private function uncrossed(array $lane, array $middles, ?float $side, float $factor): array
    {
        if ($side === null || !$this->hasLeaders) {
            return $lane;
        }
        $count = count($lane);
        $stubs = array_map(fn (Wish $wish): array => [$wish->rim->at, $this->elbow($wish, $factor)], $lane);
        $ends = array_map(static fn (float $middle): Point => new Point($side, $middle), $middles);
        $crosses = static fn (int $one, int $end, int $other, int $otherEnd): bool => Polyline::doCross(
            [...$stubs[$one], $ends[$end]],
            [...$stubs[$other], $ends[$otherEnd]],
        );
        for ($pass = 0, $isCrossed = true; $isCrossed && $pass < self::PASSES; ++$pass) {
            $isCrossed = false;
            for ($one = 0; $one < $count; ++$one) {
                for ($other = $one + 1; $other < $count; ++$other) {
                    if ($crosses($one, $one, $other, $other) && !$crosses($one, $other, $other, $one)) {
                        [$lane[$one], $lane[$other]] = [$lane[$other], $lane[$one]];
                        [$stubs[$one], $stubs[$other]] = [$stubs[$other], $stubs[$one]];
                        $isCrossed = true;
                    }
                }
            }
        }

        return array_values($lane);
    }

    /**
     * How far a lane goes both ways from the middle of the chart before something is in the way.
     *
     * @param list<Box> $obstacles
     *
     * @return array{float, float}|null
     */
    private function lane(Box $strip, bool $isUpright, array $obstacles): ?array
    {
        if ($isUpright && ($strip->left < $this->bounds->left || $strip->right() > $this->bounds->right())) {
            return null;
        }
        if (!$isUpright && ($strip->top < $this->bounds->top || $strip->bottom() > $this->bounds->bottom())) {
            return null;
        }
        $middle = $isUpright ? $this->extent->middle()->y : $this->extent->middle()->x;
        [$from, $to] = $isUpright
            ? [$this->bounds->top, $this->bounds->bottom()]
            : [$this->bounds->left, $this->bounds->right()];
        foreach ($obstacles as $obstacle) {
            if (!$obstacle->meets($strip, 0.0)) {
                continue;
            }
            [$begins, $ends] = $isUpright
                ? [$obstacle->top, $obstacle->bottom()]
                : [$obstacle->left, $obstacle->right()];
            if (($begins + $ends) / 2 < $middle) {
                $from = max($from, $ends);
            } else {
                $to = min($to, $begins);
            }
        }

        return $to > $from ? [$from, $to] : null;
    }
}
