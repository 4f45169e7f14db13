<?php

declare(strict_types=1);

namespace App\Console;

use Lupine\Core\Settings\BadPiece;

/** Which settings a piece has, from its published schema: what a path leads to, and what it may have been meant for. */
final readonly class KnownSettings
{
    /** @param array<string, mixed> $schema */
    private function __construct(private array $schema)
    {
    }

    public static function published(): self
    {
        $schema = json_decode((string) file_get_contents(base_path('docs/piece.schema.json')), true);

        return new self(is_array($schema) ? $schema : []);
    }

    /**
     * @param list<string> $steps of a path through a piece
     * @param array<string, mixed> $document in which the kinds of forms stand
     *
     * @return list<array<string, mixed>> what can be at its end, as JSON Schema has it
     *
     * @throws BadPiece where there is no such setting
     */
    public function at(array $steps, array $document): array
    {
        $known = $this->alternatives($this->schema, $document);
        $now = $document;
        foreach ($steps as $place => $step) {
            $now = $now instanceof \stdClass ? (array) $now : $now;
            $now = is_array($now) ? $now[$step] ?? null : null;
            $next = [];
            foreach ($known as $one) {
                $its = $one['properties'][$step] ?? self::inner($one, $step);
                array_push($next, ...is_array($its) ? $this->alternatives($its, $now) : []);
            }
            if ($next === []) {
                throw self::unknown(array_slice($steps, 0, $place), $step, $known);
            }
            $known = $next;
        }

        return $known;
    }

    /**
     * A value as the command line has it: “none” is nothing where the desk calls it so.
     *
     * @param list<array<string, mixed>> $known
     */
    public static function value(string $typed, array $known): mixed
    {
        $named = array_merge(...array_map(static fn (array $one): array => $one['enum'] ?? [], $known));
        $canBeNone = array_filter(
            $known,
            static fn (array $one): bool => in_array('null', (array) ($one['type'] ?? []), true),
        );
        if ($typed === 'null' || ($typed === 'none' && $canBeNone !== [] && !in_array('none', $named, true))) {
            return null;
        }

        // JSON where it reads as JSON, and else a text.
        return json_decode($typed, true) ?? $typed;
    }

    /**
     * @param array<string, mixed> $one
     *
     * @return array<string, mixed>|null what stands under any name, or in any place of a list
     */
    private static function inner(array $one, string $step): ?array
    {
        if (isset($one['items']) && preg_match('/^\d{1,5}$/D', $step) === 1) {
            return $one['items'];
        }
        $any = $one['additionalProperties'] ?? null;

        // A form keeps what it does not know, and does not use it: that is no setting.
        return is_array($any) && !isset($one['allOf']) ? $any : null;
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return list<array<string, mixed>> it, or those that it names, without references; of forms the one at hand
     */
    private function alternatives(array $schema, mixed $now): array
    {
        if (isset($schema['$ref'])) {
            $name = basename((string) $schema['$ref']);

            return $this->alternatives($this->schema['definitions'][$name] ?? [], $now);
        }
        if (isset($schema['anyOf'])) {
            return array_merge(...array_map(
                fn (array $one): array => $this->alternatives($one, $now),
                array_values($schema['anyOf']),
            ));
        }
        $kind = is_array($now) ? $now['kind'] ?? null : null;
        foreach ($schema['allOf'] ?? [] as $case) {
            if (($case['if']['properties']['kind']['const'] ?? null) === $kind) {
                $schema['properties'] = [...$schema['properties'], ...$case['then']['properties']];
            }
        }

        return [$schema];
    }

    /**
     * @param list<string> $before
     * @param list<array<string, mixed>> $known
     */
    private static function unknown(array $before, string $step, array $known): BadPiece
    {
        $names = [];
        foreach ($known as $one) {
            foreach (array_keys($one['properties'] ?? []) as $name) {
                $names[(string) $name] = self::distance($step, (string) $name);
            }
        }
        asort($names);
        $names = array_map(strval(...), array_keys($names));
        $path = implode('.', [...$before, $step]);
        $nearest = $names[0] ?? null;

        return new BadPiece(
            match (true) {
                $nearest === null => sprintf('There is no setting “%s”: %s has none.', $path, implode('.', $before)),
                self::distance($step, $nearest) <= max(2, strlen($step) / 3) => sprintf(
                    'There is no setting “%s”. Did you mean “%s”?',
                    $path,
                    implode('.', [...$before, $nearest]),
                ),
                default => sprintf(
                    'There is no setting “%s”. There are: %s.',
                    $path,
                    mb_strimwidth(implode(', ', $names), 0, 400, '…'),
                ),
            },
            '--set',
        );
    }

    private static function distance(string $one, string $other): int
    {
        return levenshtein(strtolower(substr($one, 0, 200)), strtolower($other));
    }
}
