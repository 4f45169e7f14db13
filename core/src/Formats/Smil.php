<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Geometry\Decimal;

/**
 * An attribute over the frames of a film as an element of SMIL: values that keep their form go straight from key to
 * key, with as few keys as stay true; others change at once.
 *
 * Sources: SVG Animations Level 2, 2.13 to 2.15 (values, keyTimes, calcMode), and SVG 2, 9.3.8 (path data keep their
 * commands and flags where they are gone between).
 */
final readonly class Smil
{
    /** by how much a value may be off between keys: pixels, and of what is not in pixels its own measure */
    private const OFF = [
        'd' => 0.02,
        'opacity' => 0.002,
        'rotate' => 0.002,
        'scale' => 0.00002,
        'offset' => 0.001,
        'stop-opacity' => 0.002,
        'fill-opacity' => 0.002,
    ];
    private const OFF_IN_PIXELS = 0.02;

    /** attributes whose values are words, names or colours */
    private const AT_ONCE = [
        'fill', 'stroke', 'filter', 'mask', 'clip-path', 'display', 'stop-color', 'flood-color', 'href',
        'patternTransform', 'gradientTransform', 'transform', 'points', 'style', 'stroke-linecap', 'viewBox',
    ];

    /** frames from one key to the next, at most: looked at one by one */
    private const FARTHEST = 150;

    private const NUMBER = '/(?<![\w.])-?(?:\d+\.?\d*|\.\d+)(?:[eE]-?\d+)?/';

    /**
     * @param int $count frames of the film
     * @param string $shared what all elements say of time
     */
    private function __construct(private int $count, private string $shared)
    {
    }

    /**
     * @param int $numerator and $denominator frames a second
     * @param bool $loops whether it begins again at the end
     */
    public static function over(int $count, int $numerator, int $denominator, bool $loops): self
    {
        return new self($count, sprintf(
            ' dur="%ss" %s',
            Decimal::of($count * $denominator / $numerator, 6),
            $loops ? 'repeatCount="indefinite"' : 'fill="freeze"',
        ));
    }

    /**
     * @param array<int, string> $values from which frame on, counted from the first of the film
     *
     * @return string the element; empty where the value never changes
     */
    public function attribute(string $name, array $values): string
    {
        return $this->written('animate attributeName="'.$name.'"', $name, $values);
    }

    /**
     * @param string $type translate, rotate or scale
     * @param array<int, string> $values from which frame on
     */
    public function transform(string $type, array $values): string
    {
        return $this->written('animateTransform attributeName="transform" type="'.$type.'"', $type, $values);
    }

    /** @param array<int, string> $values */
    private function written(string $element, string $name, array $values): string
    {
        $values = self::changes($values);
        if (count($values) < 2) {
            return '';
        }
        if (in_array($name, self::AT_ONCE, true)) {
            return $this->element($element, $values, true);
        }
        $numbers = $this->numbers($values);
        if ($numbers === null) {
            return $this->element($element, $values, true);
        }

        $keys = self::reduced($values, $numbers, self::OFF[$name] ?? self::OFF_IN_PIXELS);

        return $this->element($element, $keys, false);
    }

    /**
     * @param array<int, string> $values
     *
     * @return array<int, string> without those that are as before
     */
    private static function changes(array $values): array
    {
        $kept = [];
        $before = null;
        foreach ($values as $frame => $value) {
            if ($value !== $before) {
                $kept[$frame] = $value;
            }
            $before = $value;
        }

        return $kept;
    }

    /**
     * The numbers in each value, with what stands on the frame before a change of those that hold; null where a value
     * has no numbers at all.
     *
     * @param array<int, string> $values taken by reference, so that what holds is in them
     *
     * @return array<int, array{string, list<float>}>|null form and numbers by frame
     */
    private function numbers(array &$values): ?array
    {
        $all = $told = [];
        $before = null;
        foreach ([...array_keys($values), $this->count] as $frame) {
            if ($before !== null && $frame - $before > 1) {
                $all[$frame - 1] = $values[$before];
            }
            if ($frame < $this->count) {
                $all[$frame] = $values[$frame];
            }
            $before = $frame;
        }
        ksort($all);
        foreach ($all as $frame => $value) {
            // Flags of arcs are no numbers: nothing lies between them.
            $flagged = (string) preg_replace('/(A\S+ \S+ \S+) ([01]) ([01]) /', '$1 f$2 f$3 ', $value);
            $numbers = [];
            $form = (string) preg_replace_callback(
                self::NUMBER,
                static function (array $found) use (&$numbers): string {
                    $numbers[] = (float) $found[0];

                    return '#';
                },
                $flagged,
            );
            if ($numbers === [] && $value !== '') {
                return null;
            }
            $told[$frame] = [$form, $numbers];
        }
        $values = $all;

        return $told;
    }

    /**
     * @param array<int, string> $values
     * @param array<int, array{string, list<float>}> $numbers
     *
     * @return array<int, string> the keys between which it is true enough to go straight
     */
    private static function reduced(array $values, array $numbers, float $off): array
    {
        $frames = array_keys($values);
        $last = count($frames) - 1;
        $kept = [];
        for ($at = 0; $at <= $last; $at = $next) {
            $kept[$frames[$at]] = $values[$frames[$at]];
            $next = $at + 1;
            while (
                $next < $last
                && $frames[$next + 1] - $frames[$at] <= self::FARTHEST
                && self::isStraight($numbers, [$frames[$at], ...array_slice($frames, $at + 1, $next + 1 - $at)], $off)
            ) {
                ++$next;
            }
        }

        return $kept;
    }

    /**
     * @param array<int, array{string, list<float>}> $numbers
     * @param non-empty-list<int> $frames
     */
    private static function isStraight(array $numbers, array $frames, float $off): bool
    {
        $first = $frames[0];
        $end = $frames[count($frames) - 1];
        [$form, $from] = $numbers[$first];
        [$other, $to] = $numbers[$end];
        if ($form !== $other) {
            return false;
        }
        foreach (array_slice($frames, 1, -1) as $frame) {
            [$its, $there] = $numbers[$frame];
            if ($its !== $form) {
                return false;
            }
            $part = ($frame - $first) / ($end - $first);
            foreach ($there as $place => $number) {
                if (abs($from[$place] + ($to[$place] - $from[$place]) * $part - $number) > $off) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param array<int, string> $values */
    private function element(string $element, array $values, bool $isAtOnce): string
    {
        $frames = array_keys($values);
        if ($frames[0] !== 0) {
            $values = [0 => reset($values)] + $values;
            $frames = array_keys($values);
        }
        $times = array_map(fn (int $frame): string => Decimal::of($frame / $this->count, 6), $frames);
        $values = array_values($values);
        if (!$isAtOnce) {
            // What goes from key to key has one at the end.
            $times[] = '1';
            $values[] = end($values);
        }

        return sprintf(
            '<%s%s%s keyTimes="%s" values="%s"/>',
            $element,
            $this->shared,
            $isAtOnce ? ' calcMode="discrete"' : '',
            implode(';', $times),
            implode(';', $values),
        );
    }
}
