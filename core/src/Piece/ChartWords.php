<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The words that belong to a chart: names and labels at its marks, the legend, the centre. */
final readonly class ChartWords
{
    private function __construct(
        public ReadingSettings $reading,
        /** none, on (the part), along (it) or beside (it) */
        public string $labels,
        /** reading, label or both */
        public string $labelText,
        public TextStyle $labelStyle,
        /** the colour of a plate behind a label beside its mark, or null for none */
        public ?string $labelPlate,
        /** the names of the figures where their marks begin, or null for none */
        public ?TextStyle $names,
        public ?LegendSettings $legend,
        public ?CentreSettings $centre,
        /** whether a line leads from a mark to a label that had to leave its side */
        public bool $hasLeaders = true,
        /** titles at the axes, or null for none */
        public ?AxisSettings $axis = null,
        /** when a label comes: under (its part is under it), begin or end (of its part's coming) */
        public string $labelComes = 'under',
    ) {
    }

    public static function read(Field $field): self
    {
        $labels = $field->get('labels');

        return new self(
            ReadingSettings::read($field->get('reading')),
            $labels->get('show')->oneOf(['none', 'on', 'beside', 'along'], 'none'),
            $labels->get('text')->oneOf(['reading', 'label', 'both'], 'reading'),
            TextStyle::read($labels, 'figtree-bold', 40, '#ffffff'),
            $labels->get('plate')->isNull() ? null : $labels->get('plate')->colour(),
            $field->get('names')->isNull()
                ? null
                : TextStyle::read($field->get('names'), 'figtree-semibold', 30, '#ffffff'),
            LegendSettings::read($field->get('legend')),
            CentreSettings::read($field->get('centre')),
            $labels->get('leaders')->yes(true),
            AxisSettings::read($field->get('axis')),
            $labels->get('comes')->oneOf(['under', 'begin', 'end'], 'under'),
        );
    }

    /**
     * The same words in another size.
     *
     * @param float $factor of labels, names and the number in the middle
     */
    public function arranged(float $factor, ?LegendSettings $legend): self
    {
        return new self(
            $this->reading,
            $this->labels,
            $this->labelText,
            $this->labelStyle->times($factor),
            $this->labelPlate,
            $this->names?->times($factor),
            $legend,
            $this->centre?->times($factor),
            $this->hasLeaders,
            $this->axis?->times($factor),
            $this->labelComes,
        );
    }
}
