<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;

/** The names of the figures where their marks begin. */
#[Described('The names of the figures where their marks begin.', name: 'Names')]
final readonly class NamesSettings
{
    public function __construct(
        #[Among(TextStyle::class)]
        public TextStyle $style,
        #[Choice('Align', ['marks' => 'To their marks', 'left' => 'Left', 'right' => 'Right'])]
        #[Detail(
            'of names beside marks: each to its mark, or all of them to one edge; names below marks are in their middle',
            isOptional: true,
        )]
        public string $align = 'marks',
    ) {
    }

    /** The same in another size. */
    public function times(float $factor): self
    {
        return new self($this->style->times($factor), $this->align);
    }
}
