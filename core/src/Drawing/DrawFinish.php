<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Form\Grain;
use Lupine\Core\Form\HasGaps;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartTiming;

/** The looks around and on the marks of a chart. */
final readonly class DrawFinish
{
    /** how much a rest is there that is only tinted */
    private const TINT = 0.28;

    /**
     * how opaque a fill is at least under which a patch shows less than its lack: laid on twice, a is too much by
     * a (1 − a), and two smoothed edges are too little by a² ÷ 4 at most
     */
    private const DENSE = 0.8;

    /** @var array<string, Coated> by figure id */
    private array $coated;

    public function __construct(
        private Chart $chart,
        private ChartShapes $shapes,
        private ChartTiming $timing,
        private DrawCoats $coats,
        private Box $stage,
    ) {
        $around = $shapes->layouts->map(static fn (Layout $layout): Box => $layout->extent());
        $outline = static fn (Shape $shape): string => $shape->outline();
        $coated = [];
        foreach ($shapes->order() as $id) {
            $coated[$id] = new Coated(
                $id,
                Track::constant($timing->colours[$id]),
                $shapes->shapes[$id]->map($outline),
                $shapes->fulls[$id]->map(static fn (Shape $shape): Grain => $shape->grain()),
                $shapes->fulls[$id]->map($outline),
                $around,
                $stage,
                $timing->coats[$id]->track($shapes->range),
            );
        }
        $this->coated = $coated;
    }

    /** The mark itself: its outline with the fill that everything else lies on. */
    public function mark(string $figureId, Mark $mark): PathNode
    {
        $on = $this->coated[$figureId];
        $tint = $this->isTinted($figureId) ? self::TINT : 1.0;

        return new PathNode(
            $on->outline,
            $this->coats->ground($on),
            $on->coats->map(static fn (Coats $coats): float => $coats->ground()->opacity * $tint),
            mark: $mark,
            blend: $on->coats->first()->ground()->blend,
        );
    }

    /** @return list<Node> what lies on a mark, from the ground to the eye */
    public function onMark(string $figureId): array
    {
        return array_values(array_filter([
            ...$this->coats->onFill($this->coated[$figureId]),
            $this->light($figureId),
        ]));
    }

    /**
     * The same nodes, with the holes that textures of the mark leave in them.
     *
     * @param list<Node> $nodes
     *
     * @return list<Node>
     */
    public function withHoles(string $figureId, array $nodes): array
    {
        return $this->coats->withHoles($nodes, $this->coated[$figureId]);
    }

    /** The mark whose holes are those of all, where all have the same: one mask does for them. */
    public function sharedHoles(): ?string
    {
        foreach (array_keys($this->coated) as $id) {
            if ($this->hasOwn((string) $id, 'textures')) {
                return null;
            }
        }
        $first = (string) array_key_first($this->coated);
        $holes = $first === '' ? [] : $this->coated[$first]->coats->first()->holes();
        $isStill = array_filter($holes, static fn (TextureCoat $one): bool => $one->lie !== 'still') === [];

        return $holes !== [] && $isStill ? $first : null;
    }

    private function isTinted(string $figureId): bool
    {
        return $this->timing->figure($figureId)->isRest
            && $this->chart->form->has('rest')
            && $this->chart->form->word('rest') === 'tinted';
    }

    /**
     * @param array<string, PathNode> $bodies what throws shadows and glows, by figure id
     * @param array<string, Track<string>> $feet where it stands on the ground, if it does
     *
     * @return list<Node> the shadows, then all glows
     */
    public function softEdges(array $bodies, array $feet, FigurePoses $poses): array
    {
        $glows = $alone = $together = [];
        foreach ($bodies as $figureId => $body) {
            $id = (string) $figureId;
            $on = $this->coated[$id]->outlined($body->outline, $feet[$id] ?? null);
            array_push($glows, ...$poses->pose($id, [...$this->coats->glows($on), ...$this->coats->around($on)]));
            // All marks throw one shadow, so that none darkens its neighbour; one that goes its own way has its own.
            if ($this->isPosed($id) || $this->hasOwn($id, 'shadows')) {
                array_push($alone, ...$poses->pose($id, $this->coats->shadows($on)));
            } else {
                $together[] = $on;
            }
        }
        if ($together !== []) {
            array_unshift($alone, ...$this->coats->shadows($together[0]->outlined(
                self::joined(array_map(static fn (Coated $on): Track => $on->outline, $together)),
                self::joined(array_map(static fn (Coated $on): Track => $on->foot ?? $on->outline, $together)),
            )));
        }

        return [...$alone, ...$this->outOfGaps($glows)];
    }

    /** Has a part coats of a kind of its own, or do moves change its coats alone? */
    private function hasOwn(string $figureId, string $kind): bool
    {
        $own = Properties::OF_COATS.$kind.'.';

        return $this->chart->own($figureId)->coats->has($kind) || array_filter(
            $this->timing->changesOfFigures[$figureId] ?? [],
            static fn (array $one): bool => str_starts_with($one[1]->property, $own),
        ) !== [];
    }

    /**
     * @param list<Track<string>> $outlines
     *
     * @return Track<string>
     */
    private static function joined(array $outlines): Track
    {
        return Track::combine($outlines, static fn (array $there): string => implode('', $there));
    }

    /**
     * Light that leaves the gaps between parts as they are.
     *
     * @param list<Node> $glows
     *
     * @return list<Node>
     */
    private function outOfGaps(array $glows): array
    {
        if ($glows === [] || !$this->shapes->first() instanceof HasGaps) {
            return $glows;
        }
        $far = 4 * max($this->stage->width, $this->stage->height);
        $all = OutlineBuilder::rectangle(-$far, -$far, 2 * $far, 2 * $far);
        $gaps = $this->gaps();
        foreach ($gaps->changes as $frame) {
            if ($gaps->atChange($frame) !== '') {
                $clip = $gaps->map(static fn (string $gaps): string => $all.$gaps);

                return [new GroupNode(Role::Soft, $glows, clip: $clip)];
            }
        }

        return $glows;
    }

    /** @return Track<string> the gaps between parts that are in their places */
    private function gaps(): Track
    {
        $frames = $this->shapes->layouts->changes;
        foreach ($this->shapes->presences as $id => $presence) {
            array_push($frames, ...$presence->changes, ...$this->shapes->outs[$id]->changes);
        }
        $posed = array_filter(array_keys($this->coated), fn (int|string $id): bool => $this->isPosed((string) $id));

        return Track::of($frames, function (int $frame) use ($posed): string {
            $layout = $this->shapes->layouts->at($frame);
            $there = [];
            foreach ($this->shapes->presences as $id => $presence) {
                if ($this->shapes->outs[$id]->at($frame) <= 0 && !in_array($id, $posed, true)) {
                    $there[(string) $id] = $presence->at($frame);
                }
            }

            return $layout instanceof HasGaps ? $layout->gaps($there) : '';
        });
    }

    /** White over a mark, as much as a move lights it up; null where none does. */
    private function light(string $figureId): ?GroupNode
    {
        $light = $this->timing->number($figureId, 'light');

        return $light->isStill()
            ? null
            : new GroupNode(
                Role::Light,
                [new PathNode($this->coated[$figureId]->outline, new FlatPaint('#ffffff'))],
                $light->track($this->shapes->range),
                of: $figureId,
            );
    }

    /**
     * Patches under the boundaries of parts that touch. Each smoothed edge lets a little of what is behind it through;
     * with the neighbour's colour behind it, the ground cannot show between two parts. Of a fill that is seen through,
     * a patch would be seen as a line of its own.
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
            $outline = $this->seam($before, $after)->with(
                $this->coated[$before]->coats,
                static fn (string $seam, Coats $coats): string => $coats->ground()->leastOpacity() < self::DENSE
                    ? ''
                    : $seam,
            );
            $seams[] = new PathNode($outline, $marks[$before]->fill);
        }

        return $seams;
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
}
