<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartTiming;

/** A line from a note to the mark that it points at, with a dot at its end; wherever chart and mark are moved. */
final readonly class DrawPointer
{
    /** the line and the dot as multiples of the note's size, with what is left between line and words */
    private const LINE = 0.05;
    private const DOT = 0.16;
    private const CLEAR = 0.45;

    public function __construct(private FrameRange $range)
    {
    }

    /**
     * @param Box $note what the words of the note take
     * @param Point $base where the note stands where nothing moves it
     * @param array{x: KeyedNumber, y: KeyedNumber} $moves of the note
     */
    public function draw(
        Box $note,
        Point $base,
        TextStyle $style,
        ChartTiming $timing,
        string $figureId,
        array $moves,
    ): ?GroupNode {
        $shapes = ChartShapes::of($timing, $this->range);
        if (!isset($shapes->fulls[$figureId])) {
            return null;
        }
        $presence = $shapes->presences[$figureId];
        $fulls = $shapes->fulls[$figureId];
        $at = $fulls->map(self::near($timing, $note, $figureId, $shapes->end));
        $moving = [...$at->changes, ...$timing->whole->changes($this->range)];
        foreach ($moves as $number) {
            array_push($moving, ...$number->changes($this->range));
        }
        $end = Track::of(
            $moving,
            static fn (int $frame): Point => $timing->whole->onStage($at->at($frame), $frame),
        );
        $line = Track::of($moving, static function (int $frame) use ($end, $note, $moves, $base, $style): string {
            $to = $end->at($frame);
            $moved = new Box(
                $note->left + $moves['x']->at($frame) - $base->x,
                $note->top + $moves['y']->at($frame) - $base->y,
                $note->width,
                $note->height,
            );
            $from = self::edge($moved, $to, self::CLEAR * $style->size);

            return sprintf(
                'M%s %sL%s %s',
                Decimal::of($from->x, 3),
                Decimal::of($from->y, 3),
                Decimal::of($to->x, 3),
                Decimal::of($to->y, 3),
            );
        });
        $dot = $end->map(static fn (Point $to): string => OutlineBuilder::circle($to, self::DOT * $style->size));

        return new GroupNode(Role::Pointer, [
            new PathNode(
                $line,
                new FlatPaint($style->colour),
                stroke: new Stroke(max(1.5, self::LINE * $style->size), 'round'),
            ),
            new PathNode($dot, new FlatPaint($style->colour)),
        ], $presence->map(static fn (Presence $there): float => round(min(1.0, $there->amount * 6), 4)));
    }

    /**
     * The rim of the mark, or its middle where that is nearer to the note.
     *
     * @return \Closure(Shape): Point
     */
    private static function near(
        ChartTiming $timing,
        Box $note,
        string $figureId,
        Layout $end,
    ): \Closure {
        $shape = $end->shape($figureId, Presence::full(), $timing->finalOut($figureId));
        $far = static fn (Point $point): float => $timing->finallyOnStage($point)->distanceTo($note->middle());

        return $far($shape->middle()) < $far($shape->rim()->at)
            ? static fn (Shape $shape): Point => $shape->middle()
            : static fn (Shape $shape): Point => $shape->rim()->at;
    }

    /** Where the line leaves the note: in the middle of the side that looks toward its end. */
    private static function edge(Box $note, Point $to, float $clear): Point
    {
        $middle = $note->middle();
        [$across, $down] = [$to->x - $middle->x, $to->y - $middle->y];
        $isAside = abs($across) * $note->height > abs($down) * $note->width;

        return $isAside
            ? new Point($across > 0 ? $note->right() + $clear : $note->left - $clear, $middle->y)
            : new Point($middle->x, $down > 0 ? $note->bottom() + $clear : $note->top - $clear);
    }
}
