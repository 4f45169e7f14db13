<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Settings\Changed;

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
        $keyed = [];
        // What is said of the part itself comes first.
        foreach ([$figureId, null] as $of) {
            foreach ($moves->changesOf($chart->id, $of) as [, $change]) {
                $property = $change->property;
                if (!str_starts_with($property, Properties::OF_COATS)) {
                    continue;
                }
                $path = substr($property, strlen(Properties::OF_COATS));
                $kind = explode('.', $path)[0];
                $first = Changed::value($coats, $path);
                // What a part has of its own goes its own way.
                if (isset($keyed[$path]) || $first === false || ($of === null && $own->has($kind))) {
                    continue;
                }
                $keyed[$path] = is_float($first) || is_int($first)
                    ? $moves->number($property, (float) $first, $chart->id, $of)
                    : KeyedColour::of(
                        $property,
                        is_string($first) ? $first : $colour,
                        $moves->changesOf($chart->id, $of),
                    );
            }
        }

        return new self(new KeyedValues($coats, $keyed));
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
