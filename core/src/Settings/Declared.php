<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** One setting under its name. */
final readonly class Declared
{
    private function __construct(
        public string $name,
        public Setting $setting,
        public Detail $detail,
        /** whether it can be null: none, or not said */
        public bool $canBeNone,
        /** what it is where nothing is said, as the document has it; null where it must be said, or is none */
        public mixed $default,
        /** the property that holds it; empty where none does */
        public string $property = '',
    ) {
    }

    /**
     * The same among others: where it has another default, or none of its own, and matters only with those around it.
     *
     * @param array<string, bool|list<string>> $when
     */
    public function among(mixed $default, array $when): self
    {
        return new self(
            $this->name,
            $this->setting,
            $this->detail->onlyWhen($when),
            $this->canBeNone,
            $default ?? $this->default,
            $this->property,
        );
    }

    public static function named(string $name, Setting $setting, ?Detail $detail = null): self
    {
        return new self($name, $setting, $detail ?? new Detail(), false, $setting->default());
    }

    /** What a constructor's parameter declares; null where it declares nothing. */
    public static function by(\ReflectionParameter $parameter): ?self
    {
        $setting = $parameter->getAttributes(Setting::class, \ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;
        if ($setting === null) {
            return null;
        }
        $detail = ($parameter->getAttributes(Detail::class)[0] ?? null)?->newInstance() ?? new Detail();

        $its = $setting->newInstance();

        return new self(
            $detail->name !== '' ? $detail->name : self::plain($parameter->getName()),
            $its,
            $detail,
            $parameter->allowsNull(),
            $parameter->allowsNull() ? null : $its->default(),
            $parameter->getName(),
        );
    }

    /** `isHidden` is `hidden` in documents, `hasLeaders` is `leaders`, `takesWords` is `words`. */
    private static function plain(string $property): string
    {
        return lcfirst((string) preg_replace('/^(is|has|takes)(?=[A-Z])/', '', $property));
    }

    /**
     * @param array<string, mixed> $defaults of settings that have others than they declare
     *
     * @throws BadPiece
     */
    public function read(Field $group, array $defaults = []): mixed
    {
        if ($this->setting instanceof Among) {
            return $this->setting->read($group);
        }
        $field = $group->get($this->name);
        if ($field->isNull()) {
            if (isset($defaults[$this->name])) {
                $field = $field->filled($defaults[$this->name]);
            } elseif ($this->canBeNone) {
                return null;
            }
        }

        return $this->setting->read($field);
    }

    /** @return array<string, mixed> as JSON Schema has it */
    public function schema(): array
    {
        $schema = $this->setting->schema();
        if ($this->canBeNone && !$this->detail->isNeverNull) {
            $schema = ['anyOf' => [$schema, ['type' => 'null']]];
        }

        return $this->detail->note === '' && $this->unit() === ''
            ? $schema
            : [...$schema, 'description' => $this->description()];
    }

    /** What the document means by it, with its unit. */
    private function description(): string
    {
        return implode(', ', array_diff([
            $this->detail->note !== '' ? $this->detail->note : $this->setting->label,
            $this->unit(),
        ], ['']));
    }

    private function unit(): string
    {
        $unit = $this->setting instanceof Number || $this->setting instanceof Whole ? $this->setting->unit : null;

        return in_array($unit, [null, Unit::Count, Unit::Fraction, Unit::Times], true) ? '' : $unit->value;
    }

    /** The name at the desk; empty where it has no field there. */
    public function label(): string
    {
        return $this->setting instanceof Part ? Group::of($this->setting->class)->label : $this->setting->label;
    }

    /** @return array<string, mixed> what the desk shows of it */
    public function field(): array
    {
        return array_filter([
            'name' => $this->name,
            'label' => $this->label(),
            'kind' => $this->setting->kind(),
            ...$this->setting->shown(),
            'default' => $this->default,
            'hint' => $this->detail->hint,
            'when' => $this->detail->when,
            'isKeyed' => $this->detail->isKeyed,
            'isFirst' => $this->detail->isFirst,
            'canBeNone' => $this->canBeNone,
            'none' => $this->detail->none,
        ], static fn (mixed $said): bool => !in_array($said, [null, '', [], false], true));
    }
}
