<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

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

    public function __construct(
        public string $kind,
        /** the line that it is in, or comes after; null before the first */
        public ?string $line,
        /** the first of the words that are left out and the one after the last; both where something is said between */
        public int $from,
        public int $to,
        /** the words that are left out or said again; those before it where something else is said */
        public string $text,
        /** the first frame and the one after the last */
        public int $begin,
        public int $end,
        /** which of the recording’s own list it is; null for words that are left out */
        public ?int $index,
    ) {
    }

    /** What is the matter, as somebody reads it. */
    public function message(): string
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

    /** @return array<string, mixed> */
    public function answer(): array
    {
        return [
            'kind' => $this->kind,
            'line' => $this->line,
            'from' => $this->from,
            'to' => $this->to,
            'text' => $this->text,
            'message' => $this->message(),
            'begin' => $this->begin,
            'end' => $this->end,
            'index' => $this->index,
        ];
    }
}
