<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;

/** The words of a line in a recording. */
#[Described('The words of a line in a recording.')]
final readonly class HeardLine
{
    public function __construct(
        #[Id]
        public string $line,
        /** @var list<HeardWord> */
        #[Several(new Part(HeardWord::class), max: 400)]
        public array $words,
    ) {
    }
}
