<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Form\Grain;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Loops;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Piece\Sides;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Reel\Reel;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\BackdropOverTime;

/** Coats on small pieces of a part, side by side, each as large as it is on the stage. */
final readonly class DrawSamples
{
    /** of a sample, in pixels of the stage, with room around the piece for what glows and throws a shadow */
    public const WIDTH = 112;
    public const HEIGHT = 80;
    private const ROOM = 14;
    private const CORNER = 10;

    /**
     * @param list<Coats> $samples
     * @param string $colour of the part
     * @param list<Picture> $pictures that fills can have
     */
    public static function reel(array $samples, string $colour, array $pictures = []): Reel
    {
        $stage = new Stage(new Sides(max(1, count($samples)) * self::WIDTH, self::HEIGHT), [24, 1], false, 1);
        $range = FrameRange::within(1);
        $draw = new DrawCoats(Loops::of($stage), $range, array_column($pictures, null, 'id'));
        $nodes = [];
        foreach ($samples as $place => $coats) {
            $nodes[] = new GroupNode(Role::Sample, self::sample($draw, $place, $coats, $colour), of: 's'.$place);
        }

        return self::written($stage, $range, $nodes);
    }

    /** A backdrop alone, on its first frame. */
    public static function ground(Backdrop $backdrop, Sides $sides): Reel
    {
        $stage = new Stage($sides, [24, 1], false, 1);
        $range = FrameRange::within(1);
        $draw = new DrawBackdrop($stage->width, $stage->height, $range);
        $nodes = $draw->nodes(BackdropOverTime::still($backdrop, $stage), $backdrop);

        return self::written($stage, $range, $nodes);
    }

    /** @param list<Node> $nodes */
    private static function written(Stage $stage, FrameRange $range, array $nodes): Reel
    {
        return WriteReel::of(new Drawing(
            $stage->width,
            $stage->height,
            $stage->rateNumerator,
            $stage->rateDenominator,
            $stage->frames,
            $range,
            $nodes,
            [],
        ));
    }

    /** @return list<Node> */
    private static function sample(DrawCoats $draw, int $place, Coats $coats, string $colour): array
    {
        $box = new Box(
            $place * self::WIDTH + self::ROOM,
            self::ROOM,
            self::WIDTH - 2 * self::ROOM,
            self::HEIGHT - 2 * self::ROOM,
        );
        $outline = Track::constant(OutlineBuilder::roundedRectangle(
            $box->left,
            $box->top,
            $box->width,
            $box->height,
            self::CORNER,
        ));
        $middle = $box->middle();
        $on = new Coated(
            's'.$place,
            Track::constant($colour),
            $outline,
            Track::constant(Grain::linear(
                new Point($box->left, $middle->y),
                new Point($box->right(), $middle->y),
                $middle,
                self::WIDTH,
            )),
            $outline,
            Track::constant($box),
            $box,
            Track::constant($coats),
        );

        return $draw->all($on);
    }
}
