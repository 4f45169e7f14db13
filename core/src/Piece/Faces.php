<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;

/** Colours of the sides of a part that is solid; null: from its own colour, darker and deeper. */
#[Described('Colours of a solid part’s sides; absent: from its own colour, darker and deeper.')]
final readonly class Faces
{
    public function __construct(
        #[ColourValue('Outer wall')]
        #[Detail(isOptional: true)]
        public ?string $wall,
        #[ColourValue('Inner wall')]
        #[Detail(isOptional: true)]
        public ?string $inner,
        #[ColourValue('Cut faces')]
        #[Detail(isOptional: true)]
        public ?string $cut,
    ) {
    }

    /** @param string $kind wall, inner or cut */
    public function of(string $kind): ?string
    {
        return match ($kind) {
            'wall' => $this->wall,
            'inner' => $this->inner,
            'cut' => $this->cut,
            default => null,
        };
    }
}
