<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Scale;

/** How all figures of a chart stand at one moment. */
final readonly class Moment
{
    /**
     * @param list<Standing> $standings in the order of the sheet
     * @param int|null $room how many of them there is room for; others stand after them. Null: for all
     */
    public function __construct(public array $standings, public Scale $scale, private ?int $room = null)
    {
    }

    /**
     * The same, with some figures smaller, so that what lies after them comes nearer.
     *
     * @param array<string, float> $parts 0 to 1, how much of a figure takes room, by figure id
     */
    public function reduced(array $parts): self
    {
        return new self(
            array_map(
                static fn (Standing $one): Standing => isset($parts[$one->figureId])
                    ? $one->grownTo($parts[$one->figureId])
                    : $one,
                $this->standings,
            ),
            $this->scale,
            $this->room,
        );
    }

    /** How many figures there is room for, one after or beside the other. */
    public function room(): int
    {
        return max(1, $this->room ?? count($this->standings));
    }

    /** @return list<Standing> by their places; ties keep the order of the sheet */
    public function inPlace(): array
    {
        $standings = $this->standings;
        usort($standings, static fn (Standing $a, Standing $b): int => $a->place <=> $b->place);

        return $standings;
    }

    /** How many series stand side by side. */
    public function seriesCount(): int
    {
        return 1 + max([0, ...array_map(static fn (Standing $standing): int => $standing->series, $this->standings)]);
    }

    /** Whether figures are changing places. */
    public function isRearranging(): bool
    {
        $places = array_map(static fn (Standing $standing): float => $standing->place, $this->standings);
        sort($places);

        // Amid a change of places several figures can have one, be it a whole number.
        return $places !== array_map(floatval(...), array_keys($places));
    }

    /**
     * Where each figure begins when they are laid out one after the other. While two figures change places, each
     * begins after that part of the others that is before it.
     *
     * @param array<string, float>|null $lengths how long each is, by figure id; null: as long as its fraction
     *
     * @return array<string, float> in the lengths' own measure, by figure id
     */
    public function begins(?array $lengths = null): array
    {
        $lengths ??= array_column($this->standings, 'fraction', 'figureId');
        $begins = [];
        foreach ($this->standings as $one) {
            $begins[$one->figureId] = array_sum(
                array_map(
                    static fn (Standing $other): float => $other === $one
                        ? 0.0
                        : $lengths[$other->figureId] * (1 + max(-1.0, min(1.0, $one->place - $other->place))) / 2,
                    $this->standings,
                ),
            );
        }

        return $begins;
    }
}
