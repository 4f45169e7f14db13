<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Presence;

/** For layouts whose marks never touch. */
trait StandsApart
{
    /** @return list<array{string, string}> */
    public function neighbours(): array
    {
        return [];
    }

    public function seam(string $before, string $after, Presence $beforeThere, Presence $afterThere): string
    {
        return '';
    }
}
