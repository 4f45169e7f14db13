<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Geometry\Biarc;
use Lupine\Core\Geometry\Cubic;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\SvgPath;
use Lupine\Core\Words\FontPack;
use Lupine\Core\Words\Glyph;

/** Letters as lines and arcs. Curves of a font become pairs of arcs that leave and arrive in the same directions. */
final class GlyphArcs
{
    /** radians that one pair of arcs turns at most: less than 0.0002 of a letter’s area off (tested) */
    private const TURN = M_PI / 9;

    /** how much of a square em a curve’s area may be off, and the pieces that it is not cut beyond */
    private const OFF = 1e-6;
    private const PIECES = 64;

    /** how far a curve’s control points are off its chord where it is straight, as a part of the chord */
    private const STRAIGHT = 1e-4;

    /** font units of radius from which on an arc is a line */
    private const FLAT = 1e6;

    /** @var array<string, GlyphShape> by font and glyph */
    private array $known = [];

    /** @param KeptGlyphs|null $kept where they are found again by the next who needs them */
    public function __construct(private readonly ?KeptGlyphs $kept = null)
    {
    }

    public function of(Glyph $glyph): GlyphShape
    {
        return $this->known[$glyph->name] ??= $this->kept?->find($glyph->outline) ?? $this->made($glyph->outline);
    }

    private function made(string $outline): GlyphShape
    {
        $shape = GlyphShape::of(self::read($outline, self::OFF * FontPack::UNITS_PER_EM ** 2));
        $this->kept?->keep($outline, $shape);

        return $shape;
    }

    /**
     * @param float $off how much area each curve may be off, in square units
     *
     * @return list<array{string, list<float>}>
     */
    private static function read(string $outline, float $off): array
    {
        $commands = [];
        preg_match_all('/M[^M]+/', $outline, $parts);
        foreach ($parts[0] as $part) {
            $cubics = SvgPath::read($part);
            $commands[] = ['M', [$cubics[0]->from->x, $cubics[0]->from->y]];
            foreach ($cubics as $cubic) {
                array_push($commands, ...self::arcs($cubic, $off));
            }
            $commands[] = ['Z', []];
        }

        return $commands;
    }

    /** @return list<array{string, list<float>}> */
    private static function arcs(Cubic $cubic, float $off): array
    {
        [$from, $to] = [$cubic->from, $cubic->to];
        $chord = hypot($to->x - $from->x, $to->y - $from->y);
        if ($chord < 1e-6) {
            return [];
        }
        $away = static fn (Point $point): float => abs(
            ($to->x - $from->x) * ($point->y - $from->y) - ($to->y - $from->y) * ($point->x - $from->x),
        ) / $chord ** 2;
        if (max($away($cubic->first), $away($cubic->second)) < self::STRAIGHT) {
            return [['L', [$to->x, $to->y]]];
        }
        $turned = 0.0;
        for ($step = 1; $step <= 8; ++$step) {
            $turned += abs(self::between($cubic->headingAt(($step - 1) / 8), $cubic->headingAt($step / 8)));
        }
        $pieces = max(1, (int) ceil($turned / self::TURN));
        do {
            $commands = self::inPieces($cubic, $pieces);
            $pieces *= 2;
        } while ($pieces < self::PIECES && abs(self::beside($cubic->from, $commands) - $cubic->area()) > $off);

        return $commands;
    }

    /** @return list<array{string, list<float>}> */
    private static function inPieces(Cubic $cubic, int $pieces): array
    {
        $commands = [];
        for ($piece = 0; $piece < $pieces; ++$piece) {
            [$begin, $end] = [$piece / $pieces, ($piece + 1) / $pieces];
            array_push($commands, ...self::pair(
                [$cubic->at($begin), $cubic->headingAt($begin)],
                [$cubic->at($end), $cubic->headingAt($end)],
            ));
        }

        return $commands;
    }

    /**
     * The area between arcs and the straight line from their beginning to their end.
     *
     * @param list<array{string, list<float>}> $commands
     */
    private static function beside(Point $from, array $commands): float
    {
        $area = 0.0;
        [$x, $y] = [0.0, 0.0];
        foreach ($commands as [$letter, $numbers]) {
            [$toY, $toX] = [(float) array_pop($numbers) - $from->y, (float) array_pop($numbers) - $from->x];
            $area += ($x * $toY - $y * $toX) / 2;
            if ($letter === 'A') {
                [$radius, $sweep] = $numbers;
                // A circle's segment: r² (θ − sin θ) / 2 (any handbook of mathematics).
                $angle = 2 * asin(min(1.0, hypot($toX - $x, $toY - $y) / 2 / $radius));
                $area += ($sweep > 0 ? 1 : -1) * $radius ** 2 * ($angle - sin($angle)) / 2;
            }
            [$x, $y] = [$toX, $toY];
        }

        return $area;
    }

    /**
     * @param array{Point, float} $from point and heading
     * @param array{Point, float} $to
     *
     * @return list<array{string, list<float>}>
     */
    private static function pair(array $from, array $to): array
    {
        [$at, $heading] = $from;
        $commands = [];
        $arcs = Biarc::between($from, $to);
        foreach ($arcs as $place => [$length, $curvature]) {
            $turned = $heading + $length * $curvature;
            $end = match (true) {
                $place === count($arcs) - 1 => $to[0],
                abs($curvature) < 1e-12 => new Point(
                    $at->x + $length * cos($heading),
                    $at->y + $length * sin($heading),
                ),
                default => new Point(
                    $at->x + (sin($turned) - sin($heading)) / $curvature,
                    $at->y - (cos($turned) - cos($heading)) / $curvature,
                ),
            };
            $radius = abs($curvature) < 1 / self::FLAT ? 0.0 : 1 / abs($curvature);
            $commands[] = $radius === 0.0
                ? ['L', [$end->x, $end->y]]
                : ['A', [$radius, $curvature > 0 ? 1.0 : 0.0, $end->x, $end->y]];
            [$at, $heading] = [$end, $turned];
        }

        return $commands;
    }

    /** Radians from one heading to another, the short way. */
    private static function between(float $one, float $other): float
    {
        return fmod($other - $one + 3 * M_PI, 2 * M_PI) - M_PI;
    }
}
