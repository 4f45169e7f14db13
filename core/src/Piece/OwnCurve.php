<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Text;

/** A curve that is kept with the piece under a name, to be chosen again. */
#[Described('A curve that is kept with the piece under a name.')]
final readonly class OwnCurve
{
    public function __construct(
        #[Text('Curve name', 60)]
        public string $name,
        #[CurveValue('linear')]
        public CurveSettings $curve,
    ) {
    }
}
