<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What one mark has of its own; null: as the chart has it. It stays with its row when the figures change. */
final readonly class OwnSettings
{
    private function __construct(
        public ?string $fill,
        /** true where the mark has its own pattern, be it none */
        public bool $hasPattern,
        public ?PatternSettings $pattern,
        public bool $hasGlow,
        public ?SoftEdge $glow,
        /** how far the part is moved out along its middle, in pixels */
        public float $out,
        /** whether its row is switched off in this chart */
        public bool $isOff = false,
        public bool $hasStroke = false,
        public ?StrokeSettings $stroke = null,
        public ?OwnLabel $label = null,
        /** @var array<string, string> colours of its sides where it is solid: wall, inner and cut */
        public array $faces = [],
    ) {
    }

    public static function none(): self
    {
        return new self(null, false, null, false, null, 0.0);
    }

    public static function read(Field $field): self
    {
        $pattern = $field->get('pattern');
        $glow = $field->get('glow');
        $stroke = $field->get('stroke');
        $isNone = static fn (Field $value): bool => $value->isText() && $value->oneOf(['none']) === 'none';

        $faces = [];
        foreach (['wall', 'inner', 'cut'] as $kind) {
            $colour = $field->get('faces')->isNull() ? null : $field->get('faces')->get($kind);
            if ($colour !== null && !$colour->isNull()) {
                $faces[$kind] = $colour->colour();
            }
        }

        return new self(
            $field->get('fill')->isNull() ? null : $field->get('fill')->colour(),
            !$pattern->isNull(),
            $pattern->isNull() || $isNone($pattern) ? null : PatternSettings::read($pattern),
            !$glow->isNull(),
            $glow->isNull() || $isNone($glow) ? null : SoftEdge::read($glow),
            $field->get('out')->number(0, 1000, 0),
            $field->get('off')->yes(false),
            !$stroke->isNull(),
            $stroke->isNull() || $isNone($stroke) ? null : StrokeSettings::read($stroke),
            OwnLabel::read($field->get('label')),
            $faces,
        );
    }
}
