<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The forms that a piece can name, as far as reading it needs to know them. */
interface FormCatalogue
{
    /** @return list<string> */
    public function names(): array;

    /**
     * @param string $name one of the names
     *
     * @return list<FormSetting>
     */
    public function settingsOf(string $name): array;
}
