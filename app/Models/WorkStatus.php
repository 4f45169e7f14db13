<?php

declare(strict_types=1);

namespace App\Models;

/** How far work is that is done beside the desk: a film, or listening to a sound. */
enum WorkStatus: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    /** somebody has cancelled it, and it has not stopped yet */
    case Cancelling = 'cancelling';
    case Cancelled = 'cancelled';
    case Failed = 'failed';
    case Done = 'done';

    /** Whether a worker has it in hand. */
    public function isUnderWay(): bool
    {
        return $this === self::Running || $this === self::Cancelling;
    }
}
