<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\LupineException;

/** A time, timecode or frame rate that cannot be. */
final class BadTime extends LupineException
{
}
