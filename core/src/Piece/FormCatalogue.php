<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Declared;

/** The forms that a piece can name, as far as reading it needs to know them. */
interface FormCatalogue
{
    /** @return list<string> */
    public function names(): array;

    /**
     * @param string $name one of the names
     *
     * @return list<Declared>
     */
    public function settingsOf(string $name): array;
}
