<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\LupineException;

/** A text that is not a colour. */
final class BadColour extends LupineException
{
}
