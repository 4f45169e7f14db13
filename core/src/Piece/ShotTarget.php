<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;

/** What the camera looks at. */
#[Described('A chart that the camera looks at, or a mark of it.')]
final readonly class ShotTarget
{
    public function __construct(
        #[Id]
        public string $chart,
        #[Id]
        #[Detail(isOptional: true, isNeverNull: true)]
        public ?string $figure,
    ) {
    }
}
