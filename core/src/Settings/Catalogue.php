<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** All groups of settings that a document is made of. */
final readonly class Catalogue
{
    /**
     * @param array<string, Group<object>> $groups by name, the root first
     * @param array<string, array<string, mixed>> $definitions what stands by itself in the schema, by name
     */
    private function __construct(public array $groups, private array $definitions)
    {
    }

    /**
     * @param class-string $root what a document is
     * @param array<string, array<string, mixed>> $definitions what no group declares, by name
     */
    public static function of(string $root, array $definitions = []): self
    {
        $groups = [];
        $open = [$root];
        while ($open !== []) {
            $group = Group::of(array_shift($open));
            if (isset($groups[$group->name])) {
                if ($groups[$group->name]->class !== $group->class) {
                    throw new \LogicException(sprintf('Two groups are called “%s”.', $group->name));
                }
                continue;
            }
            $groups[$group->name] = $group;
            foreach ($group->each() as $declared) {
                $definitions = [...$declared->setting->definitions(), ...$definitions];
                array_push($open, ...$declared->setting->groups());
            }
        }

        return new self($groups, $definitions);
    }

    /**
     * What JSON Schema says of a document.
     *
     * @param array<string, array<string, mixed>> $first properties that say which document it is
     *
     * @return array<string, mixed>
     */
    public function schema(array $first): array
    {
        $others = $this->groups;
        $root = array_shift($others) ?? throw new \LogicException('A catalogue has at least one group.');
        $definitions = [...$this->definitions, ...array_map(
            static fn (Group $group): array => $group->schema(),
            $others,
        )];
        ksort($definitions);

        return [
            '$schema' => 'http://json-schema.org/draft-07/schema#',
            'title' => $root->name,
            'description' => $root->description,
            'type' => 'object',
            'properties' => [...$first, ...$root->properties()],
            'required' => [...array_keys($first), ...$root->required()],
            'additionalProperties' => false,
            'definitions' => $definitions,
        ];
    }
}
