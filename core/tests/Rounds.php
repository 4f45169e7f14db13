<?php

declare(strict_types=1);

namespace Lupine\Core\Tests;

/** How often something is tried at random: enough for every change, or as `bin/test --long` asks for it. */
final class Rounds
{
    public static function of(int $usual, int $long): int
    {
        return getenv('LUPINE_LONG') === '1' ? $long : $usual;
    }
}
