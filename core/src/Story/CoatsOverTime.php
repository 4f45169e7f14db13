<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Change;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Properties;

/** The coats of a part over time: those of its chart, what it has of its own, and what moves make of them. */
final readonly class CoatsOverTime
{
    /** @param KeyedValues<Coats> $values */
    private function __construct(private KeyedValues $values)
    {
    }

    /** @param string $colour of the part, which inks begin with that follow it */
    public static function of(Chart $chart, string $figureId, string $colour, Moves $moves): self
    {
        $coats = $chart->coatsOf($figureId);
        $own = $chart->own($figureId)->coats;
        // What a part has of its own goes its own way.
        $ofAll = array_values(array_filter(
            $moves->changesOf($chart->id),
            static fn (array $change): bool => !$own->has(explode('.', $change[1]->property)[1] ?? ''),
        ));

        // What is said of the part itself comes first.
        return new self(
            self::told($coats, $colour, $moves, $chart->id, $figureId, $moves->changesOf($chart->id, $figureId))
                ->over(self::told($coats, $colour, $moves, $chart->id, null, $ofAll)),
        );
    }

    /**
     * @param string|null $of the figure whose changes they are; null: those of the chart
     * @param list<array{TimedMove, Change}> $changes
     *
     * @return KeyedValues<Coats>
     */
    private static function told(
        Coats $coats,
        string $colour,
        Moves $moves,
        string $chartId,
        ?string $of,
        array $changes,
    ): KeyedValues {
        return KeyedValues::told(
            $coats,
            $changes,
            static fn (string $name, float $first): KeyedNumber => $moves->number($name, $first, $chartId, $of),
            static fn (): string => $colour,
            Properties::OF_COATS,
        );
    }

    public function at(int $moment): Coats
    {
        return $this->values->at($moment);
    }

    /** @return Track<Coats> on the frames of a range */
    public function track(FrameRange $range): Track
    {
        return $this->values->track($range);
    }

    /** @return list<int> the frames of a range on which a move changes them */
    public function changes(FrameRange $range): array
    {
        return $this->values->changes($range);
    }

    /** @return array<string, KeyedNumber> numbers that moves change, by property */
    public function keyed(): array
    {
        return $this->values->numbers(Properties::OF_COATS);
    }
}
