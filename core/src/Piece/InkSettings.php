<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;

/** The two colours that words take by themselves: whichever of them reads on what is behind. */
#[Described('The two colours that words take by themselves, whichever reads on what is behind them.', label: 'Inks')]
final readonly class InkSettings
{
    public function __construct(
        #[ColourValue('Light words', TextStyle::LIGHT)]
        #[Detail('on a dark ground', isOptional: true)]
        public string $light = TextStyle::LIGHT,
        #[ColourValue('Dark words', TextStyle::DARK)]
        #[Detail('on a light ground', isOptional: true)]
        public string $dark = TextStyle::DARK,
    ) {
    }
}
