<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Setting;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/**
 * A timing curve: by its name in the CSS set, as `linear()`, `steps()` or `cubic-bezier()` are written there, as the
 * four numbers of a cubic Bézier, or a settle, a spring or a bounce with its numbers.
 */
final readonly class CurveSettings
{
    public const NAMES = ['linear', 'ease', 'ease-in', 'ease-out', 'ease-in-out'];

    private const MOST_STOPS = 200;
    private const LONGEST = 2000;

    /**
     * @param string $kind a name, or bezier, linear(), steps(), settle, spring or bounce
     * @param list<float> $numbers
     * @param list<array{float, float|null}> $stops of linear(): progress and time
     */
    private function __construct(
        public string $kind,
        public array $numbers = [],
        public array $stops = [],
        public string $jump = '',
    ) {
    }

    public static function read(Field $field, string $default): self
    {
        if ($field->isNull()) {
            return new self($default);
        }
        if ($field->isText()) {
            return self::ofText($field, trim($field->text(self::LONGEST)));
        }
        foreach (self::numbers() as $kind => $numbers) {
            if ($field->has($kind)) {
                $of = $field->get($kind);

                return new self($kind, array_map(
                    static function (Declared $number) use ($of): float {
                        $read = $number->read($of);

                        return is_float($read) || is_int($read) ? $read : 0.0;
                    },
                    $numbers,
                ));
            }
        }
        $numbers = $field->items(4);
        if (count($numbers) !== 4) {
            throw $field->wrong('must be the name of a curve or four numbers [x1, y1, x2, y2]');
        }

        return new self('bezier', [
            $numbers[0]->number(0, 1),
            $numbers[1]->number(-5, 5),
            $numbers[2]->number(0, 1),
            $numbers[3]->number(-5, 5),
        ]);
    }

    /** @return array<string, mixed> as JSON Schema has it */
    public static function schema(): array
    {
        return [
            'anyOf' => [
                ['enum' => self::NAMES],
                [
                    'type' => 'string',
                    'pattern' => '^(linear|steps|cubic-bezier)\\(.*\\)$',
                    'maxLength' => self::LONGEST,
                    'description' => 'as CSS writes it',
                ],
                ['type' => 'array', 'items' => ['type' => 'number'], 'minItems' => 4, 'maxItems' => 4],
                ...array_map(self::named(...), array_keys(self::numbers())),
            ],
            'description' => 'a curve of the CSS set by its name or as CSS writes it, the numbers x1, y1, x2, y2 of a'
                .' cubic Bézier, or a settle, spring or bounce',
        ];
    }

    /** @return array<string, mixed> */
    private static function named(string $kind): array
    {
        $numbers = array_map(static fn (Declared $number): array => $number->schema(), self::numbers()[$kind]);
        $closed = static fn (array $properties): array => [
            'type' => 'object',
            'properties' => $properties,
            'required' => array_keys($properties),
            'additionalProperties' => false,
        ];

        return $closed([$kind => $closed(array_combine(array_column(self::numbers()[$kind], 'name'), $numbers))]);
    }

    /** @return array<string, list<Declared>> the numbers of curves that have a name and numbers, by name */
    public static function numbers(): array
    {
        $number = static fn (string $name, Setting $setting, string $note): Declared => Declared::named(
            $name,
            $setting,
            new Detail($note),
        );

        return [
            'settle' => [
                $number('past', new Number('Overshoot', Unit::Fraction, 0, 1, 0.06), 'by how much of its way it runs past its end'),
                $number('back', new Whole('Settle time', Unit::Frames, 0, Stage::MAX_FRAMES, 9), 'in which it comes back'),
            ],
            'spring' => [
                $number('damping', new Number('Damping', Unit::Count, 0.05, 1, 0.35, step: 0.05), 'how soon it comes to rest: 1 does not swing'),
            ],
            'bounce' => [
                $number('times', new Whole('Bounces', Unit::Count, 1, 8, 3), 'how often'),
                $number('height', new Number('Bounce height', Unit::Fraction, 0.02, 0.9, 0.25), 'of each bounce against the one before'),
            ],
        ];
    }

    /** By what curves that are alike are known. */
    public function key(): string
    {
        return $this->kind.json_encode([$this->numbers, $this->stops, $this->jump]);
    }

    private static function ofText(Field $field, string $text): self
    {
        if (in_array($text, self::NAMES, true)) {
            return new self($text);
        }
        if (preg_match('/^(linear|steps|cubic-bezier)\((.*)\)$/s', $text, $parts) !== 1) {
            throw $field->wrong(
                'must be one of '.implode(', ', self::NAMES).', or written as linear(…), steps(…) or cubic-bezier(…)',
            );
        }
        $arguments = array_map('trim', explode(',', $parts[2]));

        return match ($parts[1]) {
            'linear' => new self('linear()', [], self::stops($field, $arguments)),
            'steps' => self::steps($field, $arguments),
            default => self::bezier($field, $arguments),
        };
    }

    /**
     * @param list<string> $arguments
     *
     * @return list<array{float, float|null}>
     */
    private static function stops(Field $field, array $arguments): array
    {
        $stops = [];
        foreach ($arguments as $argument) {
            $words = preg_split('/\s+/', $argument, -1, PREG_SPLIT_NO_EMPTY);
            $words = $words === false ? [] : $words;
            $times = array_values(array_filter($words, static fn (string $word): bool => str_ends_with($word, '%')));
            $values = array_values(array_diff($words, $times));
            if (count($values) !== 1 || count($times) > 2) {
                throw $field->wrong(
                    sprintf('has the stop “%s”; a stop is a number, with up to two percentages', $argument),
                );
            }
            $progress = self::number($field, $values[0], 5.0);
            foreach ($times === [] ? [null] : $times as $time) {
                $stops[] = [$progress, $time === null ? null : self::number($field, rtrim($time, '%'), 100.0) / 100];
            }
        }
        if (count($stops) < 2 || count($stops) > self::MOST_STOPS) {
            throw $field->wrong(sprintf('needs from 2 to %d stops, such as linear(0, 0.4 25%%, 1)', self::MOST_STOPS));
        }

        return $stops;
    }

    /** @param list<string> $arguments */
    private static function steps(Field $field, array $arguments): self
    {
        $jump = $arguments[1] ?? 'jump-end';
        $steps = self::number($field, $arguments[0], 1000.0);
        $jumps = ['jump-start', 'jump-end', 'jump-none', 'jump-both', 'start', 'end'];
        if (!in_array($jump, $jumps, true) || $steps !== floor($steps) || $steps < ($jump === 'jump-none' ? 2 : 1)) {
            throw $field->wrong(
                'must be steps(NUMBER, HOW), the number whole, and how one of '.implode(', ', $jumps),
            );
        }

        return new self('steps()', [$steps], [], $jump);
    }

    /** @param list<string> $arguments */
    private static function bezier(Field $field, array $arguments): self
    {
        if (count($arguments) !== 4) {
            throw $field->wrong('has to have four numbers, such as cubic-bezier(0.2, 0.7, 0.2, 1)');
        }
        $numbers = array_map(static fn (string $one): float => self::number($field, $one, 5.0), $arguments);
        if (min($numbers[0], $numbers[2]) < 0 || max($numbers[0], $numbers[2]) > 1) {
            throw $field->wrong('has to have its first and third number from 0 to 1');
        }

        return new self('bezier', $numbers);
    }

    private static function number(Field $field, string $text, float $most): float
    {
        if (!is_numeric($text) || abs((float) $text) > $most) {
            throw $field->wrong(sprintf('has “%s” where a number from %s to %s belongs', $text, -$most, $most));
        }

        return (float) $text;
    }
}
