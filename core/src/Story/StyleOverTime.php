<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Piece\TextStyle;

/** How a text, or captions, are set over time: colour and coats of their letters, as moves change them. */
final readonly class StyleOverTime
{
    /** @param KeyedValues<TextStyle> $values */
    private function __construct(private KeyedValues $values)
    {
    }

    /**
     * @param string $id of a text, or Move::CAPTIONS
     * @param TextStyle $style as it is set where nothing changes it
     */
    public static function of(string $id, TextStyle $style, Moves $moves): self
    {
        return new self(KeyedValues::told(
            $style,
            $moves->changesOf(null, null, $id),
            static fn (string $of, float $first): KeyedNumber => $moves->number($of, $first, null, null, $id),
            self::colours($style),
            // Its size is that of its group.
            but: ['size'],
        ));
    }

    /** @return \Closure(string): string the colour of what does not say its own, by its place in a style */
    public static function colours(TextStyle $style): \Closure
    {
        $plate = $style->plate->colour ?? $style->colour;

        return static fn (string $path): string => str_starts_with($path, Properties::OF_PLATE)
            ? $plate
            : $style->colour;
    }

    /** @return Track<TextStyle> on the frames of a range */
    public function track(FrameRange $range): Track
    {
        return $this->values->track($range);
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
