<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

/** A part of a chart that is no mark: a track, an axis, a tick with its number. */
final readonly class Furniture
{
    private function __construct(
        /** track, axis, tick or target */
        public string $role,
        /** path data */
        public string $outline,
        /** the figure that a track belongs to */
        public ?string $figureId,
        /** whether it takes the tint of its figure */
        public bool $isTinted,
        /** 0 to 1 */
        public float $opacity,
        /** a number of the scale to be written, and where */
        public ?float $number,
        public ?Anchor $anchor,
    ) {
    }

    public static function track(string $figureId, string $outline, bool $isTinted): self
    {
        return new self('track', $outline, $figureId, $isTinted, 1.0, null, null);
    }

    public static function axis(string $outline): self
    {
        return new self('axis', $outline, null, false, 1.0, null, null);
    }

    public static function target(string $outline): self
    {
        return new self('target', $outline, null, false, 1.0, null, null);
    }

    public static function tick(string $outline, float $opacity, ?float $number = null, ?Anchor $anchor = null): self
    {
        return new self('tick', $outline, null, false, $opacity, $number, $anchor);
    }
}
