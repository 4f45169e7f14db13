<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\GradientColour;
use Lupine\Core\Finish\Inks;
use Lupine\Core\Finish\PatternInk;
use Lupine\Core\Finish\PicturePlace;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\FillCoat;
use Lupine\Core\Piece\Coat\InnerCoat;
use Lupine\Core\Piece\Coat\Stop;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Piece\Picture;

/** What colours words on something coated can have behind them: its fills there, and the ink of its patterns. */
final readonly class CoatsGround
{
    /** less of a pattern than this cannot be told from the fill (common practice, no source) */
    private const SEEN = 0.05;

    /** points about one that tell how much of a blur is there: all weigh the same, on rings of the same weight */
    private const RINGS = 4;
    private const DIRECTIONS = 6;

    /**
     * @param string $colour that its coats begin with
     * @param \Closure(string): Box $across what a gradient or a picture goes over: part, chart or stage
     * @param array<string, Picture> $pictures of the piece, by id
     * @param (\Closure(Point, float): bool)|null $holds whether a point, with so many pixels to all sides of it, is
     *                                                   within its outline; null: it is far from its edges
     */
    public function __construct(
        private Coats $coats,
        private string $colour,
        private \Closure $across,
        private array $pictures = [],
        private ?\Closure $holds = null,
    ) {
    }

    /**
     * @param Point $point in its own pixels
     * @param Colour|null $below what is behind it, where it can be seen through; null: as if all of it were opaque
     *
     * @return non-empty-list<Colour> the fill alone first
     */
    public function at(Point $point, ?Colour $below = null): array
    {
        $ground = $this->coats->ground();
        $colours = [];
        foreach ($this->fills($ground, $point) as [$fill, $opacity]) {
            $colours[] = $below === null ? $fill : $below->blendedWith($fill, $ground->blend, $opacity);
        }
        foreach ($this->coats->fillsAbove() as $above) {
            $on = [];
            foreach ($this->fills($above, $point) as [$fill, $opacity]) {
                foreach ($colours as $colour) {
                    $on[] = $colour->blendedWith($fill, $above->blend, $opacity);
                }
            }
            $colours = $on;
        }
        foreach ($this->coats->seen($this->coats->patterns) as $pattern) {
            if ($pattern->ground !== null) {
                $colours = [Colour::hex($pattern->ground)];
            }
            if ($pattern->opacity > self::SEEN) {
                $ink = Colour::hex(PatternInk::on($this->colour, $pattern));
                $colours[] = $colours[0]->blendedWith($ink, $pattern->blend, $pattern->opacity);
            }
        }

        foreach ($this->coats->seen($this->coats->textures) as $texture) {
            if (!$texture->leavesHoles()) {
                foreach ($colours as $colour) {
                    array_push($colours, ...self::textured($colour, $texture));
                }
            }
        }
        foreach ($this->coats->seen($this->coats->inners) as $inner) {
            $ink = Colour::hex(Inks::on($this->colour, $inner->ink));
            $much = $inner->opacity * $this->outside($point, $inner);
            if ($much > self::SEEN) {
                $colours = array_map(
                    static fn (Colour $colour): Colour => $colour->blendedWith($ink, $inner->blend, $much),
                    $colours,
                );
            }
        }
        if ($below !== null) {
            foreach ($this->coats->holes() as $hole) {
                foreach ($colours as $colour) {
                    $colours[] = $colour->mixedWith($below, $hole->amount);
                }
            }
        }

        return $colours;
    }

    /**
     * How much of what is about a point lies outside of the outline, as a blur weighs it: what an inner glow is there.
     *
     * @return float 0 to 1
     */
    private function outside(Point $point, InnerCoat $inner): float
    {
        $at = new Point($point->x - $inner->x, $point->y - $inner->y);
        $last = $inner->reach * InnerCoat::DEVIATION * self::away(self::RINGS - 1);
        if ($this->holds === null || ($this->holds)($at, $last)) {
            return 0.0;
        }
        $outside = 0;
        for ($ring = 0; $ring < self::RINGS; ++$ring) {
            $away = $inner->reach * InnerCoat::DEVIATION * self::away($ring);
            for ($way = 0; $way < self::DIRECTIONS; ++$way) {
                $angle = 2 * M_PI * ($way + $ring / self::RINGS) / self::DIRECTIONS;
                $outside += ($this->holds)(new Point(
                    $at->x + $away * cos($angle),
                    $at->y + $away * sin($angle),
                ), 0.5) ? 0 : 1;
            }
        }

        return $outside / (self::RINGS * self::DIRECTIONS);
    }

    /**
     * The radius of a ring in standard deviations: half of its share of a normal distribution in two dimensions lies
     * within it, of which the part within a radius r is 1 − exp(−r² / 2σ²).
     */
    private static function away(int $ring): float
    {
        return sqrt(-2 * log(1 - ($ring + 0.5) / self::RINGS));
    }

    /** @return list<Colour> what a texture makes of a colour where it is dark and where it is light */
    public static function textured(Colour $colour, TextureCoat $texture): array
    {
        return array_map(static function (int $byte) use ($colour, $texture): Colour {
            if ($texture->blend === 'relief') {
                return $colour->mixedWith(
                    Colour::hex($byte > 128 ? '#ffffff' : '#000000'),
                    $texture->amount * abs($byte - 128) / 128,
                );
            }

            return $colour->blendedWith(
                Colour::hex(sprintf('#%1$02x%1$02x%1$02x', $byte)),
                $texture->blend,
                $texture->amount,
            );
        }, $texture->spread());
    }

    /**
     * Colours and how opaque they are: of a picture its mean about there; of a fill along a part all that it has, as
     * any of them can come to lie there while the part grows.
     *
     * @return non-empty-list<array{Colour, float}>
     */
    private function fills(FillCoat $fill, Point $point): array
    {
        if ($fill->kind === 'along') {
            return array_map(fn (Stop $stop): array => [
                Colour::hex(Inks::on($this->colour, $stop->ink)),
                $fill->opacity * $stop->opacity,
            ], $fill->usualStops());
        }
        $picture = $fill->kind === 'picture' ? $this->pictures[$fill->picture ?? ''] ?? null : null;
        $seen = $picture === null
            ? null
            : PicturePlace::of($fill, ($this->across)($fill->across), $picture)->colourAt($point);
        if ($seen !== null) {
            return [[Colour::hex($seen[0]), $fill->opacity * $seen[1]]];
        }
        if (!$fill->isGradient()) {
            return [[Colour::hex(Inks::on($this->colour, $fill->ink)), $fill->opacity]];
        }
        $over = ($this->across)($fill->across);

        return [[
            GradientColour::at($fill, $over, $point, $this->colour),
            $fill->opacity * GradientColour::opacityAt($fill, $over, $point),
        ]];
    }
}
