<?php

declare(strict_types=1);

namespace Lupine\Core\Kit;

use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Setting;

/** Settings of forms by the name of the form, and under `*` those of all forms that have them. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class FormHabits extends Setting
{
    public const ALL = '*';

    public function kind(): string
    {
        return 'habits';
    }

    /** @return array<string, array<string, array{Setting, mixed}>> what is said and checked, by form and name */
    public function read(Field $field): array
    {
        $forms = $field->known instanceof FormCatalogue
            ? $field->known
            : throw new \LogicException('A kit is read with the forms that it may name.');
        $known = [];
        foreach ($forms->names() as $form) {
            $known[$form] = array_column($forms->settingsOf($form), null, 'name');
        }
        $habits = array_map(static fn (): array => [], $known);
        // What is said of one form goes before what is said of all.
        $said = $field->entries();
        uksort($said, static fn (string $a, string $b): int => ($b === self::ALL) <=> ($a === self::ALL));
        foreach ($said as $name => $entry) {
            $of = $name === self::ALL ? $known : array_intersect_key($known, [$name => true]);
            if ($of === []) {
                throw $entry->wrong('is not a form; there are '.implode(', ', $forms->names()).', and * for all');
            }
            foreach ($entry->entries() as $setting => $value) {
                $declared = array_filter(array_map(static fn (array $one): ?Declared => $one[$setting] ?? null, $of));
                foreach (self::taking($value, $declared) as $form) {
                    $habits[$form][$setting] = [$declared[$form]->setting, $value->value()];
                }
            }
        }

        return $habits;
    }

    /**
     * @param array<string, Declared> $declared a setting as several forms have it
     *
     * @return non-empty-list<string> the forms that take what is said of it
     */
    private static function taking(Field $said, array $declared): array
    {
        $reason = $said->wrong('is not a setting of this form');
        $taking = [];
        foreach ($declared as $form => $one) {
            try {
                $one->setting->read($said);
                $taking[] = $form;
            } catch (BadPiece $caught) {
                $reason = $caught;
            }
        }

        return $taking !== [] ? $taking : throw $reason;
    }

    public function schema(): array
    {
        return [
            'type' => 'object',
            'description' => 'settings of forms, by the name of the form, and under * those of all that have them',
            'additionalProperties' => [
                'type' => 'object',
                'additionalProperties' => ['type' => ['number', 'string']],
            ],
        ];
    }

    /** @return \stdClass none */
    public function default(): \stdClass
    {
        return new \stdClass();
    }
}
