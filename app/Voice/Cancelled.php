<?php

declare(strict_types=1);

namespace App\Voice;

/** Somebody does not want it any more. */
final class Cancelled extends \RuntimeException
{
}
