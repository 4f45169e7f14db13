<?php

declare(strict_types=1);

namespace Lupine\Core\Contract;

/** Said only where there is something to say: null is left out. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final readonly class IfThere
{
}
