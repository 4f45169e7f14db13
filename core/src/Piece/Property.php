<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Setting;
use Lupine\Core\Settings\Text;

/**
 * Something on the stage that has a value and can be changed by a move: one entry of the registry.
 */
final readonly class Property
{
    private function __construct(
        /** its name in documents, such as `out` or `form.hole` */
        public string $name,
        /** number, cell (what a cell of the sheet takes), column, order or colour */
        public string $kind,
        private Setting $setting,
        /** what it is where nothing says otherwise */
        public float $default,
        private string $label,
    ) {
    }

    /**
     * @param string $prefix before the setting's name
     * @param string $of before its label, where that does not say enough by itself
     */
    public static function of(Declared $declared, string $prefix = '', string $of = ''): self
    {
        $setting = $declared->setting;

        return new self(
            $prefix.$declared->name,
            match (true) {
                $setting instanceof Number => 'number',
                $setting instanceof ColourValue => 'colour',
                $setting instanceof Text => 'cell',
                default => $declared->name,
            },
            $setting,
            $setting instanceof Number ? $setting->default ?? 0.0 : 0.0,
            $of === '' ? $setting->label : $of.lcfirst($setting->label),
        );
    }

    /** @throws BadPiece */
    public function read(Field $field): float|string
    {
        $read = $field->isNull() ? throw $field->wrong('is missing') : $this->setting->read($field);

        return is_float($read) || is_string($read) ? $read : '';
    }

    /** @return array<string, mixed> what the desk shows of it */
    public function field(): array
    {
        return [
            ...$this->setting->shown(),
            'name' => $this->name,
            'label' => $this->label,
            'kind' => $this->kind,
            'default' => $this->default,
        ];
    }
}
