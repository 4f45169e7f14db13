<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

/** For forms whose marks are each a figure of its own, in its own colour. */
trait StandsAlone
{
    public function isJoined(): bool
    {
        return false;
    }
}
