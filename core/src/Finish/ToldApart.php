<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

/** How well colours can be told apart, by everybody and by those who see fewer colours; and how to mend it. */
final class ToldApart
{
    /**
     * CIEDE2000 from which on two parts are told apart. Okabe and Ito’s eight colours, which are made for that, are at
     * least 10.8 apart to every kind of colour vision (measured).
     */
    public const ENOUGH = 10.0;

    /** what a colour is moved by at once, in OKLab, and how often at most, times the number of colours */
    private const STEP = 0.024;
    private const MOVES = 2400;
    private const LENGTHS = [1.0, 0.6, 2.6, 1.0, 0.4, 4.5];

    /** what it costs to leave the place where a colour was, against what it gains; tried out */
    private const LEAVING = 6.0;

    /** how much better a repaired set is than it must be, so that rounding to 8 bits does not undo it */
    private const SPARE = 0.25;

    /** distance in OKLab that colours keep from their ground */
    private const OFF_GROUND = 0.16;

    /** @var list<array{float, float, float}> ways to go: along each axis of OKLab, and between them */
    private static array $ways = [];

    /** @var array<string, list<array{float, float, float}>> by colour: the same are asked for many times */
    private static array $looks = [];

    /**
     * Pairs that are hard to tell apart, the nearest first.
     *
     * @param list<string> $colours
     *
     * @return list<array{int, int, ColourVision, float}> places of the two, for whom, and how far apart they are
     */
    public static function alike(array $colours, float $enough = self::ENOUGH): array
    {
        $looks = array_map(self::looks(...), $colours);
        $alike = [];
        foreach ($looks as $one => $its) {
            for ($other = $one + 1; $other < count($looks); ++$other) {
                [$far, $vision] = self::nearest($its, $looks[$other]);
                if ($far < $enough) {
                    $alike[] = [$one, $other, $vision, $far];
                }
            }
        }
        usort($alike, static fn (array $a, array $b): int => $a[3] <=> $b[3]);

        return $alike;
    }

    /**
     * Pairs that are alike in a picture without colours, the nearest first.
     *
     * @param list<string> $colours
     *
     * @return list<array{int, int, float}> places of the two, and how far apart they are
     */
    public static function greyAlike(array $colours): array
    {
        $greys = array_map(static fn (string $one): array => [Colour::hex($one)->toLab()[0], 0.0, 0.0], $colours);
        $alike = [];
        foreach ($greys as $one => $its) {
            for ($other = $one + 1; $other < count($greys); ++$other) {
                $far = Ciede2000::between($its, $greys[$other]);
                if ($far < self::ENOUGH) {
                    $alike[] = [$one, $other, $far];
                }
            }
        }
        usort($alike, static fn (array $a, array $b): int => $a[2] <=> $b[2]);

        return $alike;
    }

    /**
     * How far each pair is apart to one kind of colour vision.
     *
     * @param list<string> $colours
     *
     * @return list<array{int, int, float}> places of the two, and CIEDE2000 between them
     */
    public static function distances(array $colours, ColourVision $vision): array
    {
        $looks = array_map(static fn (string $one): array => Colour::hex($one)->seenWith($vision)->toLab(), $colours);
        $distances = [];
        foreach ($looks as $one => $its) {
            for ($other = $one + 1; $other < count($looks); ++$other) {
                $distances[] = [$one, $other, Ciede2000::between($its, $looks[$other])];
            }
        }

        return $distances;
    }

    /**
     * The same colours, moved as little as can be found until all are told apart: again and again the two that are
     * nearest to each other are moved, by the step that gains most. What cannot be done is left as well as it got.
     *
     * @param list<string> $colours
     * @param list<int> $kept places of colours that are not moved
     * @param string|null $ground that they keep away from; null: none
     *
     * @return list<string>
     */
    public static function repaired(array $colours, array $kept = [], ?string $ground = null): array
    {
        if (self::alike($colours) === []) {
            return $colours;
        }
        $best = $now = array_map(static fn (string $hex): Colour => Colour::hex($hex), $colours);
        $under = $ground === null ? null : Colour::hex($ground);
        $least = self::deficit($now);
        $moves = intdiv(self::MOVES, max(1, count($colours)));
        for ($move = 0; $move < $moves; ++$move) {
            $pair = self::alike(self::hexes($now), self::ENOUGH + self::SPARE)[0] ?? null;
            if ($pair === null) {
                return self::hexes($now);
            }
            $moved = null;
            foreach (array_diff([$pair[0], $pair[1]], $kept) as $place) {
                foreach (self::ways() as $way) {
                    $tried = self::stepped(
                        $now[$place],
                        // Steps of several lengths, so that none leads back and forth.
                        self::STEP * self::LENGTHS[$move % count(self::LENGTHS)],
                        $way,
                        Colour::hex($colours[$place]),
                        $under,
                    );
                    if ($tried === null) {
                        continue;
                    }
                    $set = $now;
                    $set[$place] = $tried;
                    // What is gained, and something against leaving where a colour was: less, the longer it takes.
                    $cost = self::deficitOf($set, $place)
                        + self::LEAVING * (1 - $move / $moves) * $tried->distanceTo(Colour::hex($colours[$place]))
                        - self::deficitOf($now, $place);
                    if ($moved === null || $cost < $moved[0]) {
                        $moved = [$cost, $place, $tried];
                    }
                }
            }
            if ($moved === null) {
                break;
            }
            $now[$moved[1]] = $moved[2];
            $deficit = self::deficit($now);
            if ($deficit < $least) {
                [$best, $least] = [$now, $deficit];
            }
        }

        return self::hexes($best);
    }

    /**
     * @param array<int, Colour> $colours
     *
     * @return list<string>
     */
    private static function hexes(array $colours): array
    {
        return array_values(array_map(static fn (Colour $colour): string => $colour->toHex(), $colours));
    }

    /** @param array<int, Colour> $colours */
    private static function deficit(array $colours): float
    {
        $deficit = 0.0;
        foreach (self::alike(self::hexes($colours), self::ENOUGH + self::SPARE) as [, , , $far]) {
            $deficit += (self::ENOUGH + self::SPARE - $far) ** 2;
        }

        return $deficit;
    }

    /**
     * How much a colour lacks from all others.
     *
     * @param array<int, Colour> $colours
     */
    private static function deficitOf(array $colours, int $place): float
    {
        $its = self::looks($colours[$place]->toHex());
        $deficit = 0.0;
        foreach ($colours as $other => $colour) {
            if ($other !== $place) {
                $lacks = max(0.0, self::ENOUGH + self::SPARE - self::nearest($its, self::looks($colour->toHex()))[0]);
                $deficit += $lacks ** 2;
            }
        }

        return $deficit;
    }

    /**
     * @param array{float, float, float} $way
     *
     * @return Colour|null null where there is no such colour, or it is lost on the ground
     */
    private static function stepped(
        Colour $colour,
        float $step,
        array $way,
        Colour $first,
        ?Colour $ground,
    ): ?Colour {
        [$lightness, $a, $b] = $colour->toOklab();
        [$lightness, $a, $b] = [
            $lightness + $way[0] * $step, $a + $way[1] * $step, $b + $way[2] * $step,
        ];
        $moved = Colour::oklch($lightness, hypot($a, $b), rad2deg(atan2($b, $a)));
        $isLost = $ground !== null && $moved->distanceTo($ground) < self::OFF_GROUND
            && $moved->distanceTo($ground) < $first->distanceTo($ground);

        $isOut = $lightness < 0.12 || $lightness > 0.98;

        return $isLost || $isOut || $moved->toHex() === $colour->toHex() ? null : $moved;
    }

    /**
     * @param list<array{float, float, float}> $one
     * @param list<array{float, float, float}> $other
     *
     * @return array{float, ColourVision} how near they come, and for whom; whoever sees all colours stands for all
     */
    private static function nearest(array $one, array $other): array
    {
        $nearest = [INF, ColourVision::Usual];
        foreach (ColourVision::cases() as $place => $vision) {
            $far = Ciede2000::between($one[$place], $other[$place]);
            if ($far < $nearest[0] && !($nearest[1] === ColourVision::Usual && $nearest[0] < self::ENOUGH)) {
                $nearest = [$far, $vision];
            }
        }

        return $nearest;
    }

    /** @return list<array{float, float, float}> in CIELAB, to each kind of colour vision */
    private static function looks(string $hex): array
    {
        return self::$looks[$hex] ??= array_map(
            static fn (ColourVision $vision): array => Colour::hex($hex)->seenWith($vision)->toLab(),
            ColourVision::cases(),
        );
    }

    /** @return list<array{float, float, float}> */
    private static function ways(): array
    {
        if (self::$ways === []) {
            foreach ([-1, 0, 1] as $lightness) {
                foreach ([-1, 0, 1] as $a) {
                    foreach ([-1, 0, 1] as $b) {
                        $length = hypot($lightness, hypot($a, $b));
                        if ($length > 0) {
                            self::$ways[] = [$lightness / $length, $a / $length, $b / $length];
                        }
                    }
                }
            }
        }

        return self::$ways;
    }
}
