<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

use Lupine\Core\LupineException;

/** A document that is not a piece: a field is missing, of the wrong kind, or out of its range. */
final class BadPiece extends LupineException
{
}
