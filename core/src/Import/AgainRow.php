<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Piece\Row;

/** What becomes of one row when figures come in again. */
final readonly class AgainRow
{
    /**
     * @param string $kind same, changed, fresh, gone or kept
     * @param string $id in the piece
     * @param string|null $from the id of the row of the file; null where it has none
     * @param string $was its label before; the same where it had none
     * @param string $how label, alike or hand: how it was found again
     * @param list<array{string, string, string}> $cells names of columns with what was and what will be
     * @param list<string> $figures of a row that is new, or that the file does not have
     */
    private function __construct(
        public string $kind,
        public string $id,
        public ?string $from,
        public string $label,
        public string $was,
        public string $how,
        public array $cells,
        public array $figures,
    ) {
    }

    /** @param list<array{string, string, string}> $cells */
    public static function found(Row $was, Row $new, string $how, array $cells): self
    {
        $isSame = $cells === [] && trim($was->label) === trim($new->label);

        return new self($isSame ? 'same' : 'changed', $was->id, $new->id, $new->label, $was->label, $how, $cells, []);
    }

    /** @param list<string> $figures */
    public static function fresh(string $id, Row $new, array $figures): self
    {
        return new self('fresh', $id, $new->id, $new->label, $new->label, 'label', [], $figures);
    }

    /** @param list<string> $figures */
    public static function gone(Row $was, bool $isKept, array $figures): self
    {
        return new self($isKept ? 'kept' : 'gone', $was->id, null, $was->label, $was->label, 'label', [], $figures);
    }
}
