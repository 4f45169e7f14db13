<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/**
 * Outlines of plain shapes in a box, as far as they are there: each opens along its width, a circle from its middle, a
 * ring and a bracket along themselves.
 */
final readonly class PanelOutline
{
    /** how long an arrow’s head is, as a part of how wide it is; taste, no source */
    private const HEAD = 0.9;

    /**
     * @param Box $box that all of it takes
     * @param float $from where it begins to be there, along its width, 0 to 1
     * @param float $to where it ends to be there, at least $from
     * @param float $thickness of its line, in pixels
     * @param float $radius of its corners, in pixels
     */
    public function __construct(
        private Box $box,
        private float $from,
        private float $to,
        private float $thickness,
        private float $radius,
    ) {
    }

    /** Path data; empty where nothing of it is there. */
    public function of(string $kind): string
    {
        $there = $this->to - $this->from;
        $box = new Box(
            $this->box->left + $this->from * $this->box->width,
            $this->box->top,
            $there * $this->box->width,
            $this->box->height,
        );
        $side = min($this->box->width, $this->box->height);

        return $there <= 0 ? '' : match ($kind) {
            'pill' => self::rounded($box, $side / 2),
            'circle' => OutlineBuilder::circle($this->box->middle(), ($side / 2) * $there),
            'ring' => (new Sector(
                $this->box->middle(),
                $side / 2,
                max(0.0, $side / 2 - $this->thickness),
                $this->from * 360,
                $there * 360,
            ))->outline(),
            'frame' => $this->frame($box),
            'bracket' => $this->bracket($this->box, $there),
            'arrow' => $this->arrow($box),
            default => self::rounded($box, $this->radius),
        };
    }

    private static function rounded(Box $box, float $radius): string
    {
        return OutlineBuilder::roundedRectangle($box->left, $box->top, $box->width, $box->height, $radius);
    }

    /** A rectangle, and the other way round its hole. */
    private function frame(Box $box): string
    {
        $thick = $this->thickness;
        [$width, $height] = [$box->width - 2 * $thick, $box->height - 2 * $thick];
        $outer = self::rounded($box, $this->radius);
        if ($width <= 0 || $height <= 0) {
            return $outer;
        }
        [$left, $top] = [$box->left + $thick, $box->top + $thick];
        [$right, $bottom] = [$left + $width, $top + $height];
        // As far from the edge all round: concentric corners.
        $outside = min($this->radius, $box->width / 2, $box->height / 2);
        $corner = max(0.0, min($outside - $thick, $width / 2, $height / 2));
        $hole = (new OutlineBuilder())->moveTo(new Point($left + $corner, $top));
        $arc = static function (float $x, float $y, float $from) use ($hole, $corner): void {
            if ($corner > 0) {
                $hole->arc(new Point($x, $y), $corner, $from, $from - 90);
            }
        };
        $arc($left + $corner, $top + $corner, 360);
        $hole->lineTo(new Point($left, $bottom - $corner));
        $arc($left + $corner, $bottom - $corner, 270);
        $hole->lineTo(new Point($right - $corner, $bottom));
        $arc($right - $corner, $bottom - $corner, 180);
        $hole->lineTo(new Point($right, $top + $corner));
        $arc($right - $corner, $top + $corner, 90);

        return $outer.$hole->close()->pathData();
    }

    /** Square, open to the right; it opens from the middle of its height. */
    private function bracket(Box $box, float $there): string
    {
        $height = $box->height * $there;
        $thick = min($this->thickness, $box->width, $height / 2);
        [$left, $right, $top] = [$box->left, $box->right(), $box->middle()->y - $height / 2];
        $bottom = $top + $height;
        $outer = max(0.0, min($this->radius, $box->width, $height / 2));
        $inner = max(0.0, $outer - $thick);
        $path = (new OutlineBuilder())->moveTo(new Point($right, $top))->lineTo(new Point($left + $outer, $top));
        $arc = static function (float $x, float $y, float $radius, float $from, float $to) use ($path): void {
            if ($radius > 0) {
                $path->arc(new Point($x, $y), $radius, $from, $to);
            }
        };
        $arc($left + $outer, $top + $outer, $outer, 360, 270);
        $path->lineTo(new Point($left, $bottom - $outer));
        $arc($left + $outer, $bottom - $outer, $outer, 270, 180);
        $path->lineTo(new Point($right, $bottom))
            ->lineTo(new Point($right, $bottom - $thick))
            ->lineTo(new Point($left + $thick + $inner, $bottom - $thick));
        $arc($left + $thick + $inner, $bottom - $thick - $inner, $inner, 180, 270);
        $path->lineTo(new Point($left + $thick, $top + $thick + $inner));
        $arc($left + $thick + $inner, $top + $thick + $inner, $inner, 270, 360);

        return $path->lineTo(new Point($right, $top + $thick))->close()->pathData();
    }

    /** To the right; its head is never longer than it is. */
    private function arrow(Box $box): string
    {
        $head = min($box->width, $box->height * self::HEAD);
        $middle = $box->middle()->y;
        $half = min($this->thickness, $box->height) / 2;
        $neck = $box->right() - $head;
        // A short one is all head, and as small as it is long.
        $wing = ($box->height / 2) * ($head / max(1e-9, $box->height * self::HEAD));
        $path = (new OutlineBuilder())->moveTo(new Point($box->right(), $middle))
            ->lineTo(new Point($neck, $middle + $wing));
        if ($neck > $box->left) {
            $path->lineTo(new Point($neck, $middle + $half))
                ->lineTo(new Point($box->left, $middle + $half))
                ->lineTo(new Point($box->left, $middle - $half))
                ->lineTo(new Point($neck, $middle - $half));
        }

        return $path->lineTo(new Point($neck, $middle - $wing))->close()->pathData();
    }
}
