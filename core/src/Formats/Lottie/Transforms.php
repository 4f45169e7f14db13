<?php

declare(strict_types=1);

namespace Lupine\Core\Formats\Lottie;

use Lupine\Core\Drawing\Pose;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;

/**
 * Where layers and groups of shapes stand.
 *
 * Source: Lottie Specification 1.0, “Helpers”, Transform.
 */
final readonly class Transforms
{
    public function __construct(private FrameRange $range)
    {
    }

    /** @return array<string, mixed> */
    public function posed(Pose $pose): array
    {
        $pivot = $pose->pivot;
        $places = $pose->x->with($pose->y, static fn (float $x, float $y): array => [
            $pivot->x + $x,
            $pivot->y + $y,
            0.0,
        ]);

        return [
            'a' => ['a' => 0, 'k' => [Keys::round($pivot->x), Keys::round($pivot->y), 0]],
            'p' => Keys::list($this->values($places, static fn (array $at): array => $at)),
            's' => Keys::list($this->values(
                $pose->size,
                static fn (float $size): array => [100 * $size, 100 * $size, 100.0],
            )),
            'r' => Keys::number($this->values($pose->turn, static fn (float $turn): float => $turn)),
            'o' => ['a' => 0, 'k' => 100],
        ];
    }

    /**
     * @param array{float, float} $at
     * @param array{float, float} $from
     *
     * @return array<string, mixed>
     */
    public static function placed(array $at = [0.0, 0.0], array $from = [0.0, 0.0]): array
    {
        return [
            'a' => ['a' => 0, 'k' => [...$from, 0]],
            'p' => ['a' => 0, 'k' => [...$at, 0]],
            's' => ['a' => 0, 'k' => [100, 100, 100]],
            'r' => ['a' => 0, 'k' => 0],
            'o' => ['a' => 0, 'k' => 100],
        ];
    }

    /**
     * @param list<array<string, mixed>> $shapes
     * @param array{float, float} $scale in per cent
     * @param array<string, mixed> $place
     *
     * @return array<string, mixed>
     */
    public static function grouped(array $shapes, array $scale, array $place = ['a' => 0, 'k' => [0, 0]]): array
    {
        return ['ty' => 'gr', 'it' => [...$shapes, [
            'ty' => 'tr',
            'a' => ['a' => 0, 'k' => [0, 0]],
            'p' => $place,
            's' => ['a' => 0, 'k' => [round($scale[0], 6), round($scale[1], 6)]],
            'r' => ['a' => 0, 'k' => 0],
            'o' => ['a' => 0, 'k' => 100],
        ]]];
    }

    /**
     * @template T
     * @template V
     *
     * @param Track<T> $track
     * @param \Closure(T): V $said
     *
     * @return non-empty-array<int, V> by frames counted from the first, where it changes
     */
    public function values(Track $track, \Closure $said): array
    {
        $frames = Tracks::frames([$track], $this->range);

        return array_map(static fn (int $frame): mixed => $said($track->at($frame)), $frames);
    }
}
