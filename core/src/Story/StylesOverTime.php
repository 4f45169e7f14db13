<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Change;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Piece\TextStyle;

/** How the words of a chart are set over time: their colour, the coats on their letters and their plate. */
final readonly class StylesOverTime
{
    /** @param list<array{TimedMove, Change}> $changes of the words of a chart */
    private function __construct(private Moves $moves, private string $chart, private array $changes)
    {
    }

    public static function of(Moves $moves, string $chart): self
    {
        return new self($moves, $chart, array_values(array_filter(
            $moves->changesOf($chart),
            static fn (array $one): bool => str_starts_with($one[1]->property, Properties::OF_WORDS),
        )));
    }

    /**
     * @param string $words one of Properties::WORDS
     * @param TextStyle $style as they are set where nothing changes it
     *
     * @return Track<TextStyle> on the frames of a range
     */
    public function track(string $words, TextStyle $style, FrameRange $range): Track
    {
        return $this->changes === [] ? Track::constant($style) : KeyedValues::told(
            $style,
            $this->changes,
            fn (string $of, float $first): KeyedNumber => $this->moves->number($of, $first, $this->chart, null),
            StyleOverTime::colours($style),
            Properties::OF_WORDS."$words.",
        )->track($range);
    }
}
