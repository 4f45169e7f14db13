<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\PatternTile;
use Lupine\Core\Form\RoundForm;
use Lupine\Core\Form\Slot;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Presence;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\SoftEdge;

/** The looks around and on the marks of a round chart. */
final readonly class DrawFinish
{
    /**
     * pixels to each side of a boundary that are laid under it, so that no ground shows even where the stage is shown
     * small
     */
    private const SEAM = 4.0;

    public function __construct(private Chart $chart, private RoundForm $form)
    {
    }

    public static function fill(Chart $chart, RoundForm $form, Slot $slot, string $colour): Paint
    {
        if ($chart->finish->fill === 'flat') {
            return new FlatPaint($colour);
        }
        $centre = $form->sector($slot, 0, 1, $chart->own($slot->figureId)->out)->centre;
        $base = Colour::hex($colour);
        $hole = $form->holeRadius() / max(1e-9, $form->outerRadius());

        return new RadialPaint($centre->x, $centre->y, $form->outerRadius(), [
            [$hole, $base->lightened(-0.07)->toHex(), 1.0],
            [$hole + (1 - $hole) * 0.55, $colour, 1.0],
            [1.0, $base->lightened(0.07)->toHex(), 1.0],
        ]);
    }

    /**
     * @param array<string, PathNode> $marks by figure id
     * @param array<string, string> $colours by figure id
     *
     * @return list<PathNode> the shadow, then all glows
     */
    public function softEdges(array $marks, array $colours): array
    {
        $glows = [];
        foreach ($marks as $figureId => $mark) {
            $own = $this->chart->own($figureId);
            $glow = $own->hasGlow ? $own->glow : $this->chart->finish->glow;
            if ($glow !== null) {
                $colour = $glow->colour ?? $colours[$figureId];
                $glows[] = self::soft($mark->outline, $glow, $colour, 0.5);
                $glows[] = self::soft($mark->outline, $glow, $colour, 0.16);
            }
        }

        $shadow = $this->chart->finish->shadow;
        if ($shadow === null || $marks === []) {
            return $glows;
        }
        // All marks throw one shadow, so that none darkens its neighbour.
        $outlines = array_map(static fn (PathNode $mark): Track => $mark->outline, array_values($marks));
        $all = Track::combine($outlines, static fn (array $there): string => implode('', $there));

        return [self::soft($all, $shadow, $shadow->colour ?? '#000000', 0.5), ...$glows];
    }

    /** The pattern over a mark, or null where it has none. */
    public function pattern(string $figureId, PathNode $mark, string $colour): ?PathNode
    {
        $own = $this->chart->own($figureId);
        $pattern = $own->hasPattern ? $own->pattern : $this->chart->finish->pattern;
        if ($pattern === null || $pattern->opacity <= 0) {
            return null;
        }
        $tile = PatternTile::of($pattern);
        $ink = Colour::hex($colour)->luminance() > 0.4 ? '#000000' : '#ffffff';
        $paint = new PatternPaint(
            $this->form->centre->x,
            $this->form->centre->y,
            $tile->size,
            $pattern->degrees,
            $tile->outline,
            $ink,
            $this->form->outerRadius() + $own->out,
        );

        return new PathNode($mark->outline, $paint, $pattern->opacity);
    }

    /**
     * Patches under the boundaries of parts that touch. Each smoothed edge lets a little of what is behind it through;
     * with the neighbour's colour behind it, the ground cannot show between two parts.
     *
     * @param array<string, PathNode> $marks by figure id
     * @param array<string, Track<Presence>> $presences by figure id
     *
     * @return list<PathNode>
     */
    public function seams(array $marks, array $presences): array
    {
        if ($this->form->hasGap()) {
            return [];
        }
        $slots = array_values(
            array_filter($this->form->slots, static fn (Slot $slot): bool => $slot->sweepDegrees > 0),
        );
        if ($this->chart->form->direction === 'counterclockwise') {
            $slots = array_reverse($slots);
        }
        $seams = [];
        foreach ($slots as $index => $slot) {
            $next = $slots[($index + 1) % count($slots)];
            if ($next === $slot || !self::touch($slot, $next) || $this->isOut($slot) || $this->isOut($next)) {
                continue;
            }
            $outline = Track::combine([$presences[$slot->figureId], $presences[$next->figureId]], function (
                array $both,
            ) use ($slot, $next): string {
                if ($both[0]->to < 1.0 || $both[1]->from > 0.0 || $both[0]->amount <= 0 || $both[1]->amount <= 0) {
                    return '';
                }

                // No wider than half of what is there on either side, or it would stand out beyond it.
                return $this->patch(
                    $slot->toDegrees(),
                    min($slot->sweepDegrees * $both[0]->amount, $next->sweepDegrees * $both[1]->amount, 90.0) / 2,
                );
            });
            $seams[] = new PathNode($outline, $marks[$slot->figureId]->fill);
        }

        return $seams;
    }

    /** @param Track<string> $outline */
    private static function soft(Track $outline, SoftEdge $edge, string $colour, float $part): PathNode
    {
        return new PathNode($outline, new FlatPaint($colour), $edge->opacity, $edge->reach * $part);
    }

    private static function touch(Slot $slot, Slot $next): bool
    {
        return abs(fmod($next->fromDegrees - $slot->fromDegrees - $slot->sweepDegrees + 720.0 + 1e-9, 360.0)) < 1e-6;
    }

    private function isOut(Slot $slot): bool
    {
        return $this->chart->own($slot->figureId)->out > 0;
    }

    /** @param float $reachDegrees how far to each side of the boundary it may reach */
    private function patch(float $degrees, float $reachDegrees): string
    {
        $inner = $this->form->holeRadius() > 0 ? $this->form->holeRadius() + 0.5 : 0.0;
        $outer = $this->form->outerRadius() - 0.5;
        $wide = self::SEAM / max(1e-9, sin(deg2rad($reachDegrees)));
        $radii = $wide > $inner && $wide < $outer ? [$inner, $wide, $outer] : [$inner, $outer];
        $corner = fn (float $radius, int $side): Point => $this->form->centre
            ->towards($degrees, $radius)
            ->towards($degrees + 90, $side * min(self::SEAM, $radius * sin(deg2rad($reachDegrees))));
        $path = (new OutlineBuilder())->moveTo($corner($inner, -1));
        foreach (array_slice($radii, 1) as $radius) {
            $path->lineTo($corner($radius, -1));
        }
        foreach (array_reverse($radii) as $radius) {
            $path->lineTo($corner($radius, 1));
        }

        return $path->close()->pathData();
    }
}
