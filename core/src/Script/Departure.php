<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

use Lupine\Core\Contract\OneOf;

/** A place at which the recording in use says something else than the script. */
final readonly class Departure
{
    /** words of the script that it leaves out */
    public const UNSAID = 'unsaid';

    /** something that the script does not have */
    public const UNWRITTEN = 'unwritten';

    /** a sentence of the script, once more */
    public const AGAIN = 'again';

    /** something beside a number of the script: perhaps another number */
    public const FIGURE = 'figure';

    /** what is the matter, as somebody reads it */
    public string $message;

    public function __construct(
        #[OneOf(self::UNSAID, self::UNWRITTEN, self::AGAIN, self::FIGURE)]
        public string $kind,
        /** the line that it is in, or comes after; null before the first */
        public ?string $line,
        /** the first of the words that are left out; where something is said between them, where that is */
        public int $from,
        /** the one after the last */
        public int $to,
        /** the words that are left out or said again; those before it where something else is said */
        public string $text,
        /** the first frame */
        public int $begin,
        /** the one after the last */
        public int $end,
        /** which of the recording’s own list it is; null for words that are left out */
        public ?int $index,
    ) {
        $this->message = $this->said();
    }

    private function said(): string
    {
        $quoted = sprintf('“%s”', mb_strimwidth(trim($this->text, ' .,;:'), 0, 60, '…'));
        $where = $this->text === '' ? 'At the beginning' : "After $quoted";

        return match ($this->kind) {
            self::UNSAID => "The recording does not say $quoted.",
            self::AGAIN => "The recording says $quoted twice; it is written once.",
            self::FIGURE => "$where the recording may say another number.",
            default => "$where the recording says something that is not written.",
        };
    }
}
