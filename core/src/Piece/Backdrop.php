<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What is behind the charts. */
final readonly class Backdrop
{
    private function __construct(
        /** colour, radial or transparent */
        public string $kind,
        /** the colour, or the middle of the gradient */
        public string $colour,
        /** the rim of the gradient */
        public string $edge,
        /** how much the corners darken, 0 to 1 */
        public float $vignette,
    ) {
    }

    /** The same with other colours: the kind stays. */
    public function with(string $colour, string $edge, float $vignette): self
    {
        return new self($this->kind, $colour, $edge, $vignette);
    }

    public static function read(Field $field): self
    {
        return new self(
            $field->get('kind')->oneOf(['colour', 'radial', 'transparent'], 'colour'),
            $field->get('colour')->colour('#1d3a35'),
            $field->get('edge')->colour('#12211f'),
            $field->get('vignette')->number(0, 1, 0),
        );
    }
}
