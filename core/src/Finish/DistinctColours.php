<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

/**
 * Colours that can be told apart, from a swatch outward: each is the one farthest from all that are there, to the eye
 * that tells it from them worst (distance in OKLab; see ColourVision).
 */
final readonly class DistinctColours
{
    private const LIGHTNESSES = [0.6, 0.7, 0.8];
    private const HUES = 36;
    /** how much a distance counts that only one kind of colour vision lacks */
    private const OTHERS = 1.5;

    /**
     * @param non-empty-list<string> $there the first is the swatch that the others suit
     * @param int $count of colours in all, at least 1
     *
     * @return list<string> those that are there, and as many more as are missing
     */
    public static function of(array $there, int $count): array
    {
        $chroma = min(0.17, max(0.1, Colour::hex($there[0])->toOklch()[1]));
        $candidates = [];
        foreach (self::LIGHTNESSES as $lightness) {
            for ($step = 0; $step < self::HUES; ++$step) {
                $colour = Colour::oklch($lightness, $chroma, $step * 360 / self::HUES);
                $candidates[] = [$colour->toHex(), self::looks(Colour::hex($colour->toHex())), INF];
            }
        }
        $colours = $there;
        foreach ($there as $colour) {
            $candidates = self::nearer($candidates, self::looks(Colour::hex($colour)));
        }
        while (count($colours) < $count) {
            $best = 0;
            foreach ($candidates as $place => [, , $distance]) {
                $best = $distance > $candidates[$best][2] ? $place : $best;
            }
            $colours[] = $candidates[$best][0];
            $candidates = self::nearer($candidates, $candidates[$best][1]);
        }

        return $colours;
    }

    /**
     * @param list<array{string, list<array{float, float, float}>, float}> $candidates
     * @param list<array{float, float, float}> $looks
     *
     * @return list<array{string, list<array{float, float, float}>, float}>
     */
    private static function nearer(array $candidates, array $looks): array
    {
        foreach ($candidates as $place => [, $its, $distance]) {
            foreach ($looks as $vision => [$lightness, $a, $b]) {
                $far = hypot($lightness - $its[$vision][0], hypot($a - $its[$vision][1], $b - $its[$vision][2]));
                $distance = min($distance, $vision === 0 ? $far : $far * self::OTHERS);
            }
            $candidates[$place][2] = $distance;
        }

        return $candidates;
    }

    /** @return list<array{float, float, float}> in OKLab, to each kind of colour vision */
    private static function looks(Colour $colour): array
    {
        return array_map(
            static fn (ColourVision $vision): array => $colour->seenWith($vision)->toOklab(),
            ColourVision::cases(),
        );
    }
}
