<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The words that belong to a chart: labels on or beside the parts, the legend, the centre. */
final readonly class ChartWords
{
    private function __construct(
        public ReadingSettings $reading,
        /** none, on (the part) or beside (it) */
        public string $labels,
        /** reading, label or both */
        public string $labelText,
        public TextStyle $labelStyle,
        public ?LegendSettings $legend,
        public ?CentreSettings $centre,
    ) {
    }

    public static function read(Field $field): self
    {
        $labels = $field->get('labels');

        return new self(
            ReadingSettings::read($field->get('reading')),
            $labels->get('show')->oneOf(['none', 'on', 'beside'], 'none'),
            $labels->get('text')->oneOf(['reading', 'label', 'both'], 'reading'),
            TextStyle::read($labels, 'figtree-bold', 40, '#ffffff'),
            LegendSettings::read($field->get('legend')),
            CentreSettings::read($field->get('centre')),
        );
    }
}
