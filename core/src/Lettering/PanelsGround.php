<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Story\PanelOverTime;

/** What colours words can have behind them where panels are behind them. */
final readonly class PanelsGround
{
    /** less of a panel than this is in nobody's way (common practice, no source) */
    private const SEEN = 0.05;

    /** what is behind the words of a chart, behind other words, and behind captions */
    public const OF_CHART = ['back'];
    public const OF_WORDS = ['back', 'between'];
    public const OF_CAPTIONS = ['back', 'between', 'front'];

    /**
     * @param list<PanelOverTime> $panels that are seen, from the back to the front
     * @param array<string, Picture> $pictures of the piece, by id
     */
    public function __construct(public array $panels, private Box $stage, private array $pictures)
    {
    }

    /**
     * @param list<string> $layers of those that are behind it
     * @param Colour|null $below what is behind them; null: nothing
     *
     * @return list<Colour|null> all that can be there; the least that is known of it: what was behind them
     */
    public function at(Point $point, int $frame, array $layers, ?Colour $below): array
    {
        $colours = [$below];
        foreach ($this->panels as $panel) {
            if (!in_array($panel->panel->layer, $layers, true)) {
                continue;
            }
            $opacity = $panel->pose['opacity']->at($frame);
            $now = $panel->at($frame);
            $own = self::own($panel, $point, $frame);
            $is = $opacity > self::SEEN ? self::there($now, $panel, $own, $frame) : false;
            if ($is) {
                $holds = static fn (Point $at, float $far): bool => self::there($now, $panel, $at, $frame)
                    && ($far < 1 || self::isDeep($now, $panel, $at, $frame, $far));
                $colours = $this->on($now, $own, $opacity, $colours, $holds);
            }
        }

        return $colours;
    }

    /**
     * @param list<Colour|null> $below
     * @param \Closure(Point, float): bool $holds
     *
     * @return list<Colour|null>
     */
    private function on(Panel $panel, Point $own, float $opacity, array $below, \Closure $holds): array
    {
        $box = Box::around(new Point($panel->x, $panel->y), $panel->width, $panel->height);
        $ground = new CoatsGround(
            $panel->coats,
            $panel->colour,
            fn (string $what): Box => $what === 'stage' ? $this->stage : $box,
            $this->pictures,
            $holds,
        );
        $colours = [];
        foreach ($below as $under) {
            foreach ($ground->at($own, $under) as $colour) {
                $colours[] = $under === null ? $colour : $under->mixedWith($colour, $opacity);
            }
        }

        return $colours;
    }

    /** The point in the pixels of a panel that nothing has moved. */
    private static function own(PanelOverTime $panel, Point $point, int $frame): Point
    {
        $pose = array_map(static fn ($number): float => $number->at($frame), $panel->pose);
        $turn = deg2rad(-$pose['turn']);
        [$x, $y] = [$point->x - $pose['x'], $point->y - $pose['y']];
        $size = max(1e-6, $pose['size']);

        return new Point(
            $panel->panel->x + ($x * cos($turn) - $y * sin($turn)) / $size,
            $panel->panel->y + ($x * sin($turn) + $y * cos($turn)) / $size,
        );
    }

    /** Whether its shape is so many pixels to all sides of a point, too. */
    private static function isDeep(Panel $panel, PanelOverTime $moving, Point $own, int $frame, float $far): bool
    {
        foreach ([[-1, -1], [1, -1], [-1, 1], [1, 1]] as [$across, $down]) {
            $corner = new Point($own->x + $across * $far, $own->y + $down * $far);
            if (!self::there($panel, $moving, $corner, $frame)) {
                return false;
            }
        }

        // What is hollow can be there at all corners and not between them.
        return in_array($panel->kind, ['rectangle', 'pill', 'circle', 'rule', 'arrow'], true);
    }

    /** Whether its shape is at a point of its own pixels; round corners are taken as sharp. */
    private static function there(Panel $panel, PanelOverTime $moving, Point $own, int $frame): bool
    {
        $presence = $moving->comes->presenceAt($frame);
        [$across, $down] = [abs($own->x - $panel->x), abs($own->y - $panel->y)];
        $along = ($own->x - $panel->x) / $panel->width + 0.5;
        $radius = min($panel->width, $panel->height) / 2;
        $away = hypot($across, $down);
        $isInBox = $along >= $presence->from && $along <= $presence->to && $down <= $panel->height / 2;
        $isOnEdge = $across > $panel->width / 2 - $panel->thickness || $down > $panel->height / 2 - $panel->thickness;

        return $presence->amount > 0 && match ($panel->kind) {
            'circle' => $away <= $radius * $presence->amount,
            'ring' => $away <= $radius && $away >= $radius - $panel->thickness,
            'frame' => $isInBox && $isOnEdge,
            'bracket' => $isInBox && ($along < $panel->thickness / $panel->width || $isOnEdge),
            'arrow' => $isInBox && $down <= $panel->thickness / 2,
            default => $isInBox,
        };
    }
}
