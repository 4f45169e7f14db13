<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** A picture that fills can have: a file beside the document, named by its fingerprint. */
#[Described('A picture that fills can have: a file beside the document, named by its fingerprint.')]
final readonly class Picture
{
    /** pixels of the longer side, at most: what is larger is kept smaller */
    public const LONGEST = 2560;

    /** mean colours along a side, and the characters of all of them */
    public const CELLS = 12;
    private const COLOURS = self::CELLS ** 2 * 8;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('Name', 200, '')]
        public string $name,
        #[Text('', 64, '')]
        #[Detail('SHA-256 of the file, in hexadecimal digits')]
        public string $file,
        #[Whole('', Unit::Pixels, 1, self::LONGEST)]
        public int $width,
        #[Whole('', Unit::Pixels, 1, self::LONGEST)]
        public int $height,
        #[Text('', self::COLOURS, '')]
        #[Detail(
            '12 × 12 mean colours of it, row by row, each RRGGBBAA: what contrast is measured against; none: not known',
            isOptional: true,
        )]
        public string $colours = '',
    ) {
    }

    /**
     * The mean colour of about a twelfth of it.
     *
     * @param float $x 0 to 1, from its left
     * @param float $y 0 to 1, from its top
     *
     * @return array{string, float}|null colour and opacity; null where it is not known
     */
    public function colourAt(float $x, float $y): ?array
    {
        if (preg_match('/^[0-9a-f]{'.self::COLOURS.'}$/D', $this->colours) !== 1) {
            return null;
        }
        [$column, $row] = array_map(
            static fn (float $part): int => max(0, min(self::CELLS - 1, (int) floor($part * self::CELLS))),
            [$x, $y],
        );
        $cell = substr($this->colours, ($row * self::CELLS + $column) * 8, 8);

        return ['#'.substr($cell, 0, 6), (int) hexdec(substr($cell, 6)) / 255];
    }
}
