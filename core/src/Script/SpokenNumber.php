<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/** A number that is said in a line: what it is, and which words say it. */
final readonly class SpokenNumber
{
    /** an amount: 1,248, two and a half million */
    public const AMOUNT = 'amount';

    /** a part of the whole, 0 to 1: four in ten, 41 per cent, a third */
    public const SHARE = 'share';

    /** what the others leave of the whole */
    public const REST = 'rest';

    /** a part of what the others leave, 0 to 1 */
    public const SHARE_OF_REST = 'share of the rest';

    /** so many times as much as before: doubled, halved */
    public const TIMES = 'times';

    public function __construct(
        public string $kind,
        public float $value,
        /** how far it can be meant from what it says: half of its last digit, and more where it is said to be rough */
        public float $tolerance,
        /** the first of its words, and the one after its last, by their place in the line */
        public int $from,
        public int $to,
        /** the value as it is said, where that is a fraction: “1/3”; null: the value itself */
        public ?string $fraction = null,
    ) {
    }
}
