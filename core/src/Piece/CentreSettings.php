<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** What stands in the middle of a ring: the total so far, or the number of one figure, and a line below it. */
final readonly class CentreSettings
{
    private function __construct(
        public string $caption,
        public string $prefix,
        public string $suffix,
        public TextStyle $style,
        /** the row whose number it is; null is the total */
        public ?string $rowId = null,
    ) {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        return new self(
            $field->get('caption')->text(80, ''),
            $field->get('prefix')->text(20, ''),
            $field->get('suffix')->text(20, ''),
            TextStyle::read($field, 'bricolage-bold', 110, '#ffffff'),
            $field->get('figure')->isNull() ? null : $field->get('figure')->id(),
        );
    }

    /** The same in another size. */
    public function times(float $factor): self
    {
        return new self($this->caption, $this->prefix, $this->suffix, $this->style->times($factor), $this->rowId);
    }
}
