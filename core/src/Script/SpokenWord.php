<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/** One word of a line, with the frame on which it is said. */
final readonly class SpokenWord
{
    /** below it a word is doubtful */
    public const DOUBTFUL = 0.5;

    public function __construct(
        public string $text,
        public int $frame,
        /** how sure it is that it is said there, 0 to 1; null where it is only guessed from its place in the line */
        public ?float $sure = null,
        public bool $isByHand = false,
        /** the frame on which listening found it, where a hand has put it elsewhere */
        public ?int $found = null,
        /** whether the recording leaves it out; the frame is where it would be */
        public bool $isUnsaid = false,
    ) {
    }

    /** Whether it is said somewhere, but perhaps not there. */
    public function isDoubtful(): bool
    {
        return $this->sure !== null && !$this->isByHand && !$this->isUnsaid && $this->sure < self::DOUBTFUL;
    }
}
