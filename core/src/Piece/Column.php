<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Text;

/** A value column of a table. */
#[Described('A value column.')]
final readonly class Column
{
    public function __construct(
        #[Id]
        public string $id,
        #[Text('Name', 200, '')]
        public string $name,
    ) {
    }
}
