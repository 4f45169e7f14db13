<?php

declare(strict_types=1);

namespace App\Api;

/** Said only where there is something to say: null is left out. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final readonly class IfThere
{
}
