<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Part;

/** The words that belong to a chart: names and labels at its marks, the legend, the centre, the axes. */
#[Described('The words of a chart.')]
final readonly class ChartWords
{
    public function __construct(
        #[Part(ReadingSettings::class)]
        public ReadingSettings $reading,
        #[Part(LabelSettings::class)]
        public LabelSettings $labels,
        /** the names of the figures where their marks begin, as far as the form has a place for them */
        #[Part(NamesSettings::class)]
        #[Detail('the names of the figures where their marks begin', isOptional: true)]
        public ?NamesSettings $names,
        #[Part(LegendSettings::class)]
        public ?LegendSettings $legend,
        #[Part(CentreSettings::class)]
        public ?CentreSettings $centre,
        #[Part(AxisSettings::class)]
        #[Detail(isOptional: true)]
        public ?AxisSettings $axis,
    ) {
    }

    /**
     * The same words in another size.
     *
     * @param float $factor of labels, names and the number in the middle
     * @param float $labels of labels once more
     */
    public function arranged(float $factor, ?LegendSettings $legend, float $labels = 1.0): self
    {
        return new self(
            $this->reading,
            $this->labels->times($factor * $labels),
            $this->names?->times($factor),
            $legend,
            $this->centre?->times($factor),
            $this->axis?->times($factor),
        );
    }
}
