<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What stands at the axes of a chart: what its scale counts, and what its figures are. */
final readonly class AxisSettings
{
    private function __construct(public string $scale, public string $figures, public TextStyle $style)
    {
    }

    public static function read(Field $field): ?self
    {
        return $field->isNull()
            ? null
            : new self(
                $field->get('scale')->text(120, ''),
                $field->get('figures')->text(120, ''),
                TextStyle::read($field, 'figtree-semibold', 28, '#ffffff'),
            );
    }

    /** The same in another size. */
    public function times(float $factor): self
    {
        return new self($this->scale, $this->figures, $this->style->times($factor));
    }
}
