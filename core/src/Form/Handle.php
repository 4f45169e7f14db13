<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Point;

/** A place on the stage at which a hand takes hold of a number of a form, and what follows from moving the hand. */
final readonly class Handle
{
    private function __construct(
        public string $setting,
        public Point $at,
        /** the direction in which the number grows, of length 1; null where the hand goes around a point */
        public ?Point $along,
        /** what the hand goes around, or null */
        public ?Point $around,
        /** how much the number grows with each pixel, or with each degree clockwise */
        public float $rate,
        /** what it comes to rest on: whole multiples of this */
        public float $snap,
    ) {
    }

    /**
     * @param float $degrees clockwise from 12 o'clock, in which the number grows
     * @param float $rate with each pixel
     */
    public static function along(
        string $setting,
        Point $at,
        float $degrees,
        float $rate = 1.0,
        float $snap = 1.0,
    ): self {
        $along = new Point(sin(deg2rad($degrees)), -cos(deg2rad($degrees)));

        return new self($setting, $at, $along, null, $rate, $snap);
    }

    /** @param float $rate with each degree clockwise */
    public static function around(
        string $setting,
        Point $at,
        Point $around,
        float $rate = 1.0,
        float $snap = 15.0,
    ): self {
        return new self($setting, $at, null, $around, $rate, $snap);
    }
}
