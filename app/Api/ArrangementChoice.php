<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;

/** A rule that the piece can be arranged by, with a picture in pixels of the stage. */
final readonly class ArrangementChoice extends Answer
{
    public function __construct(
        #[OneOf('left', 'right', 'below', 'above', 'alone')]
        public string $charts,
        #[OneOf('fitting', 'row', 'column', 'grid')]
        public string $several,
        /** @var list<array{string,string,float}> */
        public array $picture,
    ) {
    }
}
