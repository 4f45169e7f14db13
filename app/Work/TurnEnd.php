<?php

declare(strict_types=1);

namespace App\Work;

/** Why a worker leaves a file before it is made. */
enum TurnEnd
{
    /** nobody wants it any more, or it is there already */
    case Unwanted;
    /** the worker was not heard of for too long, and another one has it */
    case Taken;
    /** the worker is to end */
    case Asked;
}
