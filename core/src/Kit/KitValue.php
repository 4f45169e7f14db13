<?php

declare(strict_types=1);

namespace Lupine\Core\Kit;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Setting;

/** A kit as a whole, in what an act takes. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class KitValue extends Setting
{
    public function kind(): string
    {
        return 'kit';
    }

    public function read(Field $field): Kit
    {
        return Group::of(Kit::class)->read($field);
    }

    public function schema(): array
    {
        return [
            '$comment' => 'Kit',
            'type' => 'object',
            'description' => 'a kit, as docs/kit.schema.json describes it',
        ];
    }

    public function default(): mixed
    {
        return null;
    }
}
