<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** One of a few. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
readonly class Choice extends Setting
{
    /**
     * @param non-empty-array<string, string> $choices value in the document => word at the desk
     * @param string|null $default null: the first; an empty text: it must be said
     */
    public function __construct(
        string $label,
        public array $choices,
        public ?string $default = null,
    ) {
        parent::__construct($label);
    }

    public function kind(): string
    {
        return 'choice';
    }

    public function read(Field $field): string
    {
        return $field->oneOf($this->values(), $this->default());
    }

    public function schema(): array
    {
        return ['enum' => $this->values()];
    }

    public function default(): ?string
    {
        return $this->default === '' ? null : $this->default ?? $this->values()[0];
    }

    public function shown(): array
    {
        return [
            'choices' => array_map(
                static fn (string $value, string $word): array => [$value, $word],
                $this->values(),
                array_values($this->choices),
            ),
        ];
    }

    /** @return non-empty-list<string> */
    public function values(): array
    {
        return array_map(strval(...), array_keys($this->choices));
    }
}
