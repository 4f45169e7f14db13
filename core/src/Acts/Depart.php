<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Departure;
use Lupine\Core\Script\Departures;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** By what a place is known at which a recording departs from its script. */
#[Described('A place at which the recording in use departs from the script.')]
final readonly class Depart
{
    public function __construct(
        #[Choice('', [
            Departure::UNSAID => '',
            Departure::UNWRITTEN => '',
            Departure::AGAIN => '',
            Departure::FIGURE => '',
        ])]
        private string $kind,
        #[Id]
        #[Detail('the line that it is in, or comes after; null before the first')]
        private ?string $line,
        #[Whole('', Unit::Count, 0, 400)]
        #[Detail('the first of its words')]
        private int $from,
        #[Whole('', Unit::Count, 0, 400)]
        #[Detail('which of the recording’s own list it is; null for words that are left out')]
        private ?int $index,
    ) {
    }

    /** @throws BadPiece where there is none of that kind any more */
    public function in(Piece $piece): Departure
    {
        foreach (Departures::of($piece) as $one) {
            if ([$one->kind, $one->line, $one->from, $one->index] === [
                $this->kind, $this->line, $this->from, $this->index,
            ]) {
                return $one;
            }
        }

        throw new BadPiece('The recording does not depart from the script there any more.', 'with');
    }
}
