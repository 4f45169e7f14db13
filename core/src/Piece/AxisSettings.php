<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Text;

/** What stands at the axes of a chart: what its scale counts, and what its figures are. */
#[Described(
    'Titles at the axes: what the scale counts, and what the figures are.',
    label: 'Axis titles',
    name: 'AxisTitles',
)]
final readonly class AxisSettings
{
    public function __construct(
        #[Text('Scale axis', 120, '')]
        public string $scale,
        #[Text('Figure axis', 120, '')]
        public string $figures,
        #[Among(TextStyle::class, ['font' => 'figtree-semibold', 'size' => 28])]
        public TextStyle $style,
    ) {
    }

    /** The same in another size. */
    public function times(float $factor): self
    {
        return new self($this->scale, $this->figures, $this->style->times($factor));
    }
}
