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

/** The legend: a dot, a label and a reading for each part. */
#[Described('A dot, a label and a reading for each part.', label: 'Legend')]
final readonly class LegendSettings
{
    public function __construct(
        #[Number('X', Unit::Pixels, -4000, 8000, step: 2)]
        #[Detail('its left edge')]
        public float $x,
        #[Number('Y', Unit::Pixels, -4000, 8000, step: 2)]
        #[Detail('its top')]
        public float $y,
        #[Number('Width', Unit::Pixels, 40, 4000, 640, step: 2)]
        #[Detail('from the left edge of the dots to the right edge of the readings')]
        public float $width,
        #[Number('Row spacing', Unit::Times, 1, 6, 2, step: 0.1)]
        #[Detail('from row to row, in multiples of the size')]
        public float $spacing,
        #[Among(TextStyle::class, ['font' => 'figtree-semibold', 'size' => 40])]
        public TextStyle $style,
        #[Choice('Flow', ['column' => 'Column', 'rows' => 'Rows'])]
        #[Detail('column: one below the other; rows: side by side, as many as fit', isOptional: true)]
        public string $flow = 'column',
        #[Choice('Readings', ['right' => 'At the right edge', 'after' => 'After the names', 'none' => 'None'])]
        #[Detail('where the readings stand', isOptional: true)]
        public string $values = 'right',
        #[Choice('Plate around', ['all' => 'All rows', 'rows' => 'Each row'])]
        #[Detail('where it has a plate', isOptional: true, when: ['plate' => true])]
        public string $plates = 'all',
        #[Either('Position', ['beside' => 'Beside', 'middle' => 'Inside the hole'])]
        #[Detail(
            'placed by rule: in the middle only where there is room enough and no number',
            isOptional: true,
            name: 'stands',
        )]
        public bool $isInside = false,
        #[Either('', PlacedBy::WORDS)]
        #[Detail(PlacedBy::NOTE, isOptional: true, name: 'placedBy')]
        public bool $isByRule = false,
    ) {
    }

    /** The same legend, in its place. */
    public function arranged(
        float $x,
        float $y,
        float $width,
        float $size,
        ?string $flow = null,
        ?float $spacing = null,
        bool $isInside = false,
    ): self {
        return new self(
            $x,
            $y,
            $width,
            $spacing ?? $this->spacing,
            $this->style->withSize($size),
            $flow ?? $this->flow,
            $this->values,
            $this->plates,
            $isInside,
        );
    }
}
