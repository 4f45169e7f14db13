<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Steps;
use Lupine\Core\Reel\Reel;
use Lupine\Core\Reel\ReelGroup;
use Lupine\Core\Reel\ReelPath;
use Lupine\Core\Reel\ReelText;
use Lupine\Core\Reel\Role;

/**
 * All texts of a reel on one frame, where their groups have moved them.
 */
final class ShownWords
{
    /** heights over the baseline, and below it, as parts of the size (common practice, no source) */
    private const CAPITALS = 0.7;
    /** font units in the size */
    private const EM = 1000;
    private const SEEN = 0.04;

    /** radians that a stretch of a text on a circle turns by, and how many of them there are at most */
    private const STRAIGHT = 0.2;
    private const STRETCHES = 24;

    /** @var array<int, array<string, Steps>> by node and property */
    private readonly array $tracks;

    /** @var list<array{ReelText, list<ReelGroup>}> a text, and the groups that it stands in, outermost first */
    private array $leaves = [];

    /** @var list<array{ReelPath, list<ReelGroup>}> lines to labels, and the groups they stand in */
    private array $lines = [];

    /** @var array<int, non-empty-list<int>> when each text changes */
    private array $changes = [];

    /** @var array<int, array{ShownWord|null, int, int}> each text as it was last, from when and until when */
    private array $kept = [];

    /** @var list<string> */
    private readonly array $outlines;

    /** @var list<array{string, float, list<int|float>}> */
    private readonly array $runs;

    public function __construct(Reel $reel)
    {
        $tracks = [];
        foreach ($reel->tracks as $track) {
            $tracks[$track->node][$track->property] = new Steps(array_combine($track->frames, $track->values));
        }
        $this->tracks = $tracks;
        $this->runs = $reel->runs;
        $this->outlines = $reel->outlines;
        $this->collect($reel->nodes, []);
    }

    /** @return array<int, ShownWord> those that can be seen; as long as nothing about one changes, it is the same */
    public function at(int $frame): array
    {
        $words = [];
        foreach ($this->leaves as $leaf => [$text, $groups]) {
            [$word, $from, $until] = $this->kept[$leaf] ?? [null, 0, 0];
            if ($frame < $from || $frame >= $until) {
                [$from, $until] = $this->span($leaf, $frame);
                $word = $this->word($text, $groups, $frame);
                $this->kept[$leaf] = [$word, $from, $until];
            }
            if ($word !== null) {
                $words[$leaf] = $word;
            }
        }

        return $words;
    }

    /** @return array{int, int} from when to when a text is as it is on a frame; the end is not of it */
    private function span(int $leaf, int $frame): array
    {
        $changes = $this->changes[$leaf] ??= $this->changesOf(...$this->leaves[$leaf]);
        [$low, $high] = [0, count($changes)];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($changes[$middle] <= $frame) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return [$changes[$low], $changes[$high] ?? PHP_INT_MAX];
    }

    /**
     * @param list<ReelGroup> $groups
     *
     * @return non-empty-list<int> the frames on which anything about a text changes, rising; the first among them
     */
    private function changesOf(ReelText $text, array $groups): array
    {
        $frames = [0 => true];
        foreach ([$text, ...$groups] as $node) {
            foreach ($this->tracks[$node->index] ?? [] as $steps) {
                $frames += array_fill_keys($steps->frames, true);
            }
        }
        ksort($frames);

        return array_keys($frames);
    }

    /** @return array<string, true> by figure id: of a chart's figures, those that have a label on any frame */
    public function labelled(string $chart): array
    {
        $there = [];
        foreach ($this->leaves as [, $groups]) {
            ['kind' => $kind, 'owner' => $owner, 'figure' => $figure] = self::owner($groups);
            if ($kind === 'label' && $owner === $chart) {
                $there[(string) $figure] = true;
            }
        }

        return $there;
    }

    /**
     * The lines that lead to labels on a frame: points of the stage, one after the other.
     *
     * @return list<list<Point>>
     */
    public function leaders(int $frame): array
    {
        $leaders = [];
        foreach ($this->lines as [$line, $groups]) {
            $opacity = 1.0;
            foreach ($groups as $group) {
                $opacity *= $this->number($group->index, 'opacity', $group->opacity, $frame);
            }
            $outline = $this->outlines[(int) $this->number($line->index, 'outline', $line->outline, $frame)];
            preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $outline, $found, PREG_SET_ORDER);
            if ($opacity >= self::SEEN && count($found) > 1) {
                $leaders[] = array_map(
                    fn (array $at): Point => $this->moved(new Point((float) $at[1], (float) $at[2]), $groups, $frame),
                    $found,
                );
            }
        }

        return $leaders;
    }

    /**
     * @param list<ReelGroup|ReelPath|ReelText> $nodes
     * @param list<ReelGroup> $groups
     */
    private function collect(array $nodes, array $groups): void
    {
        foreach ($nodes as $node) {
            if ($node instanceof ReelGroup) {
                $this->collect($node->children, [...$groups, $node]);
            } elseif ($node instanceof ReelText) {
                $this->leaves[] = [$node, $groups];
            } elseif ($node->stroke !== null && $groups !== [] && end($groups)->role === Role::Label) {
                $this->lines[] = [$node, $groups];
            }
        }
    }

    /** @param list<ReelGroup> $groups */
    private function word(ReelText $text, array $groups, int $frame): ?ShownWord
    {
        $opacity = 1.0;
        foreach ($groups as $group) {
            $opacity *= $this->number($group->index, 'opacity', $group->opacity, $frame);
        }
        [$said, $units] = $this->runs[(int) $this->number($text->index, 'run', $text->run, $frame)];
        if ($opacity < self::SEEN || trim($said) === '') {
            return null;
        }
        $size = $text->scale * self::EM;
        $width = $units * $text->scale;
        $left = $this->number($text->index, 'x', $text->x, $frame) - $width * match ($text->align) {
            'middle' => 0.5,
            'right' => 1.0,
            default => 0.0,
        };
        $base = $this->number($text->index, 'y', $text->y, $frame);
        $top = $base - $size * self::CAPITALS;
        $at = new Point($this->number($text->index, 'x', $text->x, $frame), $base);
        $stretches = array_map(fn (array $corners): array => array_map(
            fn (array $corner): Point => $this->moved(self::bent(new Point(...$corner), $at, $text), $groups, $frame),
            $corners,
        ), self::stretches($left, $width, $top, $base, $text->bend));
        $corners = array_merge(...$stretches);
        $xs = array_map(static fn (Point $point): float => $point->x, $corners);
        $ys = array_map(static fn (Point $point): float => $point->y, $corners);
        $box = new Box(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
        // As large as its groups make it.
        $seen = $corners[0]->distanceTo($corners[2]) / self::CAPITALS;

        return new ShownWord(
            $said,
            $box,
            $seen,
            $text->inks === [] ? [$text->fill] : $text->inks,
            $text->edge,
            $opacity,
            $text->reading !== null,
            $stretches,
            ...self::owner($groups),
            isNear: $this->isNear($groups, $frame),
        );
    }

    /**
     * A straight line as it is; one on a circle in stretches that are almost straight.
     *
     * @return non-empty-list<non-empty-list<array{float, float}>> of each top left and right, bottom left and right
     */
    private static function stretches(float $left, float $width, float $top, float $base, ?float $bend): array
    {
        $count = $bend === null ? 1 : max(1, min(self::STRETCHES, (int) ceil(abs($width / $bend) / self::STRAIGHT)));

        return array_map(static function (int $place) use ($left, $width, $top, $base, $count): array {
            [$from, $to] = [$left + $width * $place / $count, $left + $width * ($place + 1) / $count];

            return [[$from, $top], [$to, $top], [$from, $base], [$to, $base]];
        }, range(0, $count - 1));
    }

    /** Where a point of a straight line is on the circle that the line is bent to. */
    private static function bent(Point $point, Point $at, ReelText $text): Point
    {
        if ($text->bend === null) {
            return $point;
        }
        $turn = ($point->x - $at->x) / $text->bend;
        $radius = $text->bend + $at->y - $point->y;

        return new Point($at->x + $radius * sin($turn), $at->y + $text->bend - $radius * cos($turn));
    }

    /**
     * @param list<ReelGroup> $groups
     *
     * @return array{kind: string, owner: string, figure: string|null}
     */
    private static function owner(array $groups): array
    {
        $owner = '';
        foreach ($groups as $group) {
            $kind = match ($group->role) {
                Role::Label => 'label',
                Role::Name => 'name',
                Role::LegendRow => 'legend',
                Role::Caption => 'caption',
                Role::Tick => 'tick',
                Role::Centre => 'centre',
                Role::AxisTitle => 'axis',
                default => null,
            };
            if ($owner === '' && in_array($group->role, [Role::Chart, Role::Words, Role::Caption], true)) {
                $owner = (string) $group->of;
            }
            if ($kind !== null) {
                return ['kind' => $kind, 'owner' => $owner, 'figure' => $group->of];
            }
        }

        return ['kind' => 'words', 'owner' => $owner, 'figure' => null];
    }

    /** @return list<int> the frames on which anything about a text changes, rising; the first among them */
    public function changes(): array
    {
        $frames = [0 => true];
        foreach ($this->leaves as $leaf => [$text, $groups]) {
            $frames += array_fill_keys($this->changes[$leaf] ??= $this->changesOf($text, $groups), true);
        }
        ksort($frames);

        return array_keys($frames);
    }

    /** @param list<ReelGroup> $groups */
    private function isNear(array $groups, int $frame): bool
    {
        foreach ($groups as $group) {
            if ($group->role === Role::Camera && $group->pose !== null) {
                return $this->number($group->index, 'size', $group->pose->size, $frame) > 1.001;
            }
        }

        return false;
    }

    /** @param list<ReelGroup> $groups */
    private function moved(Point $point, array $groups, int $frame): Point
    {
        foreach (array_reverse($groups) as $group) {
            $pose = $group->pose;
            if ($pose === null) {
                continue;
            }
            [$x, $y] = $pose->pivot;
            $number = fn (string $property, int|float $plain): float => $this->number(
                $group->index,
                $property,
                $plain,
                $frame,
            );
            $size = $number('size', $pose->size);
            $turn = deg2rad($number('turn', $pose->turn));
            [$across, $down] = [($point->x - $x) * $size, ($point->y - $y) * $size];
            $moved = [$x + $number('x', $pose->x), $y + $number('y', $pose->y)];
            $point = new Point(
                $moved[0] + $across * cos($turn) - $down * sin($turn),
                $moved[1] + $across * sin($turn) + $down * cos($turn),
            );
        }

        return $point;
    }

    private function number(int $node, string $property, int|float $constant, int $frame): float
    {
        $steps = $this->tracks[$node][$property] ?? null;

        return $steps === null ? (float) $constant : (float) $steps->at($frame);
    }
}
