<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

/** What the figures of a form have to be. */
enum Needs: string
{
    /** parts of one whole, none below zero */
    case Parts = 'parts';

    /** amounts on a scale, above zero */
    case Amounts = 'amounts';

    /** amounts on a scale, on either side of zero */
    case SignedAmounts = 'signed';

    /** one amount of a whole or on a scale */
    case One = 'one';

    public function isOnScale(): bool
    {
        return $this !== self::Parts;
    }
}
