<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\OwnCoats;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;

/** How the marks of a chart look. */
#[Described('The finish of the marks.')]
final readonly class FinishSettings
{
    public function __construct(
        #[Choice('Colours', ['tints' => 'Tints', 'set' => 'Colour set', 'one' => 'One colour'])]
        #[Detail('tints: one family from the first swatch; set: the swatches in turn; one: the first for all')]
        public string $colours,
        /** @var non-empty-list<string> */
        #[Several(new ColourValue('Swatch'), max: 40, min: 1, label: 'Swatches')]
        public array $swatches,
        #[Among(Coats::class)]
        public Coats $coats,
        #[Part(TrackSettings::class)]
        #[Detail('absent or null: as the form has them', isOptional: true)]
        public ?TrackSettings $tracks = null,
        /** @var list<OwnCoats> */
        #[Several(new Part(OwnCoats::class), max: 12)]
        #[Detail('coats that parts have in turn, as they have colours; a part’s own go before them', isOptional: true)]
        public array $turns = [],
        #[Part(AccentSettings::class)]
        #[Detail('absent or null: no part stands out', isOptional: true)]
        public ?AccentSettings $accent = null,
    ) {
    }
}
