<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\OwnCoats;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** What one mark has of its own; null: as the chart has it. It stays with its row when the figures change. */
#[Described('What one mark has of its own; what is missing or null is as the chart has it.')]
final readonly class OwnSettings
{
    public function __construct(
        #[ColourValue('Custom colour')]
        #[Detail(isOptional: true)]
        public ?string $colour = null,
        #[Number('Pull out', Unit::Pixels, 0, 1000, 0, step: 2)]
        #[Detail('how far the mark is moved out along its middle', isOptional: true)]
        public float $out = 0.0,
        #[Among(OwnCoats::class)]
        public OwnCoats $coats = new OwnCoats(),
        #[Toggle('')]
        #[Detail('its row is switched off in this chart', isOptional: true)]
        public bool $isOff = false,
        #[Part(OwnLabel::class)]
        #[Detail(isOptional: true)]
        public ?OwnLabel $label = null,
        #[Part(Faces::class)]
        #[Detail(isOptional: true, isNeverNull: true)]
        public ?Faces $faces = null,
    ) {
    }

    /** The same over what a part has by its turn or as the accent. */
    public function over(?string $colour, float $out, OwnCoats $coats): self
    {
        return new self(
            $this->colour ?? $colour,
            $this->out !== 0.0 ? $this->out : $out,
            $coats->under($this->coats),
            $this->isOff,
            $this->label,
            $this->faces,
        );
    }
}
