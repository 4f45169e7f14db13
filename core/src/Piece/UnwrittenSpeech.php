<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** Something that a recording says and its script does not, in milliseconds from the recording's first sample. */
#[Described('Something that a recording says and its script does not.')]
final readonly class UnwrittenSpeech
{
    /** of a recording */
    public const MOST = 200;

    public float $end;

    public function __construct(
        #[Number('', Unit::Milliseconds, 0, HeardWord::MOST_MILLISECONDS)]
        #[Detail('when it begins')]
        public float $at,
        #[Number('', Unit::Milliseconds, 0, HeardWord::MOST_MILLISECONDS)]
        #[Detail('when it ends')]
        float $end,
        #[Id]
        #[Detail('the line whose word comes before it; null where none does')]
        public ?string $line,
        #[Whole('', Unit::Count, 0, 400, 0)]
        #[Detail('how many words of that line come before it')]
        public int $word,
        #[Text('', 600)]
        #[Detail('the text that it says once more; null where it is none of the script')]
        public ?string $again,
        #[Toggle('')]
        #[Detail('whether somebody has said that it stays unwritten', isOptional: true)]
        public bool $isLeft,
    ) {
        $this->end = max($at, $end);
    }
}
