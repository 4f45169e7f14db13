<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** The size of a stage. */
#[Described('The size of a stage.')]
final readonly class Sides implements Checked
{
    public const MAX = 3840;
    private const MAX_PIXELS = 3840 * 2160;

    public function __construct(
        #[Whole('Width', Unit::Pixels, 64, self::MAX)]
        #[Detail('even')]
        public int $width,
        #[Whole('Height', Unit::Pixels, 64, self::MAX)]
        #[Detail('even')]
        public int $height,
    ) {
    }

    public function check(Field $field): void
    {
        if ($this->width % 2 === 1 || $this->height % 2 === 1) {
            throw $field->wrong('has an odd width or height; both must be even to make a film');
        }
        if ($this->width * $this->height > self::MAX_PIXELS) {
            throw $field->wrong(sprintf('is %d × %d, more than 3840 × 2160 pixels', $this->width, $this->height));
        }
    }
}
