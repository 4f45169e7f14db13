<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** Says of a class that its properties are a group of settings. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Described
{
    public function __construct(
        /** one sentence, for the schema and the documents */
        public string $description,
        /** the name at the desk, where the group can be had or not */
        public string $label = '',
        /** a sentence at the desk, where there is none of it */
        public string $hint = '',
        /** its name in the schema, where that is not the class's without “Settings” */
        public string $name = '',
    ) {
    }
}
