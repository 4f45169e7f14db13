<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Shape;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;
use Lupine\Core\Story\ChartTiming;

/** The shapes of a chart's marks over time: as far as they are there, and in full. */
final readonly class ChartShapes
{
    /**
     * @param Track<Layout> $layouts
     * @param array<string, Track<Presence>> $presences by figure id
     * @param array<string, Track<float>> $outs how far each is pulled out, by figure id
     * @param array<string, Track<Shape>> $shapes by figure id
     * @param array<string, Track<Shape>> $fulls by figure id
     */
    private function __construct(
        public FrameRange $range,
        public Track $layouts,
        public array $presences,
        public array $outs,
        public array $shapes,
        public array $fulls,
        /** where all stands at the beginning of the piece and at its end, whichever frames are wanted */
        public Layout $beginning,
        public Layout $end,
    ) {
    }

    public static function of(ChartTiming $timing, FrameRange $range): self
    {
        $layouts = $timing->layouts->over($range);
        $presences = $timing->presences($range);
        [$outs, $shapes, $fulls] = [[], [], []];
        foreach ($timing->figures()->list as $figure) {
            $id = $figure->id;
            $outs[$id] = $timing->number($id, 'out')->track($range);
            $shapes[$id] = self::shape($id, $layouts, $presences[$id], $outs[$id]);
            $fulls[$id] = self::shape($id, $layouts, Track::constant(Presence::full()), $outs[$id]);
        }

        $beginning = $timing->layouts->of(0);
        $last = array_key_last($timing->story->states);
        $end = $last === 0 ? $beginning : $timing->layouts->of($last);

        return new self($range, $layouts, $presences, $outs, $shapes, $fulls, $beginning, $end);
    }

    /** The layout on the first frame that is wanted. */
    public function first(): Layout
    {
        return $this->layouts->at($this->range->from);
    }

    /**
     * In which order they are painted: as they are laid out at the beginning of the piece, whichever frames are wanted.
     *
     * @return list<string> figure ids
     */
    public function order(): array
    {
        return $this->beginning->order();
    }

    /**
     * @param Track<Layout> $layouts
     * @param Track<Presence> $presence
     * @param Track<float> $out
     *
     * @return Track<Shape>
     */
    private static function shape(string $id, Track $layouts, Track $presence, Track $out): Track
    {
        if ($layouts->isConstant() && $out->isConstant()) {
            [$layout, $pulled] = [$layouts->atChange($layouts->changes[0]), $out->atChange($out->changes[0])];

            return $presence->map(static fn (Presence $there): Shape => $layout->shape($id, $there, $pulled));
        }

        return Track::of(
            [...$layouts->changes, ...$presence->changes, ...$out->changes],
            static fn (int $frame): Shape => $layouts->at($frame)->shape($id, $presence->at($frame), $out->at($frame)),
        );
    }
}
