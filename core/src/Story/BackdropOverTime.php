<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Loops;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\BackdropLight;
use Lupine\Core\Piece\Clouds;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\Changed;

/**
 * What is behind everything, at the moments of the moves' clock: colours go over into others, the rim darkens, and
 * lights wander.
 */
final readonly class BackdropOverTime
{
    /** moments after which lights that wander have gone so far that it is worth looking again */
    private const OFTEN = 12;

    /**
     * @param KeyedValues<Backdrop> $values
     * @param float $ratio of the stage's width to its height
     */
    private function __construct(private KeyedValues $values, private Loops $loops, private float $ratio)
    {
    }

    public static function of(Piece $piece, Moves $moves): self
    {
        $keyed = [];
        foreach ($moves->changesOf(null) as [, $change]) {
            $path = $change->property;
            $first = Changed::value($piece->backdrop, $path);
            // Of a list that has become shorter, what is no longer there waits.
            if ($first !== false && !isset($keyed[$path])) {
                $keyed[$path] = is_string($first)
                    ? KeyedColour::of($path, $first, $moves->changesOf(null))
                    : $moves->number($path, is_numeric($first) ? (float) $first : 0.0, null, null);
            }
        }
        $stage = $piece->stage;

        return new self(
            new KeyedValues($piece->backdrop, $keyed),
            Loops::of($stage, $moves->clock),
            $stage->width / $stage->height,
        );
    }

    /** One that no move changes. */
    public static function still(Backdrop $backdrop, Stage $stage): self
    {
        return new self(new KeyedValues($backdrop, []), Loops::of($stage), $stage->width / $stage->height);
    }

    /** What it is, with its lights where they are then. */
    public function at(int $moment): Backdrop
    {
        $now = $this->values->at($moment);
        $places = [];
        foreach ($now->lights as $index => $light) {
            if ($light->wander > 0) {
                $angle = $this->loops->angle($light->every, $moment) + 2 * M_PI * $light->from;
                $places["lights.{$index}.x"] = $light->x + $light->wander * cos($angle);
                // Half as far up and down, once more often: an eight that lies.
                $places["lights.{$index}.y"] = $light->y + ($light->wander * $this->ratio * sin(2 * $angle)) / 2;
            }
        }

        if (self::isDrifting($now)) {
            $angle = $this->loops->angle($now->every, $moment);
            $places['x'] = $now->x + $now->drift * sin($angle);
            $places['y'] = $now->y + ($now->drift / 2) * sin(2 * $angle);
        }

        return Changed::of($now, $places);
    }

    private static function isDrifting(Backdrop $backdrop): bool
    {
        return $backdrop->kind === 'picture' && $backdrop->drift > 0;
    }

    /** How far clouds have come on their way back to themselves, 0 to 1. */
    public function come(Clouds $clouds, int $moment): float
    {
        return $clouds->every === 0 ? 0.0 : fmod($this->loops->angle($clouds->every, $moment) / (2 * M_PI), 1.0);
    }

    /** @return list<int> the moments of a range at which it is otherwise than before */
    public function changes(FrameRange $range): array
    {
        $first = $this->values->first;
        $isWandering = self::isDrifting($first)
            || array_filter($first->lights, static fn (BackdropLight $one): bool => $one->wander > 0) !== [];

        return $isWandering
            ? range($range->from, $range->to)
            : [$range->from, ...$this->values->changes($range)];
    }

    /** @return list<int> the moments of a range at which it is worth looking at */
    public function sights(FrameRange $range): array
    {
        $keys = $this->keys($range);

        return $this->changes($range) === $keys ? $keys : [...$keys, ...range($range->from, $range->to, self::OFTEN)];
    }

    /** @return list<int> the moments at which a move changes it */
    public function keys(FrameRange $range): array
    {
        return [$range->from, ...$this->values->changes($range)];
    }
}
