<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;

/** What one act does about something that is hard to read; the act “mend” takes it as it is, but for its words. */
final readonly class Mending extends Answer
{
    private function __construct(
        /** what is done, for a button */
        public string $does,
        #[OneOf('larger', 'ink', 'plate', 'arranged', 'legend', 'combine', 'longer', 'lengthen', 'keep')]
        public string $what,
        /** the chart, the text or the line that it is done to; null: the piece, or its captions */
        public ?string $of = null,
        /** which of its words: label, name, legend, caption, axis, centre or words */
        public ?string $kind = null,
        /** how much larger, or how many frames or parts */
        public ?float $by = null,
    ) {
    }

    /** @param float $by as a multiple of the size */
    public static function larger(ShownWord $word, float $by): self
    {
        return new self('Make them larger', 'larger', $word->owner, $word->kind, $by);
    }

    /** Dark or light, whichever reads there. */
    public static function ink(ShownWord $word): self
    {
        return new self('Let them turn dark or light', 'ink', $word->owner, $word->kind);
    }

    public static function plate(ShownWord $word): self
    {
        return new self('Put a plate behind them', 'plate', $word->owner, $word->kind);
    }

    public static function arranged(ShownWord $word): self
    {
        return new self('Let the arrangement place it', 'arranged', $word->owner, $word->kind);
    }

    public static function chartArranged(string $chart): self
    {
        return new self('Let the arrangement place it', 'arranged', $chart);
    }

    public static function legend(string $chart): self
    {
        return new self('Name them in a legend', 'legend', $chart);
    }

    /** @param int $parts that stay parts of their own */
    public static function combine(string $chart, int $parts): self
    {
        return new self("Keep the largest {$parts}", 'combine', $chart, by: $parts);
    }

    /** @param int $frames that a caption has to stay */
    public static function longer(string $line, int $frames): self
    {
        return new self('Show it longer', 'longer', $line, by: $frames);
    }

    /** @param int $frames of the film */
    public static function lengthen(int $frames): self
    {
        return new self('Make the film longer', 'lengthen', by: $frames);
    }

    public static function keep(string $text): self
    {
        return new self('Keep it', 'keep', $text);
    }
}
