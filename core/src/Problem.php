<?php

declare(strict_types=1);

namespace Lupine\Core;

/**
 * Something about a piece that its maker should know: what is wrong, where, and how to mend it.
 *
 * An error keeps the piece from being drawn; a notice does not.
 */
final readonly class Problem
{
    /** @param list<Repair> $repairs ways to mend it, the likeliest first */
    private function __construct(
        public string $severity,
        public string $code,
        public string $where,
        public string $message,
        public ?string $rowId = null,
        public array $repairs = [],
    ) {
    }

    public static function error(string $code, string $where, string $message, ?string $rowId = null): self
    {
        return new self('error', $code, $where, $message, $rowId);
    }

    /** @param list<Repair> $repairs ways to mend it, the likeliest first */
    public static function notice(
        string $code,
        string $where,
        string $message,
        ?string $rowId = null,
        array $repairs = [],
    ): self {
        return new self('notice', $code, $where, $message, $rowId, $repairs);
    }

    public function isError(): bool
    {
        return $this->severity === 'error';
    }
}
