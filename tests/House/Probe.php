<?php

declare(strict_types=1);

namespace Tests\House;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** A group of settings that only the rules of the house know. */
#[Described('Light inside an edge.', label: 'Inner glow')]
final readonly class Probe
{
    public function __construct(
        #[Number('Depth', Unit::Pixels, 1, 40, 8)]
        #[Detail('inwards from the edge', isKeyed: true)]
        public float $depth,
        #[Toggle('Soft')]
        #[Detail(isOptional: true)]
        public bool $isSoft,
    ) {
    }
}
