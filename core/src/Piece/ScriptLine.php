<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** One spoken phrase, from its first frame to the frame after its last. */
final readonly class ScriptLine
{
    private function __construct(public string $id, public string $text, public int $begin, public int $end)
    {
    }

    public static function read(Field $field): self
    {
        $begin = $field->get('begin')->whole(0, Stage::MAX_FRAMES);
        $end = $field->get('end')->whole(0, Stage::MAX_FRAMES);
        if ($end <= $begin) {
            throw $field
                ->get('end')
                ->wrong(sprintf('is frame %d, which is not after the line\'s beginning on frame %d', $end, $begin));
        }

        return new self($field->get('id')->id(), $field->get('text')->text(600), $begin, $end);
    }
}
