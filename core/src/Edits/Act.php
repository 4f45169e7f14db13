<?php

declare(strict_types=1);

namespace Lupine\Core\Edits;

use Lupine\Core\Settings\BadPiece;

/**
 * Something that is done to a document as a whole. What it takes is declared as settings are, by its constructor.
 */
interface Act
{
    /**
     * @return list<string> ids of what was made, for the desk to select
     *
     * @throws BadPiece where it cannot be done
     */
    public function change(Edited $edited): array;
}
