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
    ) {
    }
}
