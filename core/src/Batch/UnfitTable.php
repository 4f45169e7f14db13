<?php

declare(strict_types=1);

namespace Lupine\Core\Batch;

use Lupine\Core\LupineException;

/** A table that a piece cannot be made with; it says why and what helps. */
final class UnfitTable extends LupineException
{
}
