<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\LupineException;

/** A file that no table can be taken out of: broken, locked, of another kind, or larger than Lupine takes. */
final class UnreadableFile extends LupineException
{
}
