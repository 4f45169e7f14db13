<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * All emphases of one chart. Several in a row pass from one part to the next: what one lets go, the other takes, so
 * that the parts that neither is about stay as they are.
 */
final readonly class Emphases
{
    /** @param list<TimedEmphasis> $list by their beginnings */
    private function __construct(public array $list)
    {
    }

    /** @param list<TimedEmphasis> $list */
    public static function of(array $list): self
    {
        usort($list, static fn (TimedEmphasis $a, TimedEmphasis $b): int => $a->move->begin <=> $b->move->begin);
        foreach ($list as $index => $one) {
            $next = $list[$index + 1] ?? null;
            if ($next !== null && $next->move->begin < $one->end()) {
                $list[$index] = $one->until(max($one->move->begin, $next->move->begin));
            }
        }

        return new self($list);
    }

    /** How much of what an emphasis does to its own part there is in all, by a property of its settings. */
    public function onPart(string $figureId, KeyedNumber $number, string $property): KeyedNumber
    {
        $own = array_values(array_filter(
            $this->list,
            static fn (TimedEmphasis $one): bool => $one->figureId === $figureId,
        ));
        $does = array_filter($own, static fn (TimedEmphasis $one): bool => self::strength($one, $property) !== 0.0);

        return $does === [] ? $number : $number->also(
            array_values($does),
            static function (float $value, int $frame) use ($does, $property): float {
                foreach ($does as $one) {
                    $value = self::changed($value, $one->at($frame), self::strength($one, $property), $property);
                }

                return $value;
            },
        );
    }

    /** How much of a part is left where others stand out: 1 where none does. */
    public function dimmed(string $figureId, KeyedNumber $number): KeyedNumber
    {
        $dim = array_filter($this->list, static fn (TimedEmphasis $one): bool => $one->settings->dim > 0);
        $others = array_filter($dim, static fn (TimedEmphasis $one): bool => $one->figureId !== $figureId);

        return $others === [] ? $number : $number->also(
            array_values($dim),
            static function (float $value, int $frame) use ($dim, $figureId): float {
                [$by, $own] = [0.0, 0.0];
                foreach ($dim as $one) {
                    $amount = $one->at($frame);
                    if ($one->figureId === $figureId) {
                        $own = max($own, $amount);
                    } else {
                        $by += $one->settings->dim * $amount;
                    }
                }

                return $value * (1 - min(1.0, $by) * (1 - $own));
            },
        );
    }

    private static function strength(TimedEmphasis $one, string $property): float
    {
        return match ($property) {
            'out' => $one->settings->out,
            'light' => $one->settings->light,
            'size' => $one->settings->size - 1,
            default => $one->settings->label - 1,
        };
    }

    private static function changed(float $value, float $amount, float $strength, string $property): float
    {
        return match ($property) {
            'out' => $value + $amount * $strength,
            'light' => min(1.0, $value + $amount * $strength),
            default => $value * (1 + $amount * $strength),
        };
    }
}
