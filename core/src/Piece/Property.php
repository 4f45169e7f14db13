<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/**
 * Something on the stage that has a value and can be changed by a move: one entry of the registry.
 */
final readonly class Property
{
    private function __construct(
        /** its name in documents, such as `out` or `form.hole` */
        public string $name,
        /** the word at the desk */
        public string $label,
        /** number, cell (what a cell of the sheet takes), column, order or colour */
        public string $kind,
        /** pixels, degrees, fraction, count or value; empty for what is no number */
        public string $unit,
        public float $least,
        public float $most,
        /** what it is where nothing says otherwise */
        public float $usual,
    ) {
    }

    public static function number(
        string $name,
        string $label,
        string $unit,
        float $least,
        float $most,
        float $usual,
    ): self {
        return new self($name, $label, 'number', $unit, $least, $most, $usual);
    }

    public static function other(string $name, string $label, string $kind): self
    {
        return new self($name, $label, $kind, '', 0, 0, 0);
    }

    public static function ofSetting(FormSetting $setting): self
    {
        return $setting->kind === 'number'
            ? self::number(
                'form.'.$setting->name,
                $setting->label,
                $setting->unit,
                $setting->least,
                $setting->most,
                (float) $setting->usual,
            )
            : self::other('form.'.$setting->name, $setting->label, $setting->name);
    }

    /** @throws BadPiece */
    public function read(Field $field): float|string
    {
        return match ($this->kind) {
            'number' => $field->number($this->least, $this->most),
            'column' => $field->id(),
            'colour' => $field->colour(),
            'order' => $field->oneOf(['sheet', 'descending', 'ascending']),
            default => $field->text(200),
        };
    }
}
