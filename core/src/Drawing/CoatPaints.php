<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\Inks;
use Lupine\Core\Finish\PatternInk;
use Lupine\Core\Finish\PatternTile;
use Lupine\Core\Finish\PicturePlace;
use Lupine\Core\Form\Grain;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Coat\FillCoat;
use Lupine\Core\Piece\Coat\PatternCoat;
use Lupine\Core\Piece\Coat\Stop;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Reel\AlongPaint;
use Lupine\Core\Reel\DotsPaint;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\LinearPaint;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\PatternPaint;
use Lupine\Core\Reel\PicturePaint;
use Lupine\Core\Reel\RadialPaint;
use Lupine\Core\Reel\TilePaint;

/** What coats are painted with: where gradients, patterns and textures lie on what they are laid on. */
final readonly class CoatPaints
{
    /** by how much a shaded fill is darker and lighter at its ends, in OKLab; taste, no source */
    private const SHADED = 0.07;

    /** where in a shaded fill its own colour is */
    private const ITSELF = 0.55;

    /** radius of a halftone’s dots where they begin and end, as parts of a cell, and their grid’s turn; taste */
    private const DOTS = [-0.05, 0.72];
    private const DOTS_TURN = 45.0;

    /** @param array<string, Picture> $pictures by id */
    public function __construct(private Coated $on, private array $pictures = [])
    {
    }

    /**
     * @param Track<FillCoat> $fills
     *
     * @return Track<Paint>
     */
    public function fill(Track $fills): Track
    {
        $first = $fills->first();
        $inked = $fills->with($this->on->colour, static fn (FillCoat $fill, string $colour): array => [$fill, $colour]);

        $picture = $first->kind === 'picture' ? $this->pictures[$first->picture ?? ''] ?? null : null;
        if ($picture !== null) {
            return $fills->with(
                $this->across($first->across),
                static fn (FillCoat $fill, Box $box): Paint => self::picture($fill, $box, $picture),
            );
        }

        return match ($first->kind) {
            'flat', 'picture' => $inked->map(
                static fn (array $one): Paint => new FlatPaint(Inks::on($one[1], $one[0]->ink)),
            ),
            'along' => $inked->with(
                $this->on->grain,
                static fn (array $one, Grain $grain): Paint => self::along($one[0], $grain, $one[1]),
            ),
            'shaded' => $inked->with(
                $this->on->grain,
                static fn (array $one, Grain $grain): Paint => self::shaded($grain, Inks::on($one[1], $one[0]->ink)),
            ),
            default => $inked->with(
                $this->across($first->across),
                static fn (array $one, Box $box): Paint => self::gradient($one[0], $box, $one[1]),
            ),
        };
    }

    /**
     * @param Track<PatternCoat> $patterns
     * @param Track<float>|null $drift how far the pattern has gone across its own lines, in pixels
     *
     * @return Track<Paint>
     */
    public function pattern(Track $patterns, ?Track $drift): Track
    {
        $inked = $patterns->with($this->inks($patterns), static fn (PatternCoat $one, string $ink): array => [
            $one,
            $ink,
        ]);
        if ($patterns->first()->kind === 'halftone') {
            return $inked->with(
                $this->across('part'),
                static fn (array $one, Box $box): Paint => self::dots($one[0], $box, $one[1]),
            );
        }

        $still = $inked->with(
            $this->on->grain,
            static function (array $inked, Grain $grain) use ($drift): PatternPaint {
                [$one, $ink] = $inked;
                $tile = PatternTile::of($one);

                return new PatternPaint(
                    $grain->origin->x,
                    $grain->origin->y,
                    $tile->size,
                    $one->degrees,
                    $tile->outline,
                    $ink,
                    $grain->reach,
                    $drift !== null,
                );
            },
        );

        return $drift === null
            ? $still->map(static fn (PatternPaint $paint): Paint => $paint)
            : $still->with($drift, static fn (PatternPaint $paint, float $gone): Paint => $paint->gone($gone));
    }

    /**
     * The inks of patterns on what they are laid on.
     *
     * @param Track<PatternCoat> $patterns
     *
     * @return Track<string>
     */
    public function inks(Track $patterns): Track
    {
        return $patterns->with(
            $this->on->colour,
            static fn (PatternCoat $one, string $colour): string => PatternInk::on($colour, $one),
        );
    }

    /**
     * @param Track<TextureCoat> $textures
     *
     * @return Track<Paint>
     */
    public function texture(Track $textures): Track
    {
        return $textures->with($this->on->grain, self::tile(...));
    }

    /** What a mask takes of a texture that leaves holes. */
    public static function tile(TextureCoat $texture, Grain $grain): TilePaint
    {
        $isAlong = $texture->lie === 'along';
        $from = $grain->middle;
        $way = $grain->kind === 'radial'
            ? rad2deg(atan2($grain->middle->y - $grain->from->y, $grain->middle->x - $grain->from->x)) + 90.0
            : rad2deg(atan2($grain->to->y - $grain->from->y, $grain->to->x - $grain->from->x));

        return new TilePaint(
            $texture->kind,
            match (true) {
                $texture->leavesHoles() => 'cover',
                $texture->blend === 'relief' => 'relief',
                default => 'grey',
            },
            $texture->leavesHoles() ? $texture->amount : 1.0,
            // In whole pixels, or fine grain shimmers where a part moves.
            $isAlong ? round($from->x) : 0.0,
            $isAlong ? round($from->y) : 0.0,
            $texture->size,
            $texture->degrees + ($isAlong ? $way : 0.0),
        );
    }

    /**
     * What a gradient goes over.
     *
     * @return Track<Box>
     */
    private function across(string $what): Track
    {
        return match ($what) {
            'chart' => $this->on->around,
            'stage' => Track::constant($this->on->stage),
            default => $this->on->whole->map(MeasuredOutline::boxAround(...)),
        };
    }

    /** A picture with its middle at a place of a box, turned, and as large as it fits. */
    public static function picture(FillCoat $fill, Box $box, Picture $picture): Paint
    {
        $place = PicturePlace::of($fill, $box, $picture);

        return new PicturePaint(
            $picture->file,
            $place->middle->x - $place->width / 2,
            $place->middle->y - $place->height / 2,
            $place->width,
            $place->height,
            $fill->degrees,
            $fill->fit === 'tile',
            (int) round($fill->blur * 1000),
        );
    }

    private static function shaded(Grain $grain, string $colour): Paint
    {
        $base = Colour::hex($colour);
        $dark = $base->lightened(-self::SHADED)->toHex();
        $light = $base->lightened(self::SHADED)->toHex();
        if ($grain->kind === 'linear') {
            return new LinearPaint($grain->from->x, $grain->from->y, $grain->to->x, $grain->to->y, [
                [0.0, $dark, 1.0],
                [self::ITSELF, $colour, 1.0],
                [1.0, $light, 1.0],
            ]);
        }
        $hole = $grain->inner / max(1e-9, $grain->outer);

        return new RadialPaint($grain->from->x, $grain->from->y, $grain->outer, [
            [$hole, $dark, 1.0],
            [$hole + (1 - $hole) * self::ITSELF, $colour, 1.0],
            [1.0, $light, 1.0],
        ]);
    }

    /**
     * Source of a line’s length, at whose ends lie the corners of the box: CSS Images Module Level 3, linear gradients;
     * a circle’s is half of the box’s diagonal.
     */
    public static function gradient(FillCoat $fill, Box $box, string $colour): Paint
    {
        $stops = self::stops($fill, $colour);
        if ($fill->kind === 'radial') {
            return new RadialPaint(
                $box->left + $box->width * $fill->x,
                $box->top + $box->height * $fill->y,
                max(0.01, (hypot($box->width, $box->height) / 2) * $fill->size),
                $stops,
            );
        }
        $turn = deg2rad($fill->degrees);
        $half = ((abs($box->width * sin($turn)) + abs($box->height * cos($turn))) / 2) * $fill->size;
        $middle = $box->middle();

        return new LinearPaint(
            $middle->x - $half * sin($turn),
            $middle->y + $half * cos($turn),
            $middle->x + $half * sin($turn),
            $middle->y - $half * cos($turn),
            $stops,
        );
    }

    /** From where a part begins to where it ends. */
    private static function along(FillCoat $fill, Grain $grain, string $colour): Paint
    {
        $stops = self::stops($fill, $colour);
        if ($grain->bends === []) {
            return new LinearPaint($grain->from->x, $grain->from->y, $grain->to->x, $grain->to->y, $stops);
        }

        return AlongPaint::of($grain->bends, $grain->half, $grain->flat, $stops);
    }

    /** @return list<array{float, string, float}> in order: place, colour, opacity */
    private static function stops(FillCoat $fill, string $colour): array
    {
        $stops = array_map(
            static fn (Stop $stop): array => [$stop->at, Inks::on($colour, $stop->ink), $stop->opacity],
            $fill->usualStops(),
        );
        usort($stops, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $stops;
    }

    private static function dots(PatternCoat $pattern, Box $box, string $ink): DotsPaint
    {
        $turn = deg2rad($pattern->degrees);
        $half = (abs($box->width * sin($turn)) + abs($box->height * cos($turn))) / 2;
        $middle = $box->middle();

        return new DotsPaint(
            $pattern->size,
            self::DOTS_TURN,
            $middle->x - $half * sin($turn),
            $middle->y + $half * cos($turn),
            $middle->x + $half * sin($turn),
            $middle->y - $half * cos($turn),
            self::DOTS[0],
            self::DOTS[1],
            $ink,
            [$box->left, $box->top, $box->right(), $box->bottom()],
        );
    }
}
