<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Tilted;

use Lupine\Core\Form\Face;
use Lupine\Core\Geometry\Degrees;
use Lupine\Core\Geometry\Sector;

/** All sides of solid sectors that are turned towards the viewer. */
final readonly class Sides
{
    private const NOTHING = 1e-7;

    /** columns of the stage in which it is looked what is seen */
    private const COLUMNS = 240;

    /** @param list<Side> $sides the farthest first */
    private function __construct(private array $sides)
    {
    }

    /** @param array<string, Sector> $sectors of the plan, by figure id */
    public static function of(array $sectors): self
    {
        $sides = [];
        foreach ($sectors as $id => $sector) {
            if ($sector->sweepDegrees <= self::NOTHING) {
                continue;
            }
            foreach (self::shared($sector, 90.0) as [$from, $to]) {
                $sides[] = Side::round((string) $id, Face::WALL, $sector, $from, $to);
            }
            foreach ($sector->innerRadius > self::NOTHING ? self::shared($sector, -90.0) : [] as [$from, $to]) {
                $sides[] = Side::round((string) $id, Face::INNER, $sector, $from, $to);
            }
            if ($sector->isWhole()) {
                continue;
            }
            [$from, $to] = [$sector->fromDegrees, $sector->toDegrees()];
            if (sin(deg2rad($from)) < -self::NOTHING && !self::isCovered($sectors, $sector, $from, -1)) {
                $sides[] = Side::cut((string) $id, $sector, $from, $from - 90);
            }
            if (sin(deg2rad($to)) > self::NOTHING && !self::isCovered($sectors, $sector, $to, 1)) {
                $sides[] = Side::cut((string) $id, $sector, $to, $to + 90);
            }
        }

        $sorted = self::sorted($sides);
        foreach ($sorted as $place => $side) {
            $meets = static fn (int $way): bool => array_filter(
                array_slice($sorted, $place + 1),
                static fn (Side $later): bool => $side->isMetBy($later, $way),
            ) !== [];
            $sorted[$place] = $side->tuckedIn($meets(-1), $meets(1));
        }

        return new self($sorted);
    }

    /** @return list<Face> */
    public function faces(View $view): array
    {
        return array_map(static fn (Side $side): Face => $side->face($view), $this->sides);
    }

    /**
     * What is seen of the sides: in narrow columns, what neither a top nor a nearer side stands before. A top is never
     * hidden, for no side reaches above it.
     *
     * @param array<string, Sector> $sectors those that they are the sides of
     *
     * @return array<string, float> square pixels, by figure id
     */
    public function seen(array $sectors, View $view): array
    {
        $seen = array_fill_keys(array_keys($sectors), 0.0);
        if ($this->sides === []) {
            return $seen;
        }
        $left = min(array_map(static fn (Side $side): float => $side->left, $this->sides));
        $right = max(array_map(static fn (Side $side): float => $side->right, $this->sides));
        $wide = ($right - $left) / self::COLUMNS;
        for ($column = 0; $column < self::COLUMNS; ++$column) {
            $x = $left + $wide * ($column + 0.5);
            $taken = [];
            foreach ($sectors as $sector) {
                foreach (Column::of($sector, $x) as [$far, $near]) {
                    $taken[] = [$view->y($far), $view->y($near)];
                }
            }
            foreach (array_reverse($this->sides) as $side) {
                if ($x < $side->left || $x > $side->right) {
                    continue;
                }
                $y = $side->yAt($x);
                $own = [$view->y($y), $view->y($y, 1.0)];
                $seen[$side->figureId] += $wide * Column::left($own, $taken);
                $taken[] = $own;
            }
        }

        return $seen;
    }

    /**
     * Where a sector and a half of the circle have the same degrees.
     *
     * @return list<array{float, float}>
     */
    private static function shared(Sector $sector, float $halfFrom): array
    {
        $from = $sector->isWhole() ? $halfFrom : $sector->fromDegrees;
        $to = $from + $sector->sweepDegrees;
        $half = $halfFrom + 360 * floor(($from - $halfFrom) / 360);
        $shared = [];
        foreach ([$half, $half + 360] as $begin) {
            [$low, $high] = [max($from, $begin), min($to, $begin + 180)];
            if ($high - $low > self::NOTHING) {
                $shared[] = [$low, $high];
            }
        }

        return $shared;
    }

    /**
     * Whether another part stands against a cut, so that nothing of it is seen.
     *
     * @param array<string, Sector> $sectors
     * @param int $way 1: clockwise of it, −1: against the clock
     */
    private static function isCovered(array $sectors, Sector $own, float $degrees, int $way): bool
    {
        foreach ($sectors as $other) {
            if ($other === $own || $other->centre->distanceTo($own->centre) > self::NOTHING) {
                continue;
            }
            $off = Degrees::normalised($degrees + $way * 1e-5 - $other->fromDegrees);
            if ($off < $other->sweepDegrees) {
                return true;
            }
        }

        return false;
    }

    /**
     * The farthest first. That one is farther than another is decided wherever they share an x; of curves that do not
     * cross, there is always one that none is behind.
     *
     * @param list<Side> $sides
     *
     * @return list<Side>
     */
    private static function sorted(array $sides): array
    {
        $before = array_fill(0, count($sides), []);
        foreach ($sides as $one => $side) {
            for ($other = $one + 1; $other < count($sides); ++$other) {
                $against = $side->against($sides[$other]);
                if ($against < 0) {
                    $before[$other][$one] = true;
                } elseif ($against > 0) {
                    $before[$one][$other] = true;
                }
            }
        }
        $sorted = [];
        while (count($sorted) < count($sides)) {
            $next = null;
            foreach ($before as $index => $farther) {
                if ($farther === []) {
                    $next = $index;
                    break;
                }
            }
            // Parts that were moved into each other can go around in a ring; one of them must be first.
            $next ??= (int) array_key_first($before);
            $sorted[] = $sides[$next];
            unset($before[$next]);
            foreach (array_keys($before) as $index) {
                unset($before[$index][$next]);
            }
        }

        return $sorted;
    }
}
