<?php

declare(strict_types=1);

namespace Lupine\Core;

/** One way to mend a table, offered and never taken by itself. */
final readonly class Repair
{
    /**
     * @param string $label what the button says
     * @param array<string, string> $cells what is to stand in the cells instead, by row id
     * @param string|null $whole what all parts together are to be; null leaves it as it is
     * @param list<string> $sure rows whose cell was looked at and found right
     * @param string|null $rest the label of a row to be added for what is left of the whole; null adds none
     */
    private function __construct(
        public string $label,
        public array $cells = [],
        public ?string $whole = null,
        public array $sure = [],
        public ?string $rest = null,
    ) {
    }

    /** @param array<string, string> $cells by row id */
    public static function cells(string $label, array $cells): self
    {
        return new self($label, $cells);
    }

    public static function sure(string $label, string $rowId): self
    {
        return new self($label, sure: [$rowId]);
    }

    public static function whole(string $label, string $whole): self
    {
        return new self($label, whole: $whole);
    }

    public static function rest(string $label, string $whole): self
    {
        return new self($label, whole: $whole, rest: 'The rest');
    }
}
