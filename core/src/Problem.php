<?php

declare(strict_types=1);

namespace Lupine\Core;

/**
 * Something about a piece that its maker should know: what is wrong, where, and how to mend it.
 *
 * An error keeps the piece from being drawn; a notice does not.
 */
final readonly class Problem implements \JsonSerializable
{
    private function __construct(
        public string $severity,
        public string $code,
        public string $where,
        public string $message,
        public ?string $rowId = null,
    ) {
    }

    public static function error(string $code, string $where, string $message, ?string $rowId = null): self
    {
        return new self('error', $code, $where, $message, $rowId);
    }

    public static function notice(string $code, string $where, string $message, ?string $rowId = null): self
    {
        return new self('notice', $code, $where, $message, $rowId);
    }

    public function isError(): bool
    {
        return $this->severity === 'error';
    }

    /** @return array{severity: string, code: string, where: string, message: string, rowId: string|null} */
    public function jsonSerialize(): array
    {
        return [
            'severity' => $this->severity,
            'code' => $this->code,
            'where' => $this->where,
            'message' => $this->message,
            'rowId' => $this->rowId,
        ];
    }
}
