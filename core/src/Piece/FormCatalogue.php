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

    /** Whether a form takes the whole width of a stage, with words above it. */
    public function isWide(string $name): bool;

    /** Whether its parts are cut out of a whole, and can be pulled out of it. */
    public function isCut(string $name): bool;

    /** Where its labels stand where nobody says otherwise: none, on or beside. */
    public function labels(string $name): string;

    /**
     * The words that a chart of a form looks right with.
     *
     * @return array{labels: string, readings: string, names: bool, legend: bool}
     */
    public function words(string $name): array;

    /** Whether the marks of a series are drawn as one, and come as one. */
    public function isJoined(string $name): bool;
}
