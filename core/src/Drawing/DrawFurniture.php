<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Furniture;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Layout;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Lettering\TickNumbers;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\TrackSettings;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartTiming;

/** What a form sets beside its marks: tracks, axes and ticks behind them, a target before them. */
final readonly class DrawFurniture
{
    /** how much of its figure's colour a track has, and of the words' colour everything else */
    private const TINT = 0.24;
    private const PLAIN = 0.14;
    private const AXIS = 0.55;
    private const TICK = 0.16;

    /** from the ground to the eye */
    private const ROLES = ['track', 'tick', 'axis', 'target'];

    /** @var array<string, Furniture> everything that is there on any frame, by its name */
    private array $all;

    /** @var Track<array<string, Furniture>> found once a frame for all of it */
    private Track $now;

    public function __construct(
        private Chart $chart,
        private ChartTiming $timing,
        private ChartShapes $shapes,
        private DrawTexts $texts,
    ) {
        $this->now = $shapes->layouts->map(static fn (Layout $layout): array => $layout->furniture());
        $all = [];
        foreach ($this->now->changes as $frame) {
            $all += $this->now->atChange($frame);
        }
        // In one order, whichever frames are wanted: as at first, and then what comes later.
        $first = array_flip(array_keys($shapes->beginning->furniture()));
        $rank = static fn (Furniture $one): int => (int) array_search($one->role, self::ROLES, true);
        uksort($all, static function (int|string $one, int|string $other) use ($all, $rank, $first): int {
            $before = [$rank($all[$one]), $first[$one] ?? INF] <=> [$rank($all[$other]), $first[$other] ?? INF];

            return $before !== 0 ? $before : strnatcmp((string) $one, (string) $other);
        });
        $this->all = $all;
    }

    /** @return list<Node> */
    public function behind(): array
    {
        return $this->group(
            Role::Furniture,
            array_filter($this->all, static fn (Furniture $one): bool => $one->role !== 'target'),
        );
    }

    /** @return list<Node> */
    public function inFront(): array
    {
        return $this->group(
            Role::Target,
            array_filter($this->all, static fn (Furniture $one): bool => $one->role === 'target'),
        );
    }

    /**
     * @param array<string, Furniture> $furniture
     *
     * @return list<Node>
     */
    private function group(Role $role, array $furniture): array
    {
        if ($furniture === []) {
            return [];
        }
        $nodes = [];
        foreach ($furniture as $key => $one) {
            array_push($nodes, ...$this->nodes((string) $key, $one));
        }

        return [new GroupNode($role, $nodes, $this->fadeIn())];
    }

    /** @return list<Node> */
    private function nodes(string $key, Furniture $one): array
    {
        $now = $this->now->map(static fn (array $all): ?Furniture => $all[$key] ?? null);
        $tracks = $one->role === 'track' ? $this->timing->tracks[$one->figureId ?? ''] ?? null : null;
        if ($tracks !== null) {
            return $this->track($one, $now, $tracks->track($this->shapes->range));
        }
        $path = new PathNode(
            $now->map(static fn (?Furniture $now): string => $now->outline ?? ''),
            new FlatPaint($this->colour($one)),
            match (true) {
                $one->role === 'target' => 1.0,
                $one->role === 'axis' => self::AXIS,
                $one->role === 'tick' => self::TICK,
                $one->isTinted => self::TINT,
                default => self::PLAIN,
            },
            trackOf: $one->role === 'track' ? $one->figureId : null,
        );
        if ($one->role !== 'tick') {
            return [$path];
        }
        $nodes = [$path];
        if ($one->number !== null && $one->anchor !== null) {
            $nodes[] = $this->number($one->number, $now, $one->anchor);
        }

        $opacity = $now->map(static fn (?Furniture $now): float => $now->opacity ?? 0.0);

        return [new GroupNode(Role::Tick, $nodes, $opacity, of: $key)];
    }

    /**
     * A track with coats.
     *
     * @param Track<Furniture|null> $now
     * @param Track<TrackSettings> $settings
     *
     * @return list<Node>
     */
    private function track(Furniture $one, Track $now, Track $settings): array
    {
        $outline = $now->map(static fn (?Furniture $now): string => $now->outline ?? '');
        $box = $outline->map(MeasuredOutline::boxAround(...));
        $colour = $this->colour($one);
        $on = new Coated(
            (string) $one->figureId,
            $settings->map(static fn (TrackSettings $now): string => $now->colour ?? $colour),
            $outline,
            $box->map(Grain::across(...)),
            $outline,
            $this->shapes->layouts->map(static fn (Layout $layout): Box => $layout->extent()),
            $this->texts->stage,
            $settings->map(static fn (TrackSettings $now): Coats => $now->coats),
        );
        $usual = $one->isTinted ? self::TINT : self::PLAIN;
        $much = $settings->map(
            static fn (TrackSettings $now): float => $now->colour !== null ? $now->opacity : $usual,
        );

        return $this->texts->coats->all($on, $much, $one->figureId);
    }

    /** @param Track<Furniture|null> $now */
    private function number(float $number, Track $now, Anchor $anchor): Node
    {
        $numbers = new TickNumbers($this->chart->words, $this->texts->setter);
        $down = $numbers->down($anchor);

        return $this->texts->line(
            $numbers->text($number),
            $this->timing->styles->track('labels', $numbers->style, $this->shapes->range),
            $now->map(static fn (?Furniture $now): float => $now->anchor->point->x ?? 0.0),
            $now->map(static fn (?Furniture $now): float => ($now->anchor->point->y ?? 0.0) + $down),
            $anchor->align,
        );
    }

    private function colour(Furniture $one): string
    {
        return $one->isTinted && $one->figureId !== null
            ? $this->timing->colours[$one->figureId]
            : $this->chart->words->labels->style->colour;
    }

    /**
     * It is there a little before the first mark, and as long as any is.
     *
     * @return Track<float>
     */
    private function fadeIn(): Track
    {
        return Track::combine(
            array_values($this->shapes->presences),
            static fn (array $there): float => round(
                min(1.0, 12 * array_sum(array_map(static fn (Presence $one): float => $one->amount, $there))),
                4,
            ),
        );
    }
}
