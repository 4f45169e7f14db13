<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\Inks;
use Lupine\Core\Form\Face;
use Lupine\Core\Form\Solid;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\LineCoat;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\LinearPaint;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartTiming;

/**
 * The sides of solid marks. Which of two is nearer changes as the chart turns, so they are painted in places from far
 * to near, and a place shows one side on one frame and another on the next.
 */
final class DrawSolid
{
    /** how much darker each side is than a wall */
    private const DARKER = [Face::WALL => 1.0, Face::INNER => 1.5, Face::CUT => 0.7];

    /** how much deeper a side's colour is for each part that it is darker */
    private const DEEPER = 0.9;

    /** what full light adds to the lightness of a side that looks straight to it, and takes from one that looks away */
    private const LIT = 0.3;
    private const UNLIT = 0.07;

    /** @var array<int, list<Face>> by frame, the farthest first */
    private array $faces = [];

    /** @var list<int> frames on which anything of the sides changes */
    private array $frames;

    public function __construct(
        private readonly Chart $chart,
        private readonly ChartTiming $timing,
        private readonly ChartShapes $shapes,
    ) {
        $range = $shapes->range;
        $frames = [$range->from, ...$shapes->layouts->changes];
        foreach ($shapes->order() as $id) {
            array_push(
                $frames,
                ...$shapes->presences[$id]->changes,
                ...$shapes->outs[$id]->changes,
                ...$timing->coats[$id]->changes($range),
            );
            foreach (['x', 'y', 'size', 'turn', 'opacity', 'light'] as $property) {
                array_push($frames, ...$timing->number($id, $property)->changes($range));
            }
        }
        $frames = array_values(array_unique(array_map(
            static fn (int $frame): int => max($range->from, $frame),
            $frames,
        )));
        sort($frames);
        $this->frames = $frames;
    }

    /** @return list<Node> */
    public function sides(): array
    {
        $places = max([0, ...array_map(fn (int $frame): int => count($this->facesAt($frame)), $this->frames)]);
        $isMoved = $this->isMoved(['x', 'y', 'size', 'turn']);
        $isDimmed = $this->isMoved(['opacity']);
        $nodes = [];
        for ($place = 0; $place < $places; ++$place) {
            $at = fn (int $frame): ?Face => $this->facesAt($frame)[$place] ?? null;
            $outline = $this->track(static fn (int $frame): string => $at($frame)->painted ?? '');
            $path = new PathNode(
                $outline,
                $this->track(fn (int $frame): Paint => $this->paint($at($frame), $frame)),
                $this->isSeenThrough() ? $this->track(fn (int $frame): float => $this->body($at($frame), $frame)) : 1.0,
            );
            $rim = $this->rim($outline, $at);
            $opacity = fn (int $frame): float => $this->number($at($frame), 'opacity', $frame, 1.0);
            $isGroup = $isMoved || $isDimmed || $rim !== null;
            $nodes[] = $isGroup
                ? new GroupNode(
                    Role::Side,
                    $rim === null ? [$path] : [$path, $rim],
                    $isDimmed ? $this->track($opacity) : null,
                    $isMoved ? $this->pose($at) : null,
                    of: (string) $place,
                )
                : $path;
        }

        return $nodes === [] ? [] : [new GroupNode(Role::Sides, $nodes)];
    }

    /** Is anything seen through the fill of a mark? */
    private function isSeenThrough(): bool
    {
        foreach ($this->shapes->order() as $id) {
            if ($this->coats($id, $this->shapes->range->from)->ground()->leastOpacity() < 1.0) {
                return true;
            }
        }

        return false;
    }

    /** How opaque a side is: more so than the upper face that it carries, which is seen against it. */
    private function body(?Face $face, int $frame): float
    {
        return $face === null ? 1.0 : round(sqrt($this->coats($face->figureId, $frame)->ground()->leastOpacity()), 4);
    }

    /**
     * The first line of a mark goes around its sides, too, where it goes along edges.
     *
     * @param Track<string> $outline
     * @param \Closure(int): (Face|null) $at
     */
    private function rim(Track $outline, \Closure $at): ?PathNode
    {
        $of = function (int $frame) use ($at): ?LineCoat {
            $face = $at($frame);
            $coats = $face === null ? null : $this->coats($face->figureId, $frame);
            $line = $coats?->seen($coats->lines)[0] ?? null;

            return $line !== null && $line->place === 'centred' && !$line->isDashed() ? $line : null;
        };
        foreach ($this->frames as $frame) {
            $first = $of($frame);
            if ($first === null) {
                continue;
            }
            $width = fn (int $frame): float => $of($frame)->width ?? 0.0;
            $ink = fn (int $frame): Paint => new FlatPaint(Inks::on(
                $this->timing->colours[$at($frame)->figureId ?? ''] ?? '#000000',
                $of($frame)->ink ?? $first->ink,
            ));

            return new PathNode(
                $outline,
                $this->track($ink),
                $this->track(fn (int $frame): float => $of($frame)->opacity ?? 0.0),
                stroke: new Stroke($this->track($width), $first->caps),
                blend: $first->blend,
            );
        }

        return null;
    }

    private function coats(string $figureId, int $frame): Coats
    {
        return $this->timing->coats[$figureId]->at($frame);
    }

    /**
     * Marks with their sides, as what throws a shadow and what glows.
     *
     * @param array<string, PathNode> $marks by figure id
     *
     * @return array<string, PathNode>
     */
    public function bodies(array $marks): array
    {
        $bodies = [];
        foreach ($marks as $id => $mark) {
            $outline = $this->track(fn (int $frame): string => $mark->outline->at($frame).implode('', array_map(
                static fn (Face $face): string => $face->figureId === (string) $id ? $face->outline : '',
                $this->facesAt($frame),
            )));
            $bodies[$id] = new PathNode($outline, $mark->fill);
        }

        return $bodies;
    }

    /** @return array<string, Track<string>> where marks stand on the ground, by figure id */
    public function feet(): array
    {
        $feet = [];
        foreach ($this->shapes->order() as $id) {
            $feet[$id] = $this->track(function (int $frame) use ($id): string {
                $layout = $this->shapes->layouts->at($frame);

                return $layout instanceof Solid ? $layout->foot(
                    $id,
                    $this->shapes->presences[$id]->at($frame),
                    $this->shapes->outs[$id]->at($frame),
                ) : '';
            });
        }

        return $feet;
    }

    /** @return list<Face> */
    private function facesAt(int $frame): array
    {
        if (isset($this->faces[$frame])) {
            return $this->faces[$frame];
        }
        $layout = $this->shapes->layouts->at($frame);
        $at = static fn (Track $track): mixed => $track->at($frame);

        /** @var array<string, Presence> $there */
        $there = array_map($at, $this->shapes->presences);
        /** @var array<string, float> $outs */
        $outs = array_map($at, $this->shapes->outs);

        return $this->faces[$frame] = $layout instanceof Solid ? $layout->faces($there, $outs) : [];
    }

    private function paint(?Face $face, int $frame): Paint
    {
        if ($face === null) {
            return new FlatPaint('#000000');
        }
        $settings = $this->timing->layouts->settingsAt($frame);
        $shade = $settings->number('shade') * self::DARKER[$face->kind];
        $own = $this->chart->own($face->figureId)->faces?->of($face->kind);
        [$lightness, $chroma, $hue] = Colour::hex($own ?? $this->timing->colours[$face->figureId])->toOklch();
        if ($own === null) {
            [$lightness, $chroma] = [$lightness - $shade, $chroma * (1 + self::DEEPER * $shade)];
        }
        [$light, $from] = [$settings->number('light'), $settings->number('lightDegrees')];
        $lit = $this->number($face, 'light', $frame, 0.0);
        $colour = static function (float $degrees) use ($lightness, $chroma, $hue, $light, $from, $lit): string {
            $to = max(0.0, cos(deg2rad($degrees - $from)));
            $there = Colour::oklch($lightness + $light * (self::LIT * $to ** 3 - self::UNLIT), $chroma, $hue);

            return ($lit > 0 ? $there->mixedWith(Colour::hex('#ffffff'), $lit) : $there)->toHex();
        };
        if (count($face->normals) === 1 || $light <= 0.0) {
            return new FlatPaint($colour($face->normals[0][1]));
        }

        return new LinearPaint($face->from->x, $face->from->y, $face->to->x, $face->to->y, array_map(
            static fn (array $normal): array => [$normal[0], $colour($normal[1]), 1.0],
            $face->normals,
        ));
    }

    /**
     * What a place is moved by: as the figure is whose side it shows, about the middle of that one's mark.
     *
     * @param \Closure(int): (Face|null) $at
     */
    private function pose(\Closure $at): Pose
    {
        $pivot = $this->shapes->first()->pivot();
        $moved = function (int $frame) use ($at, $pivot): Point {
            $face = $at($frame);
            $id = $face->figureId ?? '';
            $middle = isset($this->shapes->fulls[$id])
                ? $this->shapes->fulls[$id]->at($this->shapes->range->from)->middle()
                : $pivot;
            [$x, $y] = [$middle->x - $pivot->x, $middle->y - $pivot->y];
            $size = $this->number($face, 'size', $frame, 1.0);
            $turn = deg2rad($this->number($face, 'turn', $frame, 0.0));

            return new Point(
                $this->number($face, 'x', $frame, 0.0) + $x - $size * ($x * cos($turn) - $y * sin($turn)),
                $this->number($face, 'y', $frame, 0.0) + $y - $size * ($x * sin($turn) + $y * cos($turn)),
            );
        };

        return new Pose(
            $pivot,
            $this->track(static fn (int $frame): float => $moved($frame)->x),
            $this->track(static fn (int $frame): float => $moved($frame)->y),
            $this->track(fn (int $frame): float => $this->number($at($frame), 'size', $frame, 1.0)),
            $this->track(fn (int $frame): float => $this->number($at($frame), 'turn', $frame, 0.0)),
        );
    }

    private function number(?Face $face, string $property, int $frame, float $usual): float
    {
        return $face === null ? $usual : $this->timing->number($face->figureId, $property)->at($frame);
    }

    /** @param list<string> $properties */
    private function isMoved(array $properties): bool
    {
        foreach ($this->shapes->order() as $id) {
            foreach ($properties as $property) {
                if (!$this->timing->number($id, $property)->isStill()) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @template V
     *
     * @param \Closure(int): V $valueAt
     *
     * @return Track<V>
     */
    private function track(\Closure $valueAt): Track
    {
        $first = $this->shapes->range->from;

        return count($this->frames) === 1
            ? Track::constant($valueAt($first))
            : Track::of($this->frames, static fn (int $frame): mixed => $valueAt(max($first, $frame)));
    }
}
