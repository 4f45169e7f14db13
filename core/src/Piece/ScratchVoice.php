<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** Who reads a scratch recording, which stands in for a narrator, and how fast. */
#[Described('Who reads a recording that stands in for a narrator.')]
final readonly class ScratchVoice
{
    public function __construct(
        #[Text('Voice', 60)]
        public string $speaker,
        #[Whole('Pace', Unit::Count, 80, 320, 150, step: 5)]
        #[Detail('words a minute')]
        public int $pace,
    ) {
    }

    /** Words a minute, asked for without a voice. */
    public static function pace(Field $field): int
    {
        $pace = Group::of(self::class)->named('pace')->setting->read($field);

        return is_int($pace) ? $pace : 0;
    }
}
