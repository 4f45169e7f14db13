<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** One setting that a form declares: how it is read, what it is without being said, and how the desk shows it. */
final readonly class FormSetting
{
    /**
     * @param array<string, string> $choices value in the document => word at the desk
     */
    private function __construct(
        public string $name,
        /** the word at the desk */
        public string $label,
        /** number, choice or text */
        public string $kind,
        /** pixels, degrees, fraction, count or value; empty for what is no number */
        public string $unit,
        public float $least,
        public float $most,
        public float|string $usual,
        public array $choices,
        /** whether it is one of the few decisions that make most of the difference */
        public bool $isFirst,
        /** whether a move can change it */
        public bool $isKeyed,
        /** one sentence for those who set it */
        public string $hint,
    ) {
    }

    public static function number(
        string $name,
        string $label,
        string $unit,
        float $least,
        float $most,
        float $usual,
        bool $isFirst = false,
        bool $isKeyed = true,
        string $hint = '',
    ): self {
        return new self($name, $label, 'number', $unit, $least, $most, $usual, [], $isFirst, $isKeyed, $hint);
    }

    /** @param array<string, string> $choices value in the document => word at the desk; the first is the usual one */
    public static function choice(
        string $name,
        string $label,
        array $choices,
        bool $isFirst = false,
        bool $isKeyed = false,
        string $hint = '',
    ): self {
        $usual = (string) array_key_first($choices);

        return new self($name, $label, 'choice', '', 0, 0, $usual, $choices, $isFirst, $isKeyed, $hint);
    }

    /** A text such as SVG path data. */
    public static function text(string $name, string $label, string $usual, string $hint = ''): self
    {
        return new self($name, $label, 'text', '', 0, 20000, $usual, [], false, false, $hint);
    }

    /** @throws BadPiece */
    public function read(Field $field): float|string
    {
        return match ($this->kind) {
            'number' => $field->number($this->least, $this->most, (float) $this->usual),
            'choice' => $field->oneOf(array_map('strval', array_keys($this->choices)), (string) $this->usual),
            default => $field->text((int) $this->most, (string) $this->usual),
        };
    }

    /** @return array<string, mixed> as JSON Schema says it */
    public function schema(): array
    {
        $schema = match ($this->kind) {
            'number' => ['type' => 'number', 'minimum' => $this->least, 'maximum' => $this->most],
            'choice' => ['enum' => array_map('strval', array_keys($this->choices))],
            default => ['type' => 'string', 'maxLength' => (int) $this->most],
        };
        $unit = $this->unit === '' || $this->unit === 'count' ? '' : ', '.$this->unit;

        return [...$schema, 'description' => $this->label.$unit];
    }
}
