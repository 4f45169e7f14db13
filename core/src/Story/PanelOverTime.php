<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\PanelOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Drift;
use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Manner;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Panel;

/** A panel over time: how much of it is there, where its group is moved, and what moves make of its settings. */
final readonly class PanelOverTime
{
    /** what its group is moved by; everything else is in its outline and its coats */
    public const POSE = ['x', 'y', 'size', 'turn', 'opacity'];

    /**
     * @param array<string, KeyedNumber> $pose by property
     * @param KeyedValues<Panel> $values
     */
    private function __construct(
        public Panel $panel,
        public FigureMoves $comes,
        public array $pose,
        private KeyedValues $values,
    ) {
    }

    public static function of(Panel $panel, Moves $moves): self
    {
        $comes = $moves->ofThing($panel->id);
        $manner = Manner::of($comes);
        $drift = $moves->drift($panel->drift);
        $pose = [];
        foreach (self::POSE as $property) {
            $number = $moves->number($property, $panel->first($property), null, null, $panel->id);
            $pose[$property] = self::drifting($manner->on($property, $number), $property, $drift);
        }
        $values = KeyedValues::told(
            $panel,
            $moves->changesOf(null, null, $panel->id),
            static fn (string $of, float $first): KeyedNumber => $moves->number($of, $first, null, null, $panel->id),
            static fn (): string => $panel->colour,
            but: self::POSE,
        );

        return new self($panel, $comes, $pose, $values);
    }

    /** One that no move changes. */
    public static function still(Panel $panel): self
    {
        $pose = [];
        foreach (self::POSE as $property) {
            $pose[$property] = KeyedNumber::of($panel->first($property), []);
        }

        return new self($panel, new FigureMoves(null, null), $pose, new KeyedValues($panel, []));
    }

    private static function drifting(KeyedNumber $number, string $property, ?Drift $drift): KeyedNumber
    {
        return $drift?->on($property, $number) ?? $number;
    }

    public function at(int $moment): Panel
    {
        return $this->values->at($moment);
    }

    /** @return Track<Panel> its settings on the frames of a range */
    public function track(FrameRange $range): Track
    {
        $changes = $this->values->changes($range);

        return $changes === []
            ? Track::constant($this->values->at($range->from))
            : Track::of([$range->from, ...$changes], $this->values->at(...));
    }

    /** @return list<int> the moments of a range at which anything of it changes */
    public function changes(FrameRange $range): array
    {
        return [
            $range->from,
            ...$this->values->changes($range),
            ...$this->comes->changes($range),
            ...array_merge([], ...array_map(
                static fn (KeyedNumber $number): array => $number->changes($range),
                array_values($this->pose),
            )),
        ];
    }

    /** @return array<string, KeyedNumber> numbers that moves change, by property */
    public function keyed(): array
    {
        return [
            ...array_filter($this->pose, static fn (KeyedNumber $number): bool => $number->hasMoves()),
            ...$this->values->numbers(''),
        ];
    }

    /** Its outline before its group moves it, as far as it is there. */
    public static function outline(Panel $panel, Presence $presence): string
    {
        $middle = new Point($panel->x, $panel->y);

        return (new PanelOutline(
            Box::around($middle, $panel->width, $panel->height),
            max(0.0, $presence->from),
            min(1.0, $presence->to),
            $panel->thickness,
            $panel->radius,
        ))->of($panel->kind);
    }
}
