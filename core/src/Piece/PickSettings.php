<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Which rows of a long table a chart shows, and that the others are put together as one. */
final readonly class PickSettings
{
    /** the largest, the first of the alphabet, or the largest groups, each as one figure */
    public const BY = ['largest', 'label', 'group'];

    public const MOST = 200;

    private function __construct(
        public string $by,
        /** so many figures beside that of the others */
        public int $count,
        /** whether what is left is a figure of its own; of parts of a whole it always is */
        public bool $hasOthers,
        /** what that one is called */
        public string $label,
    ) {
    }

    public static function read(Field $field): ?self
    {
        return $field->isNull() ? null : new self(
            $field->get('by')->oneOf(self::BY, 'largest'),
            $field->get('count')->whole(1, self::MOST, 10),
            $field->get('others')->yes(true),
            $field->get('label')->text(200, 'Others'),
        );
    }
}
