<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Who reads a scratch recording, which stands in for a narrator, and how fast. */
final readonly class ScratchVoice
{
    /** words a minute */
    public const SLOWEST = 80;
    public const FASTEST = 320;

    private function __construct(public string $speaker, public int $pace)
    {
    }

    public static function read(Field $field): ?self
    {
        if ($field->isNull()) {
            return null;
        }

        return new self(
            $field->get('speaker')->text(60),
            $field->get('pace')->whole(self::SLOWEST, self::FASTEST),
        );
    }
}
