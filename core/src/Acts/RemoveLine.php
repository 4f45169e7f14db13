<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;

/** A line leaves the script; what was pinned to it stays where it is. */
#[Described('Removes a line of the script.')]
final readonly class RemoveLine implements Act
{
    public function __construct(
        #[Id]
        private string $line,
    ) {
    }

    public function change(Edited $edited): array
    {
        $line = $edited->line($this->line);
        (new Rescript($edited))->stay(but: $this->line)->take(array_values(array_filter(
            $edited->lines(),
            static fn (\stdClass $one): bool => $one !== $line,
        )));

        return [];
    }
}
