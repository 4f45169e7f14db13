<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** A word of the script as it is said in a recording, in milliseconds from the recording's first sample. */
#[Described('A word as it is said in a recording.')]
final readonly class HeardWord
{
    public const MOST_MILLISECONDS = 1_800_000;

    public float $end;

    public function __construct(
        #[Text('', 600)]
        #[Detail('as it was written when it was found')]
        public string $text,
        #[Number('', Unit::Milliseconds, 0, self::MOST_MILLISECONDS)]
        #[Detail('when it begins')]
        public float $at,
        #[Number('', Unit::Milliseconds, 0, self::MOST_MILLISECONDS)]
        #[Detail('when it ends')]
        float $end,
        #[Number('', Unit::Fraction, 0, 1, 1)]
        #[Detail('how sure it is that it is said there', isOptional: true)]
        public float $sure,
        #[Toggle('')]
        #[Detail('whether somebody has put it there', isOptional: true, name: 'hand')]
        public bool $isByHand,
        #[Number('', Unit::Milliseconds, 0, self::MOST_MILLISECONDS)]
        #[Detail('where listening found it, if somebody has put it elsewhere', isOptional: true, isNeverNull: true)]
        public ?float $found,
        #[Toggle('')]
        #[Detail('whether the recording leaves it out, and it would be said there', isOptional: true)]
        public bool $isUnsaid,
    ) {
        $this->end = max($at, $end);
    }
}
