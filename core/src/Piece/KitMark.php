<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** The kit that a piece has taken its look from: what the desk alone reads. */
#[Described('The kit that a piece has taken its look from.', name: 'KitMark')]
final readonly class KitMark
{
    /** @param list<string> $parts */
    public function __construct(
        #[Id]
        public string $id,
        #[Text('Name', 60)]
        public string $name,
        #[Several(new Choice('', [
            'colours' => '', 'type' => '', 'backdrop' => '', 'finish' => '', 'layout' => '', 'motion' => '',
        ]), max: 6)]
        #[Detail('what was taken of it')]
        public array $parts,
        #[Whole('', Unit::Count, 1, 1_000_000_000, 1)]
        #[Detail('which state of the kit', isOptional: true)]
        public int $revision = 1,
    ) {
    }
}
