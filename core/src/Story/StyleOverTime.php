<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Settings\Changed;

/** How a text is set over time: its colour and the coats on its letters, as moves change them. */
final readonly class StyleOverTime
{
    /** @param KeyedValues<TextStyle> $values */
    private function __construct(private KeyedValues $values)
    {
    }

    /** @param TextStyle $style as the text is set where nothing changes it */
    public static function of(FreeText $words, TextStyle $style, Moves $moves): self
    {
        $keyed = [];
        $changes = $moves->changesOf(null, null, $words->id);
        foreach ($changes as [, $change]) {
            $path = $change->property;
            $first = Changed::value($style, $path);
            // Of a list that has become shorter, what is no longer there waits; its size is that of its group.
            if ($path === 'size' || isset($keyed[$path]) || $first === false) {
                continue;
            }
            $keyed[$path] = is_float($first) || is_int($first)
                ? $moves->number($path, (float) $first, null, null, $words->id)
                : KeyedColour::of($path, is_string($first) ? $first : $style->colour, $changes);
        }

        return new self(new KeyedValues($style, $keyed));
    }

    /** @return Track<TextStyle> on the frames of a range */
    public function track(FrameRange $range): Track
    {
        $changes = $this->values->changes($range);

        return $changes === []
            ? Track::constant($this->values->at($range->from))
            : Track::of([$range->from, ...$changes], $this->values->at(...));
    }

    public function at(int $moment): TextStyle
    {
        return $this->values->at($moment);
    }

    /** @return array<string, KeyedNumber> numbers that moves change, by property */
    public function keyed(): array
    {
        return $this->values->numbers('');
    }
}
