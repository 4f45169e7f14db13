<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;

/** The form of a chart and its settings, each read as its form declares it. */
final readonly class FormSettings
{
    /** @param array<string, float|string> $values by setting */
    private function __construct(public string $kind, private array $values)
    {
    }

    public static function read(Field $field, FormCatalogue $forms): self
    {
        $kind = $field->get('kind')->oneOf($forms->names());
        $values = [];
        foreach ($forms->settingsOf($kind) as $setting) {
            $values[$setting->name] = self::plain($setting->read($field));
        }

        return new self($kind, $values);
    }

    private static function plain(mixed $read): float|string
    {
        return is_float($read) || is_string($read) ? $read : '';
    }

    public function number(string $name): float
    {
        return (float) $this->values[$name];
    }

    public function word(string $name): string
    {
        return (string) $this->values[$name];
    }

    /** @return array<string, float> by setting */
    public function numbers(): array
    {
        return array_filter($this->values, is_float(...));
    }

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** @return array<string, float|string> all of them, by setting */
    public function values(): array
    {
        return $this->values;
    }

    /** The order in which figures are laid out: sheet, descending or ascending; forms without one keep the sheet's. */
    public function order(): string
    {
        return (string) ($this->values['order'] ?? 'sheet');
    }

    /** @param array<string, float|string> $changed by setting */
    public function with(array $changed): self
    {
        return new self($this->kind, [...$this->values, ...$changed]);
    }
}
