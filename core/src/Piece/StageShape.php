<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Another shape that the piece is made in: its size, and what stands elsewhere in it than rule or proportion say. */
final readonly class StageShape
{
    /** @param array<string, OwnPlace> $own by the id of a chart or a text, `legend-` and a chart's id, or `captions` */
    private function __construct(public string $id, public int $width, public int $height, private array $own)
    {
    }

    public static function read(Field $field): self
    {
        [$width, $height] = Stage::sides($field);

        return new self(
            $field->get('id')->id(),
            $width,
            $height,
            array_map(OwnPlace::read(...), $field->get('own')->entries()),
        );
    }

    public function own(string $target): ?OwnPlace
    {
        return $this->own[$target] ?? null;
    }
}
