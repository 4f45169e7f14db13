<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Form\Grain;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\BackdropLight;
use Lupine\Core\Piece\Clouds;
use Lupine\Core\Piece\Coat\Blend;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Reel\CloudsPaint;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\RadialPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\BackdropOverTime;

/** What is behind the charts: its fill, clouds, lights, a vignette, and textures over all of it. */
final readonly class DrawBackdrop
{
    /** so many states clouds go through on their way back to themselves */
    private const STATES = 512;

    /** @var Track<string> the outline of the stage */
    private Track $all;

    private Box $stage;

    /** @param array<string, Picture> $pictures of the piece, by id */
    public function __construct(
        private int $width,
        private int $height,
        private FrameRange $range,
        private array $pictures = [],
    ) {
        $this->stage = new Box(0, 0, $width, $height);
        $this->all = Track::constant(OutlineBuilder::rectangle(0, 0, $width, $height));
    }

    /** @return list<Node> */
    public function nodes(BackdropOverTime $over, Backdrop $first): array
    {
        if ($first->kind === 'transparent') {
            return [];
        }
        $keyed = Track::of($over->keys($this->range), $over->at(...))->held();
        $nodes = [new PathNode($this->all, $keyed->map($this->fill(...))->held())];
        // They are slow and soft: a shutter would see nothing of it, and paint all of the ground for each moment.
        $wandering = Track::of($over->changes($this->range), $over->at(...))->held();
        $picture = $first->kind === 'picture' ? $this->pictures[$first->picture ?? ''] ?? null : null;
        if ($picture !== null) {
            $nodes[] = new PathNode(
                $this->all,
                $wandering->map(fn (Backdrop $now): Paint => CoatPaints::picture($now->fill(), $this->stage, $picture)),
                $keyed->map(static fn (Backdrop $now): float => 1.0 - $now->dim),
            );
        }
        foreach ($first->clouds as $index => $clouds) {
            $nodes[] = $this->clouds($over, $keyed, $index, $clouds);
        }
        foreach ($first->lights as $index => $light) {
            $nodes[] = $this->light($light->wander > 0 ? $wandering : $keyed, $index, $light);
        }
        if (max(array_map(static fn (int $at): float => $keyed->at($at)->vignette, $keyed->changes)) > 0) {
            $nodes[] = new PathNode($this->all, $keyed->map($this->vignette(...))->held());
        }
        foreach ($first->textures as $index => $texture) {
            if ($texture->isSeen()) {
                $nodes[] = $this->texture($keyed, $index, $texture);
            }
        }

        return [new GroupNode(Role::Backdrop, $nodes)];
    }

    private function fill(Backdrop $now): Paint
    {
        return $now->kind === 'colour' || $now->kind === 'picture'
            ? new FlatPaint($now->colour)
            : CoatPaints::gradient($now->fill(), $this->stage, $now->colour);
    }

    /** @param Track<Backdrop> $keyed */
    private function clouds(BackdropOverTime $over, Track $keyed, int $index, Clouds $first): Node
    {
        $moments = $first->every === 0 ? [$this->range->from] : range($this->range->from, $this->range->to);
        // It is much higher than wide where they are few; clouds are about as wide as they are high.
        $rows = max(1, (int) round(($first->across * $this->height) / $this->width));
        $paint = static fn (int $moment): Paint => new CloudsPaint(
            $keyed->at($moment)->clouds[$index]->colour,
            $first->across,
            $rows,
            $first->variant,
            round($over->come($first, $moment) * self::STATES) % self::STATES / self::STATES,
        );

        return new PathNode(
            $this->all,
            Track::of([...$keyed->changes, ...$moments], $paint)->held(),
            $keyed->map(static fn (Backdrop $now): float => $now->clouds[$index]->amount),
            blend: $first->blend,
        );
    }

    /** @param Track<Backdrop> $looks */
    private function light(Track $looks, int $index, BackdropLight $first): Node
    {
        $its = static fn (\Closure $of): Track => $looks->map(static fn (Backdrop $now) => $of($now->lights[$index]));
        $radius = fn (BackdropLight $light): float => round($light->size * $this->width, 3);
        $blot = new PathNode(
            $its(static fn (BackdropLight $light): string => OutlineBuilder::circle(new Point(0, 0), $radius($light))),
            $its(static fn (BackdropLight $light): Paint => new RadialPaint(0, 0, $radius($light), array_map(
                static fn (array $stop): array => [$stop[0], $light->colour, $stop[1]],
                BackdropLight::FADE,
            ))),
            $its(static fn (BackdropLight $light): float => $light->opacity),
            blend: $first->blend,
        );
        $one = Track::constant(1.0);

        return new GroupNode(Role::GroundLight, [$blot], null, new Pose(
            new Point(0, 0),
            $its(fn (BackdropLight $light): float => $light->x * $this->width)->held(),
            $its(fn (BackdropLight $light): float => $light->y * $this->height)->held(),
            $one,
            Track::constant(0.0),
        ), of: 'light'.$index);
    }

    /** @param Track<Backdrop> $keyed */
    private function texture(Track $keyed, int $index, TextureCoat $first): Node
    {
        $nowhere = Grain::linear(new Point(0, 0), new Point(1, 0), new Point(0, 0), 0);

        return new PathNode(
            $this->all,
            CoatPaints::tile($first, $nowhere),
            $keyed->map(static fn (Backdrop $now): float => $now->textures[$index]->amount),
            blend: $first->blend === 'relief' ? Blend::NORMAL : $first->blend,
        );
    }

    private function vignette(Backdrop $now): RadialPaint
    {
        return new RadialPaint(
            $this->width / 2,
            $this->height / 2,
            $this->width * M_SQRT1_2,
            array_map(
                static fn (array $stop): array => [$stop[0], '#000000', $now->vignette * $stop[1]],
                Backdrop::VIGNETTE,
            ),
            $this->height / $this->width,
        );
    }
}
