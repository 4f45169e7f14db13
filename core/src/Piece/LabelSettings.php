<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Toggle;

/** Words at the marks of a chart. */
#[Described('Words at the parts.', name: 'Labels')]
final readonly class LabelSettings
{
    public function __construct(
        #[Choice('Position', ['none' => 'None', 'on' => 'On parts', 'along' => 'Along', 'beside' => 'Beside'])]
        public string $show,
        #[Choice('Show', ['reading' => 'Reading', 'label' => 'Label', 'both' => 'Both'])]
        public string $text,
        #[Among(TextStyle::class, ['font' => 'figtree-bold', 'size' => 40])]
        public TextStyle $style,
        #[Choice(
            'Appear',
            ['under' => 'When there is room', 'begin' => 'With their part', 'end' => 'After their part'],
        )]
        #[Detail(
            'under: as soon as its part has arrived under it, or has come to where it points; begin: as its part'
                .' begins; end: when all of its part is there',
            isOptional: true,
        )]
        public string $comes,
        #[Toggle('Leader lines to moved labels', true)]
        #[Detail('a line leads from a mark to a label that had to leave its side', isOptional: true)]
        public bool $hasLeaders,
        #[Choice('Align', ['marks' => 'To their marks', 'left' => 'Left', 'middle' => 'Centre', 'right' => 'Right'])]
        #[Detail('of the two lines of a label', isOptional: true, when: ['text' => ['both']])]
        public string $align = 'marks',
    ) {
    }

    /** The same in another size. */
    public function times(float $factor): self
    {
        return new self(
            $this->show,
            $this->text,
            $this->style->times($factor),
            $this->comes,
            $this->hasLeaders,
            $this->align,
        );
    }
}
