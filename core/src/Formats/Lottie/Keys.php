<?php

declare(strict_types=1);

namespace Lupine\Core\Formats\Lottie;

/**
 * Values over time as the vector format has them: still, or with keyframes. From one frame to the next a value goes
 * straight, so that a player with more pictures in a second has them; over longer times it stands.
 *
 * Source: Lottie Specification 1.0, “Properties”: Scalar, Vector, Bezier Shape and Gradient, Base Keyframe, Easing.
 */
final readonly class Keys
{
    private const STRAIGHT = ['o' => ['x' => [0], 'y' => [0]], 'i' => ['x' => [1], 'y' => [1]]];

    /**
     * @param non-empty-array<int, float> $values by frame, where they change
     *
     * @return array<string, mixed>
     */
    public static function number(array $values, bool $goes = true): array
    {
        $lists = array_map(static fn (float $value): array => [self::round($value, 4)], $values);

        return self::property($lists, static fn (array $value): mixed => $value[0], $goes);
    }

    /**
     * @param non-empty-array<int, list<float>> $values by frame, where they change
     *
     * @return array<string, mixed>
     */
    public static function list(array $values, bool $goes = true): array
    {
        $rounded = array_map(
            static fn (array $value): array => array_map(static fn (float $one): float => self::round($one, 4), $value),
            $values,
        );

        return self::property($rounded, static fn (array $value): array => $value, $goes);
    }

    /**
     * @param non-empty-array<int, Bezier> $values by frame, where they change
     *
     * @return array<string, mixed>
     */
    public static function shape(array $values, bool $goes = true): array
    {
        // Players take the first for how many points there are.
        $most = max(array_map(static fn (Bezier $one): int => $one->count(), $values));
        $counts = array_map(static fn (Bezier $one): int => $one->count(), $values);
        $listed = array_map(static fn (Bezier $one): array => [$one->with($most)->toArray()], $values);
        $isAlike = static fn (int $one, int $other): bool => $counts[$one] === $counts[$other];

        return self::property($listed, static fn (array $value): mixed => $value[0], $goes, $isAlike);
    }

    public static function round(float $value, int $digits = 3): float
    {
        // Without minus nought.
        return round($value, $digits) + 0.0;
    }

    /**
     * @param non-empty-array<int, list<mixed>> $values
     * @param \Closure(list<mixed>): mixed $still
     * @param (\Closure(int, int): bool)|null $isAlike whether that of one frame can go straight to that of the other
     *
     * @return array<string, mixed>
     */
    private static function property(array $values, \Closure $still, bool $goes, ?\Closure $isAlike = null): array
    {
        $kept = self::changing($values);
        if (count($kept) === 1) {
            return ['a' => 0, 'k' => $still(reset($kept))];
        }
        $frames = array_keys($kept);
        $keys = [];
        foreach ($frames as $place => $frame) {
            $next = $frames[$place + 1] ?? null;
            $isStep = !$goes || $next !== $frame + 1 || ($isAlike !== null && !$isAlike($frame, $next));
            $keys[] = ['t' => $frame, 's' => $kept[$frame], ...$isStep ? ['h' => 1] : self::STRAIGHT];
        }

        return ['a' => 1, 'k' => $keys];
    }

    /**
     * Without those that are what the one before is.
     *
     * @param non-empty-array<int, list<mixed>> $values
     *
     * @return non-empty-array<int, list<mixed>>
     */
    private static function changing(array $values): array
    {
        $kept = [];
        $last = null;
        foreach ($values as $frame => $value) {
            if ($kept === [] || $value !== $last) {
                $kept[$frame] = $value;
            }
            $last = $value;
        }

        return $kept;
    }
}
