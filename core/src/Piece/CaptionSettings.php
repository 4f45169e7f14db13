<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Either;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** Captions: each line of the script on the stage while it is spoken. */
#[Described(
    'Each line of the script while it is spoken.',
    label: 'Captions',
    name: 'Captions',
    hint: 'Shows each line of the script while it is spoken.',
)]
final readonly class CaptionSettings
{
    public function __construct(
        #[Number('Baseline', Unit::Pixels, 0, 4000, step: 2)]
        #[Detail('of the last line')]
        public float $y,
        #[Number('Width', Unit::Pixels, 60, 4000, step: 10)]
        #[Detail('lines wrap at it')]
        public float $width,
        #[Among(TextStyle::class, ['font' => 'figtree-regular', 'size' => 44])]
        public TextStyle $style,
        #[Whole('Fade', Unit::Frames, 0, 60, 0)]
        #[Detail('in which a caption comes, and in which it goes again; 0: at once', isOptional: true)]
        public int $fade = 0,
        #[Choice('Align', ['middle' => 'Middle', 'left' => 'Left', 'right' => 'Right'])]
        #[Detail('within its width, about the middle of the stage', isOptional: true)]
        public string $align = 'middle',
        #[Either('', PlacedBy::WORDS)]
        #[Detail(PlacedBy::NOTE, isOptional: true, name: 'placedBy')]
        public bool $isByRule = false,
    ) {
    }

    /** The same captions, in their place. */
    public function arranged(float $y, float $width, float $size): self
    {
        return new self($y, $width, $this->style->withSize($size), $this->fade, $this->align);
    }
}
