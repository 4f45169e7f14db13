<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Either;

/** How the camera takes the stage. */
#[Described('How the camera takes the stage; where it goes, moves of the kind shot say.')]
final readonly class CameraSettings
{
    public function __construct(
        #[Either('Backdrop', ['stays' => 'Stays', 'goes along' => 'Moves with the camera'])]
        public bool $takesBackdrop = false,
    ) {
    }
}
