<?php

declare(strict_types=1);

namespace App\Disk;

use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** Too much of a kind waits already. The sentence says what of, and what makes room. */
final class NoRoom extends TooManyRequestsHttpException
{
    /** seconds after which it is worth another try */
    private const LATER = 10;

    public function __construct(string $sentence)
    {
        parent::__construct(self::LATER, $sentence);
    }
}
