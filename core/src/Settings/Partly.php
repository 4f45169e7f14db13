<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** Some of the settings of a group, as the document has them: what is not said is left as it is. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Partly extends Setting
{
    /**
     * @param class-string $class the group
     * @param list<string> $except names of settings that cannot be said here
     */
    public function __construct(public string $class, private array $except = [])
    {
        parent::__construct();
    }

    public function kind(): string
    {
        return 'part';
    }

    /** @return \stdClass a copy of what is said, each of it checked */
    public function read(Field $field): \stdClass
    {
        $settings = $this->settings();
        foreach ($field->entries() as $name => $entry) {
            $declared = $settings[$name] ?? throw $entry->wrong('is not known here; there are '
                .implode(', ', array_keys($settings)));
            if (!$entry->isNull()) {
                $declared->setting->read($entry);
            }
        }
        $value = $field->value();

        return Json::copy($value instanceof \stdClass ? $value : (object) ($value ?? []));
    }

    public function mapped(mixed $value, \Closure $work): mixed
    {
        if ($value instanceof \stdClass) {
            Group::of($this->class)->map($value, $work);
        }

        return $value;
    }

    public function schema(): array
    {
        return [
            'type' => 'object',
            'properties' => array_map(
                static fn (Declared $declared): array => $declared->schema(),
                $this->settings(),
            ),
            'additionalProperties' => false,
        ];
    }

    public function default(): mixed
    {
        return null;
    }

    public function definitions(): array
    {
        return array_merge([], ...array_values(array_map(
            static fn (Declared $declared): array => $declared->setting->definitions(),
            $this->settings(),
        )));
    }

    public function groups(): array
    {
        return array_merge([], ...array_values(array_map(
            static fn (Declared $declared): array => $declared->setting->groups(),
            $this->settings(),
        )));
    }

    /** @return list<string> what can be said */
    public function names(): array
    {
        return array_keys($this->settings());
    }

    /** @return array<string, Declared> by name */
    private function settings(): array
    {
        return array_diff_key(
            array_column(Group::of($this->class)->each(), null, 'name'),
            array_flip($this->except),
        );
    }
}
