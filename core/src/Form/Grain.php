<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Bend;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;

/** The frame that gradients and patterns on a mark follow. */
final readonly class Grain
{
    private function __construct(
        /** radial or linear */
        public string $kind,
        /** the middle, or where the gradient begins */
        public Point $from,
        /** where a linear gradient ends */
        public Point $to,
        /** radii between which a radial gradient runs */
        public float $inner,
        public float $outer,
        /** a point that a tile of a pattern stands on */
        public Point $origin,
        /** how far from there a pattern is needed, in pixels */
        public float $reach,
        /** the middle of the part itself */
        public Point $middle,
        /** @var list<Bend> its middle line from its beginning to its end; none: straight, as a linear gradient runs */
        public array $bends = [],
        /** half of its thickness about that line */
        public float $half = 0.0,
        /** height over width of its circles, which are squashed about its middle */
        public float $flat = 1.0,
    ) {
    }

    /** @param Point $middle of the part itself */
    public static function radial(
        Point $centre,
        float $inner,
        float $outer,
        Point $origin,
        float $reach,
        Point $middle,
    ): self {
        return new self('radial', $centre, $centre, $inner, $outer, $origin, $reach, $middle);
    }

    public static function linear(Point $from, Point $to, Point $origin, float $reach): self
    {
        return new self('linear', $from, $to, 0.0, 0.0, $origin, $reach, new Point(
            ($from->x + $to->x) / 2,
            ($from->y + $to->y) / 2,
        ));
    }

    /**
     * The same of a part whose length goes another way than its gradients.
     *
     * @param list<Bend> $bends
     */
    public function along(array $bends, float $half, float $flat = 1.0): self
    {
        return new self(
            $this->kind,
            $this->from,
            $this->to,
            $this->inner,
            $this->outer,
            $this->origin,
            $this->reach,
            $this->middle,
            $bends,
            $half,
            $flat,
        );
    }

    /** Of what has no direction of its own: along a box, from its left. */
    public static function across(Box $box): self
    {
        $middle = $box->middle();

        return self::linear(
            new Point($box->left, $middle->y),
            new Point($box->right(), $middle->y),
            $middle,
            hypot($box->width, $box->height) / 2,
        );
    }
}
