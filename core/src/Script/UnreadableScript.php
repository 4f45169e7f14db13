<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

use Lupine\Core\LupineException;

/** A text or a file in which no script can be found; the message says what to do. */
final class UnreadableScript extends LupineException
{
}
