<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Ribbon;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Axes;
use Lupine\Core\Form\CountsFromZero;
use Lupine\Core\Form\Furniture;
use Lupine\Core\Form\HasGaps;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Room;
use Lupine\Core\Form\Spread;
use Lupine\Core\Geometry\ArcChain;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;

/** Bands along a curve: all parts in one, or each amount in its own. */
final readonly class RibbonLayout implements HasGaps, Layout
{
    use CountsFromZero;

    /** pixels to each side of a boundary that are laid under it */
    private const SEAM = 4.0;

    /** pixels below which there is no gap between two parts, and straight pieces that its sides are made of */
    private const LEAST_GAP = 1e-6;
    private const GAP_STEPS = 8;

    /** how near to the middle of a bend a band may come, as a fraction of its radius */
    private const TIGHTEST = 0.92;

    /** places at which the way of a ribbon is looked at, and how far back it may lean there, as a cosine */
    private const LOOKS = 48;
    private const BACK = 0.02;

    /** sides from which on words stand above and below it */
    private const FLAT = 2.2;

    /** @param array<string, Band> $bands by figure id, in the order in which they are laid out */
    private function __construct(
        private FormSettings $settings,
        private ArcChain $chain,
        private array $bands,
        private bool $isParts,
        private bool $isClosed,
        private float $thickness,
    ) {
    }

    public static function ofParts(FormSettings $settings, ArcChain $chain, Moment $moment): self
    {
        $isClosed = $chain->at(0.0)[0]->distanceTo($chain->at($chain->length)[0]) < 0.01;
        $shown = 0;
        foreach ($moment->standings as $standing) {
            $isLeftOut = $standing->isRest && $settings->word('rest') === 'none';
            $shown += $standing->fraction > 0 && !$isLeftOut ? 1 : 0;
        }
        $gaps = $shown > 1 ? ($isClosed ? $shown : $shown - 1) : 0;
        // Together the gaps take at most half of the ribbon.
        $gap = $gaps > 0 ? min($settings->number('gap'), $chain->length / 2 / $gaps) : 0.0;
        $visible = $chain->length - $gaps * $gap;
        $begins = $moment->begins();
        $bands = [];
        $before = 0;
        foreach ($moment->inPlace() as $standing) {
            $id = $standing->figureId;
            $isLeftOut = $standing->isRest && $settings->word('rest') === 'none';
            $length = $isLeftOut ? 0.0 : $visible * $standing->fraction;
            $from = $visible * $begins[$id] + $before * $gap + ($isClosed ? $gap / 2 : 0.0);
            $bands[$id] = new Band($chain, $from, $from + $length, $visible);
            $before += $length > 0 ? 1 : 0;
        }

        return new self($settings, $chain, $bands, true, $isClosed, self::thickness($settings, $chain, 1));
    }

    public static function ofAmounts(FormSettings $settings, ArcChain $chain, Moment $moment): self
    {
        $count = $moment->room();
        $thickness = self::thickness($settings, $chain, $count);
        $step = $thickness * (1 + $settings->number('spacing') / $settings->number('thickness'));
        $bands = [];
        foreach ($moment->inPlace() as $standing) {
            $own = $chain->beside((($count - 1) / 2 - $standing->place) * $step);
            $bands[$standing->figureId] = new Band($own, 0.0, $own->length * $standing->fraction, $own->length);
        }

        return new self($settings, $chain, $bands, false, false, $thickness);
    }

    /** As it is set, or as much as the tightest bend leaves room for. */
    private static function thickness(FormSettings $settings, ArcChain $chain, int $bands): float
    {
        $thickness = $settings->number('thickness');
        $spacing = $bands > 1 ? $settings->number('spacing') : 0.0;
        $all = $bands * $thickness + ($bands - 1) * $spacing;

        return $thickness * min(1.0, (2 * self::TIGHTEST * $chain->tightestRadius()) / $all);
    }

    public function order(): array
    {
        return array_map('strval', array_keys($this->bands));
    }

    public function shape(string $figureId, Presence $there, float $out): BandShape
    {
        return new BandShape(
            $this->bands[$figureId],
            $this->thickness / 2,
            $this->settings->word('ends') === 'round' ? $this->thickness / 2 : 0.0,
            $there,
            $out,
            $this->isParts,
        );
    }

    public function pivot(): Point
    {
        return $this->chain->box()->middle();
    }

    public function extent(): Box
    {
        $box = $this->chain->box();
        $more = $this->thickness / 2;

        return new Box($box->left - $more, $box->top - $more, $box->width + 2 * $more, $box->height + 2 * $more);
    }

    public function measure(): Measure
    {
        return Measure::Path;
    }

    public function whole(string $figureId): float
    {
        return $this->bands[$figureId]->whole;
    }

    public function gaps(array $there): string
    {
        $bands = array_filter(
            $this->isParts ? $this->bands : [],
            static fn (Band $band, int|string $id): bool => $band->length() > 0 && isset($there[$id]),
            ARRAY_FILTER_USE_BOTH,
        );
        $ids = array_map('strval', array_keys($bands));
        $gaps = '';
        foreach ($ids as $index => $id) {
            $next = $ids[$index + 1] ?? ($this->isClosed && $index > 0 ? $ids[0] : null);
            if ($next !== null && $there[$id]->to >= 1.0 && $there[$next]->from <= 0.0) {
                $gaps .= $this->gap($bands[$id]->to, $bands[$next]->from);
            }
        }

        return $gaps;
    }

    /** The stretch between two parts; round ends have their light about them. */
    private function gap(float $from, float $to): string
    {
        if ($to < $from) {
            return $this->gap($from, $this->chain->length).$this->gap(0.0, $to);
        }
        if ($to - $from < self::LEAST_GAP) {
            return '';
        }
        $sides = [[], []];
        for ($step = 0; $step <= self::GAP_STEPS; ++$step) {
            [$point, $heading] = $this->chain->at($from + (($to - $from) * $step) / self::GAP_STEPS);
            foreach ([-0.5, 0.5] as $side => $part) {
                $sides[$side][] = new Point(
                    $point->x - $part * $this->thickness * sin($heading),
                    $point->y + $part * $this->thickness * cos($heading),
                );
            }
        }
        $path = (new OutlineBuilder())->moveTo($sides[1][0]);
        foreach ([...array_slice($sides[1], 1), ...array_reverse($sides[0])] as $corner) {
            $path->lineTo($corner);
        }

        return $path->close()->pathData();
    }

    public function neighbours(): array
    {
        if (!$this->isParts || $this->settings->number('gap') > 0 || $this->settings->word('ends') === 'round') {
            return [];
        }
        $ids = array_values(
            array_filter($this->order(), fn (string $id): bool => $this->bands[$id]->length() > 0),
        );
        $neighbours = [];
        foreach ($ids as $index => $id) {
            $next = $ids[$index + 1] ?? ($this->isClosed && $index > 0 ? $ids[0] : null);
            if ($next !== null && $this->touch($id, $next)) {
                $neighbours[] = [$id, $next];
            }
        }

        return $neighbours;
    }

    public function seam(string $before, string $after, Presence $beforeThere, Presence $afterThere): string
    {
        if ($beforeThere->to < 1.0 || $afterThere->from > 0.0 || !$this->touch($before, $after)) {
            return '';
        }
        $reach = min(
            self::SEAM,
            ($this->bands[$before]->length() * $beforeThere->amount) / 2,
            ($this->bands[$after]->length() * $afterThere->amount) / 2,
        );
        $at = $this->bands[$before]->to;
        $half = $this->thickness / 2 - 0.5;

        return $this->chain->band($at - $reach, $at + $reach, $half)
            .($this->isClosed && $at + $reach > $this->chain->length
                ? $this->chain->band(0.0, $at + $reach - $this->chain->length, $half)
                : '');
    }

    public function furniture(): array
    {
        $isTinted = $this->settings->has('track') && $this->settings->word('track') === 'tinted';
        $tracks = [];
        if (!$this->isParts && $this->settings->word('track') !== 'none') {
            $half = $this->thickness / 2;
            $corner = $this->settings->word('ends') === 'round' ? $half : 0.0;
            foreach ($this->bands as $figureId => $band) {
                $outline = $band->chain->band(0.0, $band->chain->length, $half, $corner);
                $tracks['track-'.$figureId] = Furniture::track((string) $figureId, $outline, $isTinted);
            }
        }

        return $tracks;
    }

    public function spread(): Spread
    {
        $isStraight = !is_finite($this->chain->tightestRadius());
        $extent = $this->extent();

        return match (true) {
            $this->isParts && $isStraight && $extent->width > self::FLAT * $extent->height => Spread::Rows,
            $this->isParts && $this->isClosed => Spread::Sides,
            $this->isParts && $this->goesOneWay() => Spread::Rows,
            // From bends that lie within each other lines would run over other parts.
            default => Spread::Stay,
        };
    }

    /** Whether it never turns back, so that what goes straight up or down from it meets no other part of it. */
    private function goesOneWay(): bool
    {
        for ($step = 0; $step <= self::LOOKS; ++$step) {
            [, $heading] = $this->chain->at($this->chain->length * $step / self::LOOKS);
            if (cos($heading) < -self::BACK) {
                return false;
            }
        }

        return true;
    }

    public function axes(): ?Axes
    {
        return null;
    }

    public function pitch(): ?float
    {
        return null;
    }

    public function middle(): ?Room
    {
        if (!$this->isClosed) {
            return null;
        }
        $box = $this->chain->box();
        $inner = min($box->width, $box->height) - $this->thickness;

        return $inner > 0 ? new Room($box->middle(), $inner * 0.8, $inner / 2) : null;
    }

    private function touch(string $before, string $after): bool
    {
        $gap = abs($this->bands[$after]->from - $this->bands[$before]->to);

        return $gap < 1e-6 || ($this->isClosed && abs($gap - $this->chain->length) < 1e-6);
    }
}
