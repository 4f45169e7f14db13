<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** How the marks of a chart look. */
final readonly class FinishSettings
{
    private function __construct(
        /** tints: one family made from the first swatch; set: the swatches in turn */
        public string $colours,
        /** @var non-empty-list<string> */
        public array $swatches,
        /** flat or gradient */
        public string $fill,
        public ?PatternSettings $pattern,
        public ?SoftEdge $glow,
        public ?SoftEdge $shadow,
        public ?StrokeSettings $stroke,
    ) {
    }

    public static function read(Field $field): self
    {
        $swatches = array_map(
            static fn (Field $swatch): string => $swatch->colour(),
            $field->get('swatches')->items(40),
        );
        if ($swatches === []) {
            throw $field->get('swatches')->wrong('is empty; at least one colour is needed');
        }

        return new self(
            $field->get('colours')->oneOf(['tints', 'set'], 'tints'),
            $swatches,
            $field->get('fill')->oneOf(['flat', 'gradient'], 'flat'),
            PatternSettings::read($field->get('pattern')),
            SoftEdge::read($field->get('glow')),
            SoftEdge::read($field->get('shadow')),
            StrokeSettings::read($field->get('stroke')),
        );
    }
}
