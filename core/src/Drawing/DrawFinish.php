<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\PatternTile;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Motion\Loops;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Glow;
use Lupine\Core\Piece\Shadow;
use Lupine\Core\Piece\StrokeSettings;
use Lupine\Core\Reel\Blur;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\LinearPaint;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\PatternPaint;
use Lupine\Core\Reel\RadialPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartTiming;

/** The looks around and on the marks of a chart. */
final readonly class DrawFinish
{
    /** how much a rest is there that is only tinted */
    private const TINT = 0.28;

    /** the lines that a travelling light is made of: length, width and opacity, as parts of what is told */
    private const LIGHT = [[1.0, 2.4, 0.16], [0.72, 1.8, 0.22], [0.45, 1.3, 0.4], [0.2, 0.8, 0.9]];

    public function __construct(
        private Chart $chart,
        private ChartShapes $shapes,
        private ChartTiming $timing,
        private Loops $loops,
    ) {
    }

    /** @return Track<Paint> */
    public function fill(string $figureId): Track
    {
        $colour = $this->timing->colours[$figureId];
        if ($this->chart->finish->fill === 'flat') {
            return Track::constant(new FlatPaint($colour));
        }

        return $this->shapes->fulls[$figureId]->map(
            static fn (Shape $shape): Paint => self::gradient($shape->grain(), $colour),
        );
    }

    public function opacity(string $figureId): float
    {
        $isTinted =
            $this->timing->figure($figureId)->isRest
            && $this->chart->form->has('rest')
            && $this->chart->form->word('rest') === 'tinted';

        return $isTinted ? self::TINT : 1.0;
    }

    /**
     * @param array<string, PathNode> $marks by figure id
     *
     * @return list<Node> the shadow, then all glows
     */
    public function softEdges(array $marks, FigurePoses $poses): array
    {
        $glows = [];
        foreach ($marks as $figureId => $mark) {
            $glow = $this->chart->finishOf((string) $figureId)->glow;
            if ($glow !== null) {
                $colour = $glow->colour ?? $this->timing->colours[$figureId];
                $soft = [
                    self::soft($mark->outline, $glow, $colour, 0.5),
                    self::soft($mark->outline, $glow, $colour, 0.16),
                ];
                if ($glow->breath > 0) {
                    $breath = $this->loops->breath($glow->breath, $glow->every, $this->shapes->range);
                    $soft = [new GroupNode(Role::Breath, $soft, $breath, of: (string) $figureId)];
                }
                array_push($glows, ...$poses->pose($figureId, $soft));
            }
        }

        $shadow = $this->chart->finish->shadow;
        if ($shadow === null || $marks === []) {
            return $glows;
        }
        // All marks throw one shadow, so that none darkens its neighbour; one that goes its own way has its own.
        $colour = $shadow->colour;
        $outlines = $shadows = [];
        foreach ($marks as $figureId => $mark) {
            if ($this->isPosed((string) $figureId)) {
                $own = self::soft($mark->outline, $shadow, $colour, 0.5);
                array_push($shadows, ...$poses->pose((string) $figureId, [$own]));
            } else {
                $outlines[] = $mark->outline;
            }
        }
        if ($outlines !== []) {
            $all = Track::combine($outlines, static fn (array $there): string => implode('', $there));
            array_unshift($shadows, self::soft($all, $shadow, $colour, 0.5));
        }

        return [...$shadows, ...$glows];
    }

    /** The pattern over a mark, or null where it has none. */
    public function pattern(string $figureId, PathNode $mark): ?PathNode
    {
        $pattern = $this->chart->finishOf($figureId)->pattern;
        if ($pattern === null || $pattern->opacity <= 0) {
            return null;
        }
        $tile = PatternTile::of($pattern);
        $colour = $this->timing->colours[$figureId];
        $ink = Colour::hex($colour)->luminance() > 0.4 ? '#000000' : '#ffffff';
        $paint = $this->shapes->fulls[$figureId]->map(static function (Shape $shape) use (
            $pattern,
            $tile,
            $ink,
        ): Paint {
            $grain = $shape->grain();

            return new PatternPaint(
                $grain->origin->x,
                $grain->origin->y,
                $tile->size,
                $pattern->degrees,
                $tile->outline,
                $ink,
                $grain->reach,
            );
        });

        return new PathNode($mark->outline, $paint, $pattern->opacity);
    }

    /** The line along the edge of a mark, or null where it has none. */
    public function stroke(string $figureId, PathNode $mark): ?GroupNode
    {
        $stroke = $this->chart->finishOf($figureId)->stroke;
        if ($stroke === null || ($stroke->opacity <= 0 && !$stroke->isLit())) {
            return null;
        }
        $isInside = $stroke->place === 'inside';
        // Half of a line along an edge is outside of it; of one that keeps inside, that half is cut off.
        $line = new Stroke(
            $isInside ? $stroke->width * 2 : $stroke->width,
            $stroke->caps,
            $stroke->dash > 0 && $stroke->gap > 0 ? [$stroke->dash, $stroke->gap] : [],
            $stroke->isMarching()
                ? $this->loops->march($stroke->march, $stroke->dash + $stroke->gap, $this->shapes->range)
                : null,
        );
        $path = new PathNode($mark->outline, new FlatPaint($stroke->colour), $stroke->opacity, stroke: $line);

        $lines = [...$stroke->opacity > 0 ? [$path] : [], ...$this->lights($figureId, $stroke, $mark)];

        return new GroupNode(Role::Line, $lines, clip: $isInside ? $mark->outline : null, of: $figureId);
    }

    /**
     * A light that travels along an edge: lines of one dash, the shorter ones brighter, about one middle.
     *
     * @return list<PathNode>
     */
    private function lights(string $figureId, StrokeSettings $stroke, PathNode $mark): array
    {
        $outline = $this->shapes->fulls[$figureId]->at($this->shapes->range->to)->outline();
        $way = $stroke->isLit() && $outline !== '' ? MeasuredOutline::read($outline)->length() : 0.0;
        if ($way <= 0) {
            return [];
        }
        $lights = [];
        foreach (self::LIGHT as [$long, $wide, $opacity]) {
            $dash = min($way / 2, $stroke->light) * $long;
            $lights[] = new PathNode($mark->outline, new FlatPaint($stroke->colour), $opacity, stroke: new Stroke(
                $stroke->width * $wide,
                'round',
                [$dash, $way - $dash],
                $this->loops->travel($stroke->round, $way, $dash / 2, $this->shapes->range),
            ));
        }

        return $lights;
    }

    /** White over a mark, as much as a move lights it up; null where none does. */
    public function light(string $figureId, PathNode $mark): ?GroupNode
    {
        $light = $this->timing->number($figureId, 'light');

        return $light->isStill()
            ? null
            : new GroupNode(
                Role::Light,
                [new PathNode($mark->outline, new FlatPaint('#ffffff'))],
                $light->track($this->shapes->range),
                of: $figureId,
            );
    }

    /**
     * Patches under the boundaries of parts that touch. Each smoothed edge lets a little of what is behind it through;
     * with the neighbour's colour behind it, the ground cannot show between two parts.
     *
     * @param array<string, PathNode> $marks by figure id
     *
     * @return list<PathNode>
     */
    public function seams(array $marks): array
    {
        $seams = [];
        foreach ($this->neighbours() as [$before, $after]) {
            if ($this->isPosed($before) || $this->isPosed($after)) {
                continue;
            }
            $outline = $this->seam($before, $after);
            $seams[] = new PathNode($outline, $marks[$before]->fill);
        }

        return $seams;
    }

    private static function gradient(Grain $grain, string $colour): Paint
    {
        $base = Colour::hex($colour);
        [$dark, $light] = [$base->lightened(-0.07)->toHex(), $base->lightened(0.07)->toHex()];
        if ($grain->kind === 'linear') {
            return new LinearPaint($grain->from->x, $grain->from->y, $grain->to->x, $grain->to->y, [
                [0.0, $dark, 1.0],
                [0.55, $colour, 1.0],
                [1.0, $light, 1.0],
            ]);
        }
        $hole = $grain->inner / max(1e-9, $grain->outer);

        return new RadialPaint($grain->from->x, $grain->from->y, $grain->outer, [
            [$hole, $dark, 1.0],
            [$hole + (1 - $hole) * 0.55, $colour, 1.0],
            [1.0, $light, 1.0],
        ]);
    }

    /** @return list<array{string, string}> all figures that touch on any frame */
    private function neighbours(): array
    {
        $pairs = [];
        foreach ($this->shapes->layouts->changes as $frame) {
            foreach ($this->shapes->layouts->atChange($frame)->neighbours() as $pair) {
                $pairs[implode('/', $pair)] = $pair;
            }
        }

        return array_values($pairs);
    }

    /** @return Track<string> */
    private function seam(string $before, string $after): Track
    {
        $presences = [$this->shapes->presences[$before], $this->shapes->presences[$after]];
        $layouts = $this->shapes->layouts;
        $outs = [$this->shapes->outs[$before], $this->shapes->outs[$after]];
        if ($layouts->isConstant() && $outs[0]->isConstant() && $outs[1]->isConstant()) {
            if ($outs[0]->at(0) > 0 || $outs[1]->at(0) > 0) {
                return Track::constant('');
            }
            $layout = $this->shapes->first();

            return Track::combine(
                $presences,
                static fn (array $both): string => $layout->seam($before, $after, $both[0], $both[1]),
            );
        }
        [$one, $other] = $presences;

        return Track::of(
            [...$layouts->changes, ...$one->changes, ...$other->changes, ...$outs[0]->changes, ...$outs[1]->changes],
            // One that has left its place touches nobody.
            static fn (int $frame): string => $outs[0]->at($frame) > 0 || $outs[1]->at($frame) > 0 ? '' : $layouts
                ->at($frame)
                ->seam($before, $after, $one->at($frame), $other->at($frame)),
        );
    }

    /** Do moves ever move, dim, grow or turn a figure? */
    private function isPosed(string $figureId): bool
    {
        foreach (['x', 'y', 'size', 'turn', 'opacity'] as $property) {
            if (!$this->timing->number($figureId, $property)->isStill()) {
                return true;
            }
        }

        return false;
    }

    /** @param Track<string> $outline */
    private static function soft(Track $outline, Glow|Shadow $edge, string $colour, float $part): PathNode
    {
        return new PathNode($outline, new FlatPaint($colour), $edge->opacity, new Blur($edge->reach * $part));
    }
}
