<?php

declare(strict_types=1);

namespace App\Film;

use Lupine\Core\Papers\Alternative;
use Lupine\Core\Piece\Piece;

/**
 * What a film says of itself: its title, its text alternative, where the figures are from, and its chapters, a line of
 * the script each. Nothing of the machine.
 *
 * Source: ffmpeg's documentation, “Metadata”: the ffmetadata format.
 */
final readonly class Told
{
    private const SEPARATORS = ['\\' => '\\\\', '=' => '\\=', ';' => '\\;', '#' => '\\#', "\n" => "\\\n"];

    /** @param list<array{int, int, string}> $chapters first frame, the one after the last, and title */
    private function __construct(
        public string $title,
        public string $description,
        public string $source,
        private array $chapters,
        private string $second,
    ) {
    }

    /** @param string $description the text alternative in short */
    public static function of(Piece $piece, FileOrder $order, string $description): self
    {
        $range = $order->range;
        $chapters = [];
        foreach ($order->options->withChapters ? $piece->narration->captioned() : [] as $line) {
            $begin = max($range->from, $line->begin);
            $end = min($range->to + 1, max($line->end, $line->begin + 1));
            if ($end > $begin) {
                $chapters[] = [$begin - $range->from, $end - $range->from, $line->text];
            }
        }
        $stage = $piece->stage;

        return new self(
            $piece->title,
            $description,
            implode('; ', Alternative::sources($piece)),
            $chapters,
            $stage->rateDenominator.'/'.$stage->rateNumerator,
        );
    }

    /** As ffmpeg reads it. */
    public function ffmetadata(): string
    {
        $lines = [';FFMETADATA1'];
        $told = ['title' => $this->title, 'description' => $this->description, 'comment' => $this->source];
        foreach ($told as $key => $text) {
            if ($text !== '') {
                $lines[] = $key.'='.strtr($text, self::SEPARATORS);
            }
        }
        foreach ($this->chapters as [$begin, $end, $title]) {
            array_push(
                $lines,
                '[CHAPTER]',
                'TIMEBASE='.$this->second,
                'START='.$begin,
                'END='.$end,
                'title='.strtr($title, self::SEPARATORS),
            );
        }

        return implode("\n", $lines)."\n";
    }
}
