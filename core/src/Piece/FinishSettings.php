<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;

/** How the marks of a chart look. */
#[Described('The finish of the marks.')]
final readonly class FinishSettings
{
    public function __construct(
        #[Choice('Colours', ['tints' => 'Tints', 'set' => 'Colour set'])]
        #[Detail('tints: one family from the first swatch; set: the swatches in turn')]
        public string $colours,
        /** @var non-empty-list<string> */
        #[Several(new ColourValue('Swatch'), max: 40, min: 1, label: 'Swatches')]
        public array $swatches,
        #[Choice('Fill', ['flat' => 'Flat', 'gradient' => 'Gradient'])]
        public string $fill,
        #[Part(PatternSettings::class)]
        public ?PatternSettings $pattern,
        #[Part(StrokeSettings::class)]
        #[Detail(isOptional: true)]
        public ?StrokeSettings $stroke,
        #[Part(Glow::class)]
        public ?Glow $glow,
        #[Part(Shadow::class)]
        public ?Shadow $shadow,
    ) {
    }

    /** Whether anything of it moves by itself. */
    public function isLooping(): bool
    {
        return ($this->stroke?->isLooping() ?? false) || ($this->glow->breath ?? 0.0) > 0;
    }

    /** The finish of a part that has some of its own. */
    public function with(OwnSettings $own): self
    {
        return new self(
            $this->colours,
            $this->swatches,
            $this->fill,
            $own->pattern === false ? null : $own->pattern ?? $this->pattern,
            $own->stroke === false ? null : $own->stroke ?? $this->stroke,
            $own->glow === false ? null : $own->glow ?? $this->glow,
            $this->shadow,
        );
    }
}
