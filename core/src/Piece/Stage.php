<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** The frame that is filmed: its size in pixels, its rate in frames a second as a fraction, its length in frames. */
#[Described('What is filmed.')]
final readonly class Stage implements Checked
{
    public const MAX_FRAMES = 18_000;

    public int $width;
    public int $height;
    public int $rateNumerator;
    public int $rateDenominator;

    /** @param array{int, int} $rate */
    public function __construct(
        #[Among(Sides::class)]
        Sides $sides,
        #[Rate]
        #[Detail('frames a second as a fraction, such as [30000, 1001]')]
        array $rate,
        #[Toggle('Drop-frame timecode')]
        #[Detail('timecode that skips numbers to keep up with the clock', name: 'dropFrame')]
        public bool $dropFrame,
        #[Whole('Length', Unit::Frames, 1, self::MAX_FRAMES)]
        public int $frames,
    ) {
        $this->width = $sides->width;
        $this->height = $sides->height;
        [$this->rateNumerator, $this->rateDenominator] = $rate;
    }

    public function check(Field $field): void
    {
        if ($this->dropFrame && !self::hasDropFrame($this->rateNumerator, $this->rateDenominator)) {
            throw $field
                ->get('dropFrame')
                ->wrong('is on, but drop-frame timecode exists at 29.97 and 59.94 frames a second only');
        }
    }

    /** Whether there is drop-frame timecode at a rate: at 29.97 and 59.94 frames a second. */
    public static function hasDropFrame(int $numerator, int $denominator): bool
    {
        return $denominator === 1001 && in_array($numerator, [30_000, 60_000], true);
    }

    /** The same stage in another shape. */
    public function shaped(int $width, int $height): self
    {
        return new self(
            new Sides($width, $height),
            [$this->rateNumerator, $this->rateDenominator],
            $this->dropFrame,
            $this->frames,
        );
    }
}
