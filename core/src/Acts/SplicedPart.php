<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Piece\HeardLine;
use Lupine\Core\Piece\HeardWord;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Unit;

/** A part of a sound that was put together: of the sound before, or something else, such as silence or a new take. */
#[Described('A part of a sound that was put together.')]
final readonly class SplicedPart
{
    public function __construct(
        #[Number('', Unit::Milliseconds, 0, HeardWord::MOST_MILLISECONDS)]
        #[Detail('how long it is')]
        public float $length,
        #[Number('', Unit::Milliseconds, 0, HeardWord::MOST_MILLISECONDS)]
        #[Detail('where it was in the sound before; null: it is no part of that', isOptional: true)]
        public ?float $from = null,
        #[Part(HeardLine::class)]
        #[Detail('the line that it says anew, with its words from the beginning of the part', isOptional: true)]
        public ?HeardLine $heard = null,
    ) {
    }
}
