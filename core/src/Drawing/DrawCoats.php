<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Finish\Hatching;
use Lupine\Core\Finish\Inks;
use Lupine\Core\Form\Grain;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Inset;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Swept;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Loops;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Coat\Blend;
use Lupine\Core\Piece\Coat\Coat;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\EdgeCoat;
use Lupine\Core\Piece\Coat\FillCoat;
use Lupine\Core\Piece\Coat\GlowCoat;
use Lupine\Core\Piece\Coat\InnerCoat;
use Lupine\Core\Piece\Coat\LineCoat;
use Lupine\Core\Piece\Coat\PatternCoat;
use Lupine\Core\Piece\Coat\ShadowCoat;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Reel\Blur;
use Lupine\Core\Reel\Effect;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Inner;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\Role;

/** Lays coats on what they are for. Each follows the outline, and none changes it. */
final readonly class DrawCoats
{
    /** the blur of a glow and of the tight light in it, as parts of its radius */
    private const WIDE = 0.5;
    private const TIGHT = 0.16;

    /** how much wider an edge light’s halo is than its core; taste, no source */
    private const HALO = 3.2;

    /** a light is a little shorter than its halo */
    private const CORE = 0.9;

    /** @param array<string, Picture> $pictures that fills can have, by id */
    public function __construct(private Loops $loops, private FrameRange $range, private array $pictures = [])
    {
    }

    private static function flat(InnerCoat|LineCoat|EdgeCoat|GlowCoat $coat, string $colour): Paint
    {
        return new FlatPaint(Inks::on($colour, $coat->ink));
    }

    /**
     * Everything, from the ground to the eye.
     *
     * @param Track<float>|null $much how much of the fill that everything lies on is there, from 0 to 1; null: all
     * @param string|null $trackOf the figure whose track it is
     *
     * @return list<Node>
     */
    public function all(Coated $on, ?Track $much = null, ?string $trackOf = null): array
    {
        $much ??= Track::constant(1.0);
        $ground = $on->coats->map(static fn (Coats $coats): FillCoat => $coats->ground());
        $nodes = [
            new PathNode(
                $on->outline,
                $this->ground($on),
                $ground->with($much, static fn (FillCoat $fill, float $much): float => $fill->opacity * $much),
                blend: $ground->first()->blend,
                trackOf: $trackOf,
            ),
            ...$this->onFill($on),
        ];

        return [
            ...$this->shadows($on),
            ...$this->glows($on),
            ...$this->around($on),
            ...$this->withHoles($nodes, $on),
        ];
    }

    /**
     * The fill that everything else lies on.
     *
     * @return Track<Paint>
     */
    public function ground(Coated $on): Track
    {
        $paints = new CoatPaints($on, $this->pictures);

        return $paints->fill($on->coats->map(static fn (Coats $coats): FillCoat => $coats->ground()));
    }

    /**
     * What lies on the fill, from the ground to the eye.
     *
     * @return list<Node>
     */
    public function onFill(Coated $on): array
    {
        $paints = new CoatPaints($on, $this->pictures);
        $nodes = [];
        foreach ($this->each($on, static fn (Coats $coats): array => $coats->fillsAbove()) as $fills) {
            $nodes[] = self::shifted($fills, new PathNode(
                $on->outline,
                $paints->fill($fills),
                $fills->map(static fn (FillCoat $one): float => $one->opacity),
                blend: $fills->first()->blend,
            ), $on->id);
        }
        foreach ($this->each($on, static fn (Coats $coats): array => $coats->patterns) as $patterns) {
            array_push($nodes, ...$this->pattern($on, $patterns, $paints));
        }
        foreach ($this->each($on, static fn (Coats $coats): array => $coats->textures) as $textures) {
            if (!$textures->first()->leavesHoles()) {
                $nodes[] = self::texture($on, $textures, $paints);
            }
        }
        foreach ($this->each($on, static fn (Coats $coats): array => $coats->inners) as $inners) {
            $nodes[] = self::inner($on, $inners);
        }
        foreach ($this->each($on, static fn (Coats $coats): array => $coats->lines) as $lines) {
            if ($lines->first()->place !== 'outside') {
                $nodes[] = $this->line($on, $lines);
            }
        }
        foreach ($this->each($on, static fn (Coats $coats): array => $coats->edges) as $edges) {
            array_push($nodes, ...$this->edge($on, $edges));
        }

        return $nodes;
    }

    /**
     * A fill out of register.
     *
     * @param Track<FillCoat> $fills
     */
    private static function shifted(Track $fills, PathNode $node, string $of): Node
    {
        $x = $fills->map(static fn (FillCoat $one): float => $one->shiftX);
        $y = $fills->map(static fn (FillCoat $one): float => $one->shiftY);
        if ($x->isConstant() && $y->isConstant() && $x->first() === 0.0 && $y->first() === 0.0) {
            return $node;
        }
        $pose = new Pose(new Point(0, 0), $x, $y, Track::constant(1.0), Track::constant(0.0));

        return new GroupNode(Role::Shifted, [$node], null, $pose, of: $of);
    }

    /**
     * Light around it, which lies below everything that could be darkened by it.
     *
     * @return list<Node>
     */
    public function glows(Coated $on): array
    {
        $nodes = [];
        foreach ($this->each($on, static fn (Coats $coats): array => $coats->glows) as $glows) {
            $first = $glows->first();
            $soft = [$this->glow($on, $glows, self::WIDE, static fn (GlowCoat $one): float => $one->opacity)];
            if ($first->tight > 0) {
                $soft[] = $this->glow(
                    $on,
                    $glows,
                    self::TIGHT,
                    static fn (GlowCoat $one): float => $one->opacity * $one->tight,
                );
            }
            if ($first->breath > 0) {
                $breath = $this->loops->breath($first->breath, $first->every, $this->range);
                $soft = [new GroupNode(Role::Breath, $soft, $breath, of: $on->id)];
            }
            array_push($nodes, ...$soft);
        }

        return $nodes;
    }

    /**
     * Lines around it, which lie below its fill.
     *
     * @return list<Node>
     */
    public function around(Coated $on): array
    {
        $lines = array_filter(
            $this->each($on, static fn (Coats $coats): array => $coats->lines),
            static fn (Track $lines): bool => $lines->first()->place === 'outside',
        );

        return array_map(fn (Track $lines): Node => $this->line($on, $lines), array_values($lines));
    }

    /** @return list<Node> */
    public function shadows(Coated $on): array
    {
        return array_map(
            static fn (Track $shadows): Node => self::shadow($on, $shadows),
            $this->each($on, static fn (Coats $coats): array => $coats->shadows),
        );
    }

    /** @param Track<ShadowCoat> $shadows */
    private static function shadow(Coated $on, Track $shadows): Node
    {
        $isLong = $shadows->first()->isLong;
        $outline = $isLong ? ($on->foot ?? $on->outline)->with(
            $shadows,
            static fn (string $outline, ShadowCoat $one): string => Swept::of($outline, new Point($one->x, $one->y)),
        ) : $on->outline;

        return new PathNode(
            $outline,
            $shadows->map(static fn (ShadowCoat $one): Paint => new FlatPaint($one->colour)),
            $shadows->map(static fn (ShadowCoat $one): float => $one->opacity),
            $shadows->map(static fn (ShadowCoat $one): Effect => new Blur(
                $one->reach * self::WIDE,
                $isLong ? 0.0 : $one->x,
                $isLong ? 0.0 : $one->y,
                $one->spread,
            )),
            blend: $shadows->first()->blend,
        );
    }

    /**
     * The same nodes, with the holes that textures leave in them.
     *
     * @param list<Node> $nodes
     *
     * @return list<Node>
     */
    public function withHoles(array $nodes, Coated $on): array
    {
        foreach ($this->each($on, static fn (Coats $coats): array => $coats->holes()) as $holes) {
            $nodes = [new GroupNode(
                Role::Holes,
                $nodes,
                mask: $holes->with($on->grain, CoatPaints::tile(...)),
                of: $on->id,
            )];
        }

        return $nodes;
    }

    /**
     * Each coat of a kind over time; there are as many on every frame, and those are of one kind.
     *
     * @template C of Coat
     *
     * @param \Closure(Coats): list<C> $of
     *
     * @return list<Track<C>>
     */
    private function each(Coated $on, \Closure $of): array
    {
        $first = $on->coats->first();
        $each = [];
        foreach ($first->seen($of($first)) as $place => $coat) {
            $each[] = $on->coats->isConstant()
                ? Track::constant($coat)
                : $on->coats->map(static fn (Coats $coats) => $coats->seen($of($coats))[$place]);
        }

        return $each;
    }

    /**
     * @param Track<PatternCoat> $patterns
     *
     * @return list<Node>
     */
    private function pattern(Coated $on, Track $patterns, CoatPaints $paints): array
    {
        $first = $patterns->first();
        $opacity = $patterns->map(static fn (PatternCoat $one): float => $one->opacity);
        $ground = $first->ground === null ? [] : [new PathNode($on->outline, $patterns->map(
            static fn (PatternCoat $one): Paint => new FlatPaint($one->ground ?? (string) $first->ground),
        ))];
        if ($first->kind === 'hand') {
            // While a part grows, it mostly has the same ones.
            $drawn = null;
            $strokes = new PathNode(
                $patterns->with(
                    self::aboutOrigin($on),
                    static function (PatternCoat $one, Box $box) use (&$drawn): string {
                        $room = Hatching::room($one, $box);
                        if ($drawn === null || $drawn[0] !== $one || $drawn[1] !== $room) {
                            $drawn = [$one, $room, Hatching::of($one, $room)];
                        }

                        return $drawn[2];
                    },
                ),
                $paints->inks($patterns)->map(static fn (string $ink): Paint => new FlatPaint($ink)),
                $opacity,
                stroke: new Stroke($patterns->map(Hatching::thickness(...)), 'round'),
                blend: $first->blend,
            );

            $about = new Pose(
                new Point(0, 0),
                $on->grain->map(static fn (Grain $grain): float => $grain->origin->x),
                $on->grain->map(static fn (Grain $grain): float => $grain->origin->y),
                Track::constant(1.0),
                Track::constant(0.0),
            );
            $strokes = new GroupNode(Role::Pattern, [$strokes], pose: $about);

            return [...$ground, new GroupNode(Role::Pattern, [$strokes], clip: $on->outline, of: $on->id)];
        }
        $drift = $first->isDrifting() ? $this->loops->march(-$first->drift, $first->size, $this->range) : null;

        return [...$ground, new PathNode(
            $on->outline,
            $paints->pattern($patterns, $drift),
            $opacity,
            blend: $first->blend,
        )];
    }

    /** @return Track<Box> what it takes, in pixels from the point that patterns on it stand on */
    private static function aboutOrigin(Coated $on): Track
    {
        return $on->outline->map(MeasuredOutline::boxAround(...))->with(
            $on->grain,
            static fn (Box $box, Grain $grain): Box => new Box(
                $box->left - $grain->origin->x,
                $box->top - $grain->origin->y,
                $box->width,
                $box->height,
            ),
        );
    }

    /** @param Track<TextureCoat> $textures */
    private static function texture(Coated $on, Track $textures, CoatPaints $paints): Node
    {
        $blend = $textures->first()->blend;

        return new PathNode(
            $on->outline,
            $paints->texture($textures),
            $textures->map(static fn (TextureCoat $one): float => $one->amount),
            blend: $blend === 'relief' ? Blend::NORMAL : $blend,
        );
    }

    /** @param Track<InnerCoat> $inners */
    private static function inner(Coated $on, Track $inners): Node
    {
        return new PathNode(
            $on->outline,
            $inners->with($on->colour, self::flat(...)),
            $inners->map(static fn (InnerCoat $one): float => $one->opacity),
            $inners->map(static fn (InnerCoat $one): Effect => new Inner(
                $one->reach * InnerCoat::DEVIATION,
                $one->x,
                $one->y,
            )),
            blend: $inners->first()->blend,
        );
    }

    /** @param Track<LineCoat> $lines */
    private function line(Coated $on, Track $lines): Node
    {
        $first = $lines->first();
        $isInside = $first->place === 'inside';
        $isHalf = $isInside || $first->place === 'outside';
        $outline = $on->outline;
        $whole = $on->whole;
        if ($first->place === 'apart') {
            $inside = static fn (string $one, LineCoat $line): string => $one === ''
                ? ''
                : Inset::of($one, $line->distance);
            [$outline, $whole] = [$outline->with($lines, $inside), $whole->with($lines, $inside)];
        }
        // Half of a line along an edge is outside of it: cut off where it keeps inside, covered where it does not.
        $width = $lines->map(static fn (LineCoat $one): float => $isHalf ? $one->width * 2 : $one->width);
        $stroke = $first->isDashed()
            ? $this->dashed($lines, $width, $whole)
            : new Stroke($width, $first->caps);
        $path = new PathNode(
            $outline,
            $lines->with($on->colour, self::flat(...)),
            $lines->map(static fn (LineCoat $one): float => $one->opacity),
            stroke: $stroke,
            blend: $first->blend,
        );

        // At a distance it lies within anyway; where a part is narrower than that, nothing of it stands out.
        $isWithin = $isInside || $first->place === 'apart';

        return new GroupNode(Role::Line, [$path], clip: $isWithin ? $on->outline : null, of: $on->id);
    }

    /**
     * @param Track<LineCoat> $lines
     * @param Track<float> $width
     * @param Track<string> $whole what dashes are fitted to
     */
    private function dashed(Track $lines, Track $width, Track $whole): Stroke
    {
        $first = $lines->first();
        $march = $first->isMarching()
            ? $this->loops->march($first->march, $first->dash + $first->gap, $this->range)
            : null;
        $longer = $first->isFitted ? $whole->with(
            $lines,
            static fn (string $one, LineCoat $line): float => self::fitted($one, $line->dash + $line->gap),
        ) : Track::constant(1.0);

        return new Stroke(
            $width,
            $first->caps,
            $lines->with($longer, static fn (LineCoat $one, float $longer): float => $one->dash * $longer),
            $lines->with($longer, static fn (LineCoat $one, float $longer): float => $one->gap * $longer),
            // Dashes that are longer go as much farther, or they would jump where their course begins again.
            $march?->with($longer, static fn (float $gone, float $longer): float => $gone * $longer),
        );
    }

    /** By how much dashes are longer so that a whole number of them goes round. */
    private static function fitted(string $outline, float $period): float
    {
        $way = $outline === '' ? 0.0 : MeasuredOutline::read($outline)->length();

        return $way <= 0 ? 1.0 : $way / (max(1.0, round($way / $period)) * $period);
    }

    /**
     * A light that fades at both ends, and a wider one around it.
     *
     * @param Track<EdgeCoat> $edges
     *
     * @return list<Node>
     */
    private function edge(Coated $on, Track $edges): array
    {
        $first = $edges->first();
        $place = $edges->map(static fn (EdgeCoat $one): float => $one->at);
        if ($first->round !== 0) {
            $gone = $this->loops->laps($first->round, $this->range);
            $place = $place->with($gone, static fn (float $at, float $gone): float => fmod($at + $gone + 1.0, 1.0));
        }
        $paint = $edges->with($on->colour, self::flat(...));
        $nodes = [];
        $halo = $edges->map(static fn (EdgeCoat $one): float => $one->halo);
        foreach ([[self::HALO, $halo, 1.0], [1.0, Track::constant(1.0), self::CORE]] as [$wide, $much, $long]) {
            if ($much->isConstant() && $much->first() <= 0.0) {
                continue;
            }
            $nodes[] = new PathNode(
                $on->outline,
                $paint,
                $edges->with($much, static fn (EdgeCoat $one, float $much): float => $one->opacity * $much),
                stroke: new Stroke(
                    $edges->map(static fn (EdgeCoat $one): float => $one->width * $wide),
                    'butt',
                    light: new Light(
                        $edges->map(static fn (EdgeCoat $one): float => $one->length * $long),
                        $place,
                    ),
                ),
                blend: $first->blend,
            );
        }

        return $nodes;
    }

    /**
     * @param Track<GlowCoat> $glows
     * @param float $part of the radius that is the blur’s standard deviation
     * @param \Closure(GlowCoat): float $opacity
     */
    private function glow(Coated $on, Track $glows, float $part, \Closure $opacity): Node
    {
        return new PathNode(
            $on->outline,
            $glows->with($on->colour, self::flat(...)),
            $glows->map($opacity),
            $glows->map(static fn (GlowCoat $one): Effect => new Blur($one->reach * $part)),
            blend: $glows->first()->blend,
        );
    }
}
