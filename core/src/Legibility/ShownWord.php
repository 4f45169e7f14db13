<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;

/** A line of text as it stands on one frame. */
final readonly class ShownWord
{
    /**
     * @param string $text as it is set
     * @param Box $box from the height of its capitals to its baseline, in pixels of the stage
     * @param non-empty-list<list<Point>> $stretches corners of the same where it is turned: top left, top right, bottom
     *                                               left, bottom right; of a text on an arc those of each stretch of it
     * @param float $size of its type, in pixels
     * @param float $opacity 0 to 1
     */
    public function __construct(
        public string $text,
        public Box $box,
        public float $size,
        /** @var non-empty-list<string> that its letters can have */
        public array $colours,
        /** of a line around its letters that they are told from; null: there is none */
        public ?string $edge,
        public float $opacity,
        public bool $isReading,
        private array $stretches,
        /** label, name, legend, caption, tick, axis, centre or words */
        public string $kind,
        /** the chart or the text that it belongs to, by id */
        public string $owner,
        /** the figure that it tells of, or null */
        public ?string $figure,
        /** whether the camera is near, so that it may well be out of the picture */
        public bool $isNear = false,
    ) {
    }

    /**
     * By how much it stands over another, in pixels, the least of all ways; not above 0 where it does not.
     *
     * Two convex shapes are apart where their shadows on a line across a side of one of them are (separating axes).
     * Source: Gottschalk, Lin, Manocha, OBBTree, 1996.
     */
    public function over(self $other): float
    {
        // Upright boxes that are apart tell it sooner.
        $least = min(
            min($this->box->right(), $other->box->right()) - max($this->box->left, $other->box->left),
            min($this->box->bottom(), $other->box->bottom()) - max($this->box->top, $other->box->top),
        );
        if ($least <= 0.0) {
            return $least;
        }
        $most = -INF;
        foreach ($this->stretches as $mine) {
            foreach ($other->stretches as $its) {
                $most = max($most, self::overBy($mine, $its, $least));
            }
        }

        return $most;
    }

    /**
     * @param list<Point> $corners
     * @param list<Point> $others
     * @param float $least that is known of the upright boxes around them
     */
    private static function overBy(array $corners, array $others, float $least): float
    {
        foreach ([$corners, $others] as [$one, $right, $below]) {
            foreach ([$right, $below] as $end) {
                $length = $one->distanceTo($end);
                if ($length < 1e-9) {
                    continue;
                }
                [$x, $y] = [($end->x - $one->x) / $length, ($end->y - $one->y) / $length];
                [$mine, $its] = [self::shadow($corners, $x, $y), self::shadow($others, $x, $y)];
                $least = min($least, min($mine[1], $its[1]) - max($mine[0], $its[0]));
            }
        }

        return $least;
    }

    /**
     * @param list<Point> $corners
     *
     * @return array{float, float}
     */
    private static function shadow(array $corners, float $x, float $y): array
    {
        $along = array_map(static fn (Point $point): float => $point->x * $x + $point->y * $y, $corners);

        return [min([INF, ...$along]), max([-INF, ...$along])];
    }

    /** @return list<Point> points spread over it: from left to right, in its upper and its lower half */
    public function points(): array
    {
        $points = [];
        foreach ($this->stretches as [$corner, $right, $below]) {
            foreach ([0.25, 0.75] as $down) {
                foreach (count($this->stretches) === 1 ? [0.06, 0.35, 0.65, 0.94] : [0.5] as $along) {
                    $points[] = new Point(
                        $corner->x + ($right->x - $corner->x) * $along + ($below->x - $corner->x) * $down,
                        $corner->y + ($right->y - $corner->y) * $along + ($below->y - $corner->y) * $down,
                    );
                }
            }
        }

        return $points;
    }

    /** What it is the same text by on every frame, whatever it counts to. */
    public function key(): string
    {
        return $this->isReading
            ? $this->kind.' '.$this->owner.' '.$this->figure
            : $this->kind.' '.$this->owner.' '.$this->figure.' '.$this->text;
    }

    /** Its beginning, to be named by. */
    public function named(): string
    {
        return '“'.mb_strimwidth($this->text, 0, 40, '…').'”';
    }
}
