<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** One spoken phrase, from its first frame to the frame after its last. */
#[Described('One spoken phrase.', name: 'Line')]
final readonly class ScriptLine implements Checked
{
    /** characters of a line */
    public const LONGEST = 600;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('Text', self::LONGEST)]
        public string $text,
        #[Whole('Starts', Unit::Frames, 0, Stage::MAX_FRAMES)]
        public int $begin,
        #[Whole('Ends', Unit::Frames, 0, Stage::MAX_FRAMES)]
        #[Detail('the one after its last')]
        public int $end,
        #[Text('Second language', self::LONGEST, '')]
        #[Detail('the same in a second language, for subtitles; absent or empty: none', isOptional: true)]
        public string $other = '',
    ) {
    }

    /** A text on the stage, read as if somebody said it while it is there. */
    public static function ofText(FreeText $text, int $begin, int $end): self
    {
        return new self('text:'.$text->id, BoundText::filled($text->text, static fn (): string => '–'), $begin, $end);
    }

    public function check(Field $field): void
    {
        if ($this->end <= $this->begin) {
            throw $field->get('end')->wrong(sprintf(
                'is frame %d, which is not after the line\'s beginning on frame %d',
                $this->end,
                $this->begin,
            ));
        }
    }
}
