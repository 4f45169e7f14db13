<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/**
 * Settings that belong together: what the properties of one class declare.
 *
 * @template T of object
 */
final readonly class Group
{
    /**
     * @param class-string<T> $class
     * @param list<Declared> $settings in the order of the class's properties
     */
    private function __construct(
        public string $class,
        public string $name,
        public string $label,
        public string $description,
        public string $hint,
        public array $settings,
    ) {
    }

    /**
     * @template C of object
     *
     * @param class-string<C> $class with the attribute Described, whose constructor declares what it takes
     *
     * @return self<C>
     */
    public static function of(string $class): self
    {
        // What classes declare does not change while they run.
        /** @var array<string, self<object>> $known */
        static $known = [];
        /** @var self<C> $group */
        $group = $known[$class] ??= self::declaredBy($class);

        return $group;
    }

    /**
     * @template C of object
     *
     * @param class-string<C> $class
     *
     * @return self<C>
     */
    private static function declaredBy(string $class): self
    {
        $reflected = new \ReflectionClass($class);
        $described = ($reflected->getAttributes(Described::class)[0] ?? null)?->newInstance()
            ?? throw new \LogicException($class.' is not described.');
        $settings = [];
        foreach ($reflected->getConstructor()?->getParameters() ?? [] as $parameter) {
            $declared = Declared::by($parameter);
            if ($declared !== null) {
                $settings[] = $declared;
            }
        }
        $name = $described->name !== ''
            ? $described->name
            : (string) preg_replace('/Settings$/', '', $reflected->getShortName());

        return new self($class, $name, $described->label, $described->description, $described->hint, $settings);
    }

    /**
     * @param array<string, mixed> $defaults of settings that have others than they declare
     *
     * @return T
     *
     * @throws BadPiece
     */
    public function read(Field $field, array $defaults = []): object
    {
        $values = [];
        foreach ($this->settings as $declared) {
            $values[] = $declared->read($field, $defaults);
        }
        $group = new $this->class(...$values);
        if ($group instanceof Checked) {
            $group->check($field);
        }

        return $group;
    }

    /**
     * Changes what a document says of the group; Setting::mapped says how.
     *
     * @param \Closure(Setting, mixed): mixed $work
     */
    public function map(\stdClass $document, \Closure $work): void
    {
        foreach ($this->each() as $declared) {
            if (isset($document->{$declared->name})) {
                $document->{$declared->name} = $declared->setting->mapped($document->{$declared->name}, $work);
            }
        }
    }

    /** @param string $name of one of its settings */
    public function named(string $name): Declared
    {
        foreach ($this->each() as $declared) {
            if ($declared->name === $name) {
                return $declared;
            }
        }

        throw new \LogicException(sprintf('%s has no setting “%s”.', $this->class, $name));
    }

    /** @return array<string, mixed> as JSON Schema has it */
    public function schema(): array
    {
        return [
            'type' => 'object',
            'description' => $this->description,
            'properties' => $this->properties(),
            'required' => $this->required(),
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, array<string, mixed>> as JSON Schema has them, by name */
    public function properties(): array
    {
        $properties = [];
        foreach ($this->each() as $declared) {
            $properties[$declared->name] = $declared->schema();
        }

        return $properties;
    }

    /** @return list<string> names of those that every document has */
    public function required(): array
    {
        return array_column(array_filter(
            $this->each(),
            static fn (Declared $declared): bool => !$declared->detail->isOptional,
        ), 'name');
    }

    /**
     * The group as it begins, as the document has it.
     *
     * @return array<string, mixed>|null null where something must be said
     */
    public function first(): ?array
    {
        $first = [];
        foreach ($this->each() as $declared) {
            if ($declared->detail->isOptional) {
                continue;
            }
            if ($declared->default === null && ($declared->detail->isNeverNull || !$declared->canBeNone)) {
                return null;
            }
            $first[$declared->name] = $declared->default;
        }

        return $first;
    }

    /** @return list<array<string, mixed>> what the desk shows of each of its settings */
    public function fields(): array
    {
        $fields = [];
        foreach ($this->each() as $declared) {
            if ($declared->label() !== '') {
                $fields[] = $declared->field();
            }
        }

        return $fields;
    }

    /** @return list<Declared> its settings, those of others among them */
    public function each(): array
    {
        $all = [];
        foreach ($this->settings as $declared) {
            $among = $declared->setting;
            array_push($all, ...$among instanceof Among
                ? array_map(
                    static fn (Declared $one): Declared => $one->among(
                        $among->defaults[$one->name] ?? null,
                        $declared->detail->when,
                    ),
                    self::of($among->class)->each(),
                )
                : [$declared]);
        }

        return $all;
    }
}
