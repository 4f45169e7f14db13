<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Coat\PatternCoat;

/** One repeat of a pattern: the side of a square, and the shape that begins in it and may reach into the next. */
final readonly class PatternTile
{
    /** by how many pixels what goes on in the next tile reaches into it, so that no seam is seen between them */
    private const OVER = 1.0;

    private function __construct(public float $size, public string $outline)
    {
    }

    public static function of(PatternCoat $pattern): self
    {
        $size = $pattern->size;
        // Half is what is usual.
        $weight = 2 * $pattern->weight;

        return new self($size, match ($pattern->kind) {
            'dots' => OutlineBuilder::circle(new Point($size / 2, $size / 2), $size * min(0.5, 0.2 * $weight)),
            'crossed' => self::crossed($size, $size * 0.15 * $weight),
            'grid' => self::bars($size * 0.07 * $weight, [[0, 0, $size, true], [0, 0, $size, false]]),
            'waves' => self::wave($size, 0.1 * $weight),
            'rings' => self::ring($size, 0.16 * $weight),
            'bricks' => self::bars($size * 0.05 * $weight, [
                [0, 0, $size, true],
                [0, $size / 2, $size, true],
                [0, 0, $size / 2, false],
                [$size / 2, $size / 2, $size / 2, false],
            ]),
            'crosses' => self::cross($size, $size * 0.09 * $weight),
            'own' => self::own($size, $pattern->tile),
            default => OutlineBuilder::rectangle(0, -self::OVER, $size * $pattern->weight, $size + 2 * self::OVER),
        });
    }

    /**
     * Bars about lines.
     *
     * @param float $half of their width, in pixels
     * @param list<array{float|int, float|int, float, bool}> $lines left, top, length, and whether it lies level
     */
    private static function bars(float $half, array $lines): string
    {
        $over = self::OVER;

        return implode('', array_map(
            static fn (array $line): string => $line[3]
                ? OutlineBuilder::rectangle($line[0] - $over, $line[1] - $half, $line[2] + 2 * $over, 2 * $half)
                : OutlineBuilder::rectangle($line[0] - $half, $line[1] - $over, 2 * $half, $line[2] + 2 * $over),
            $lines,
        ));
    }

    /** Both diagonals. */
    private static function crossed(float $size, float $half): string
    {
        [$from, $to] = [-self::OVER, $size + self::OVER];

        return self::polygon([[$from + $half, $from], [$to + $half, $to], [$to - $half, $to], [$from - $half, $from]])
            .self::polygon([[$to + $half, $from], [$from + $half, $to], [$from - $half, $to], [$to - $half, $from]]);
    }

    /** A drawing in a square of 100, as large as the tile. */
    private static function own(float $size, string $outline): string
    {
        return (string) preg_replace_callback(
            '/-?\d+(\.\d+)?/',
            static fn (array $number): string => Decimal::of((float) $number[0] * $size / 100),
            $outline,
        );
    }

    private static function cross(float $size, float $half): string
    {
        [$middle, $arm] = [$size / 2, $size * 0.3];

        return OutlineBuilder::rectangle($middle - $arm, $middle - $half, 2 * $arm, 2 * $half)
            .OutlineBuilder::rectangle($middle - $half, $middle - $arm, 2 * $half, 2 * $arm);
    }

    private static function ring(float $size, float $thick): string
    {
        $middle = new Point($size / 2, $size / 2);
        $inner = $size * max(0.02, 0.4 - $thick);

        return OutlineBuilder::circle($middle, $size * 0.4)
            .(new OutlineBuilder())
                ->moveTo($middle->towards(0, $inner))
                ->arc($middle, $inner, 0, -360)
                ->close()
                ->pathData();
    }

    /** @param float $half of its thickness, as a part of the size */
    private static function wave(float $size, float $half): string
    {
        $at = static fn (float ...$places): string => implode(' ', array_map(
            static fn (float $place): string => Decimal::of($place * $size),
            $places,
        ));
        [$upper, $lower] = [0.52 - $half, 0.52 + $half];

        return 'M'.$at(0, $upper)
            .'C'.$at(0.18, $upper - 0.3, 0.32, $upper - 0.3, 0.5, $upper)
            .'C'.$at(0.68, $upper + 0.3, 0.82, $upper + 0.3, 1, $upper)
            .'L'.$at(1, $lower)
            .'C'.$at(0.82, $lower + 0.3, 0.68, $lower + 0.3, 0.5, $lower)
            .'C'.$at(0.32, $lower - 0.3, 0.18, $lower - 0.3, 0, $lower)
            .'Z';
    }

    /** @param non-empty-list<array{float|int, float|int}> $corners */
    private static function polygon(array $corners): string
    {
        $path = new OutlineBuilder();
        foreach ($corners as $index => [$x, $y]) {
            $index === 0 ? $path->moveTo(new Point($x, $y)) : $path->lineTo(new Point($x, $y));
        }

        return $path->close()->pathData();
    }
}
