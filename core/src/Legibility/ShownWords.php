<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Steps;

/**
 * All texts of a reel on one frame, where their groups have moved them.
 *
 * @phpstan-type Group array{
 *     index: int, name: string, opacity: int|float,
 *     pose?: array{pivot: array{float, float}, x: int|float, y: int|float, size: int|float, turn: int|float}
 * }
 * @phpstan-type Line array{index: int, outline: int}
 * @phpstan-type Text array{
 *     index: int, run: int, x: int|float, y: int|float, scale: float, align: string, fill: string, reading: string|null
 * }
 */
final class ShownWords
{
    /** heights over the baseline, and below it, as parts of the size (common practice, no source) */
    private const CAPITALS = 0.7;
    /** font units in the size */
    private const EM = 1000;
    private const SEEN = 0.04;

    /** @var array<int, array<string, Steps>> by node and property */
    private readonly array $tracks;

    /** @var list<array{Text, list<Group>}> a text, and the groups that it stands in, outermost first */
    private array $leaves = [];

    /** @var list<array{Line, list<Group>}> lines to labels, and the groups they stand in */
    private array $lines = [];

    /** @var array<int, non-empty-list<int>> when each text changes */
    private array $changes = [];

    /** @var array<int, array{ShownWord|null, int, int}> each text as it was last, from when and until when */
    private array $kept = [];

    /** @var list<string> */
    private readonly array $outlines;

    /** @var list<array{string, float, list<int|float>}> */
    private readonly array $runs;

    /** @param array<string, mixed> $reel as docs/reel.md describes it */
    public function __construct(array $reel)
    {
        /** @var array{
         *     outlines: list<string>, runs: list<array{string, float, list<int|float>}>,
         *     nodes: list<array<string, mixed>>,
         *     tracks: list<array{node: int, property: string, frames: list<int>, values: list<float|string>}>
         * } $reel
         */
        $tracks = [];
        foreach ($reel['tracks'] as $track) {
            $tracks[$track['node']][$track['property']] = new Steps(array_combine($track['frames'], $track['values']));
        }
        $this->tracks = $tracks;
        $this->runs = $reel['runs'];
        $this->outlines = $reel['outlines'];
        $this->collect($reel['nodes'], []);
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
     * @param Text $text
     * @param list<Group> $groups
     *
     * @return non-empty-list<int> the frames on which anything about a text changes, rising; the first among them
     */
    private function changesOf(array $text, array $groups): array
    {
        $frames = [0 => true];
        foreach ([$text, ...$groups] as $node) {
            foreach ($this->tracks[$node['index']] ?? [] as $steps) {
                $frames += array_fill_keys($steps->frames, true);
            }
        }
        ksort($frames);

        return array_keys($frames);
    }

    /**
     * What the texts that are seen in groups of such names stand in.
     *
     * @return array<string, list<Box>> by the name of the group
     */
    public function named(int $frame, string $prefix): array
    {
        $boxes = [];
        foreach ($this->leaves as [$text, $groups]) {
            $name = (string) (end($groups)['name'] ?? '');
            $word = str_starts_with($name, $prefix) ? $this->word($text, $groups, $frame) : null;
            if ($word !== null) {
                $boxes[$name][] = $word->box;
            }
        }

        return $boxes;
    }

    /** @return list<string> the names of all groups that hold a text, innermost */
    public function groups(): array
    {
        return array_map(static fn (array $leaf): string => (string) (end($leaf[1])['name'] ?? ''), $this->leaves);
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
                $opacity *= $this->number($group['index'], 'opacity', $group['opacity'], $frame);
            }
            $outline = $this->outlines[(int) $this->number($line['index'], 'outline', $line['outline'], $frame)];
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
     * @param list<array<string, mixed>> $nodes
     * @param list<Group> $groups
     */
    private function collect(array $nodes, array $groups): void
    {
        foreach ($nodes as $node) {
            if ($node['kind'] === 'group') {
                /** @var list<array<string, mixed>> $children */
                $children = $node['children'];
                /** @var Group $node */
                $this->collect($children, [...$groups, $node]);
            } elseif ($node['kind'] === 'text') {
                /** @var Text $node */
                $this->leaves[] = [$node, $groups];
            } elseif (isset($node['stroke']) && str_starts_with((string) (end($groups)['name'] ?? ''), 'label-')) {
                $this->lines[] = [self::line($node), $groups];
            }
        }
    }

    /**
     * @param array<string, mixed> $node
     *
     * @return Line
     */
    private static function line(array $node): array
    {
        [$index, $outline] = [$node['index'], $node['outline']];
        \assert(is_int($index) && is_int($outline));

        return ['index' => $index, 'outline' => $outline];
    }

    /**
     * @param Text $text
     * @param list<Group> $groups
     */
    private function word(array $text, array $groups, int $frame): ?ShownWord
    {
        $opacity = 1.0;
        foreach ($groups as $group) {
            $opacity *= $this->number($group['index'], 'opacity', $group['opacity'], $frame);
        }
        [$said, $units] = $this->runs[(int) $this->number($text['index'], 'run', $text['run'], $frame)];
        if ($opacity < self::SEEN || trim($said) === '') {
            return null;
        }
        $size = $text['scale'] * self::EM;
        $width = $units * $text['scale'];
        $left = $this->number($text['index'], 'x', $text['x'], $frame) - $width * match ($text['align']) {
            'middle' => 0.5,
            'right' => 1.0,
            default => 0.0,
        };
        $base = $this->number($text['index'], 'y', $text['y'], $frame);
        $top = $base - $size * self::CAPITALS;
        $corners = array_map(
            fn (array $at): Point => $this->moved(new Point(...$at), $groups, $frame),
            [[$left, $top], [$left + $width, $top], [$left, $base], [$left + $width, $base]],
        );
        $xs = array_map(static fn (Point $point): float => $point->x, $corners);
        $ys = array_map(static fn (Point $point): float => $point->y, $corners);
        $box = new Box(min($xs), min($ys), max($xs) - min($xs), max($ys) - min($ys));
        // As large as its groups make it.
        $seen = $corners[0]->distanceTo($corners[2]) / self::CAPITALS;

        return new ShownWord(
            $said,
            $box,
            $seen,
            $text['fill'],
            $opacity,
            $text['reading'] !== null,
            $corners,
            ...self::owner($groups),
            isNear: $this->isNear($groups, $frame),
        );
    }

    /**
     * @param list<Group> $groups
     *
     * @return array{kind: string, owner: string, figure: string|null}
     */
    private static function owner(array $groups): array
    {
        $names = array_values(array_filter(
            array_column($groups, 'name'),
            static fn (string $name): bool => $name !== '@camera',
        ));
        $innermost = $names[count($names) - 1] ?? '';
        foreach (['label', 'name', 'legend', 'caption', 'tick'] as $kind) {
            if (str_starts_with($innermost, $kind.'-')) {
                return ['kind' => $kind, 'owner' => $names[0], 'figure' => substr($innermost, strlen($kind) + 1)];
            }
        }
        $kind = ['centre' => 'centre', 'axis-titles' => 'axis'][$innermost] ?? 'words';

        return ['kind' => $kind, 'owner' => $names[0] ?? '', 'figure' => null];
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

    /** @param list<Group> $groups */
    private function isNear(array $groups, int $frame): bool
    {
        foreach ($groups as $group) {
            if ($group['name'] === '@camera' && isset($group['pose'])) {
                return $this->number($group['index'], 'size', $group['pose']['size'], $frame) > 1.001;
            }
        }

        return false;
    }

    /** @param list<Group> $groups */
    private function moved(Point $point, array $groups, int $frame): Point
    {
        foreach (array_reverse($groups) as $group) {
            $pose = $group['pose'] ?? null;
            if ($pose === null) {
                continue;
            }
            [$x, $y] = $pose['pivot'];
            $size = $this->number($group['index'], 'size', $pose['size'], $frame);
            $turn = deg2rad($this->number($group['index'], 'turn', $pose['turn'], $frame));
            [$across, $down] = [($point->x - $x) * $size, ($point->y - $y) * $size];
            $moved = [
                $x + $this->number($group['index'], 'x', $pose['x'], $frame),
                $y + $this->number($group['index'], 'y', $pose['y'], $frame),
            ];
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
