<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\PointInTime;
use Lupine\Core\Figures\TimeTicks;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/**
 * Which names stand along a line where there is no room for all of them: of dates those that read well, else every so
 * many.
 */
final readonly class NamesAlong
{
    /** room beside a name, as a multiple of its size */
    private const CLEAR = 0.8;
    private const MOST = 12;

    /**
     * @param float $band pixels from one figure to the next
     *
     * @return array<string, string>|null names by figure id; null where all of them have room
     */
    public static function of(ChartTiming $timing, TextSetter $setter, TextStyle $style, float $band): ?array
    {
        if (!$timing->form->isJoined()) {
            return null;
        }
        $figures = array_values(array_filter(
            $timing->figures()->list,
            static fn (Figure $figure): bool => $figure->series === 0,
        ));
        $place = static fn (Figure $figure): float => $timing->story->placeAt($figure->id, 0);
        usort($figures, static fn (Figure $one, Figure $other): int => $place($one) <=> $place($other));
        $names = array_map(static fn (Figure $figure): string => trim($figure->label), $figures);
        $widest = max([1.0, ...array_map(static fn (string $name): float => $setter->width($name, $style), $names)]);
        $clear = self::CLEAR * $style->size;
        if ($widest + $clear <= $band) {
            return null;
        }
        $dated = self::dated($figures, $names, ($band * count($names)) / ($widest + $clear));
        if ($dated !== null) {
            return $dated;
        }
        $every = max(1, (int) ceil(($widest + $clear) / $band));
        $kept = [];
        foreach ($figures as $place => $figure) {
            if ($place % $every === 0) {
                $kept[$figure->id] = $names[$place];
            }
        }

        return $kept;
    }

    /**
     * @param list<Figure> $figures
     * @param list<string> $names
     * @param float $room for how many names there is room
     *
     * @return array<string, string>|null
     */
    private static function dated(array $figures, array $names, float $room): ?array
    {
        $points = count($names) < 3 ? null : PointInTime::all($names);
        if ($points === null || $points[0]->precision === 'year' || $points[0]->year === 0) {
            return null;
        }
        $days = array_map(static fn (PointInTime $point): int => $point->days(), $points);
        $ticks = $days === [] ? [] : TimeTicks::of(min($days), max($days), max(2, min(self::MOST, (int) $room)));
        $kept = [];
        foreach ($ticks as $day => $text) {
            // The first figure of a month stands for its beginning.
            foreach ($days as $place => $at) {
                if ($at >= $day) {
                    $kept[$figures[$place]->id] ??= $text;
                    break;
                }
            }
        }

        return $kept;
    }
}
