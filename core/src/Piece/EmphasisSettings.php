<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What a move of the kind `emphasis` does: a part stands out while the others dim, and lets go again. */
final readonly class EmphasisSettings
{
    private function __construct(
        /** the frame on which it lets go; null: at the end of its line, or after a while */
        public ?int $until,
        /** the beat on which it lets go, instead */
        public ?Pin $untilPin,
        /** how far the part is pulled out, in pixels */
        public float $out,
        /** how much it is lit, 0 to 1 */
        public float $light,
        /** how large it becomes, as a multiple */
        public float $size,
        /** how much the others dim, 0 to 1 */
        public float $dim,
        /** how large its label becomes, as a multiple */
        public float $label,
        /** the free text that appears with it, or null */
        public ?string $note,
    ) {
    }

    public static function read(Field $field): self
    {
        return new self(
            $field->get('until')->isNull() ? null : $field->get('until')->whole(0, Stage::MAX_FRAMES),
            Pin::read($field->get('untilPin')),
            $field->get('out')->number(0, 1000, 0),
            $field->get('light')->number(0, 1, 0),
            $field->get('size')->number(0.1, 5, 1),
            $field->get('dim')->number(0, 1, 0),
            $field->get('label')->number(0.2, 5, 1),
            $field->get('note')->isNull() ? null : $field->get('note')->id(),
        );
    }
}
