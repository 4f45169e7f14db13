<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** Figures that run change places when one passes another, each with a move of its own. */
final readonly class PlaceChanges
{
    /**
     * @param array<string, KeyedNumber> $values by figure id, in the order of the sheet
     * @param int $from and the other: the moments at which the run begins and ends
     * @param int $length of a change of places, in frames
     *
     * @return array{array<string, KeyedNumber>, list<array{int, int}>} places from 0, by figure id; and the first and
     *                                                                  last frames of their changes
     */
    public static function of(
        array $values,
        bool $isDescending,
        int $from,
        int $to,
        int $length,
        Clock $clock = new Clock(),
    ): array {
        $ids = array_map(strval(...), array_keys($values));
        // Figures that run go from state to state together: how far they have come is reckoned once.
        $far = [];
        $amounts = [];
        foreach ($values as $id => $value) {
            $amounts[$id] = $value->onFrames($from, $to, $clock->samples, $far);
        }
        $places = array_flip(self::ordered($ids, $amounts, $from, $isDescending));
        $first = $places;
        $steps = array_fill_keys($ids, []);
        $spans = [];
        $pace = new Pace(Bezier::named('ease-in-out'), $length);
        $order = array_keys($places);
        for ($frame = $from + $clock->samples; $frame <= $to; $frame += $clock->samples) {
            if (self::isOrdered($order, $amounts, $frame, $isDescending)) {
                continue;
            }
            // Who stood before whom goes on to, where two are alike: nobody jumps to and fro.
            $now = self::ordered(array_map(strval(...), $order), $amounts, $frame, $isDescending);
            $order = $now;
            $move = new TimedMove('change', $frame, $pace, 'forward', null, null, clock: $clock);
            $spans[] = [$frame, $move->end()];
            foreach ($now as $place => $id) {
                if ($places[$id] !== $place) {
                    $steps[$id][] = [$move, (float) $place, null];
                    $places[$id] = $place;
                }
            }
        }
        $keyed = [];
        foreach ($ids as $id) {
            $keyed[$id] = KeyedNumber::of((float) $first[$id], $steps[$id]);
        }

        return [$keyed, $spans];
    }

    /**
     * @param list<int|string> $ids
     * @param array<string, array<int, float>> $amounts by figure id and frame
     */
    private static function isOrdered(array $ids, array $amounts, int $frame, bool $isDescending): bool
    {
        $before = null;
        foreach ($ids as $id) {
            $value = $amounts[(string) $id][$frame] ?? 0.0;
            if ($before !== null && ($isDescending ? $value > $before : $value < $before)) {
                return false;
            }
            $before = $value;
        }

        return true;
    }

    /**
     * @param list<string> $ids in the order that decides between those that are alike
     * @param array<string, array<int, float>> $amounts by figure id and frame
     *
     * @return list<string>
     */
    private static function ordered(array $ids, array $amounts, int $frame, bool $isDescending): array
    {
        $at = [];
        foreach ($ids as $id) {
            $at[$id] = $amounts[$id][$frame] ?? 0.0;
        }
        $isDescending ? arsort($at) : asort($at);

        return array_map(strval(...), array_keys($at));
    }
}
