<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\OwnCoats;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Unit;

/** The part of a chart that is to be seen first, and what it has that the others have not. */
#[Described('The part that is to be seen first, and what it has that the others have not.', label: 'Accent')]
final readonly class AccentSettings
{
    public function __construct(
        #[Choice('Accent', ['title' => 'What the title names', 'part' => 'One part', 'none' => 'No part'])]
        #[Detail(
            'which part it is; title: the one that the title names, or whose figure it states, or else the largest',
            isOptional: true,
        )]
        public string $of = 'title',
        #[Id('Part')]
        #[Detail('its row', isOptional: true, when: ['of' => ['part']])]
        public ?string $part = null,
        #[ColourValue('Accent colour')]
        #[Detail('null: its own', isOptional: true, none: 'Its own')]
        public ?string $colour = null,
        #[Number('Accent pull out', Unit::Pixels, 0, 1000, 0, step: 2)]
        #[Detail('how far the part is moved out along its middle', isOptional: true)]
        public float $out = 0.0,
        #[Among(OwnCoats::class)]
        public OwnCoats $coats = new OwnCoats(),
    ) {
    }
}
