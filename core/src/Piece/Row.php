<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Text;

/** One row of a table: a label, and what was typed into each value column. */
#[Described('A row: a label, and what was typed into each value column.')]
final readonly class Row
{
    public function __construct(
        #[Id]
        public string $id,
        #[Text('Label', 200)]
        public string $label,
        /** @var list<string> as typed, one for each column */
        #[Several(new Text('', 200), max: Table::MAX_COLUMNS)]
        public array $cells,
        #[Text('', 200)]
        #[Detail('what looked like a slip and was found right', isOptional: true, isNeverNull: true)]
        public ?string $sure = null,
        #[Text('', 200)]
        #[Detail('what the row belongs to, such as a region', isOptional: true, isNeverNull: true)]
        public ?string $group = null,
    ) {
    }
}
