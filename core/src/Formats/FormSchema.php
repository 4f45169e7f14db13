<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Form\Form;
use Lupine\Core\Form\Forms;

/** What JSON Schema says of the form of a chart, made from what the forms declare. */
final readonly class FormSchema
{
    /** @return array<string, mixed> */
    public static function of(Forms $forms): array
    {
        return [
            'type' => 'object',
            'description' => 'How figures become shapes. What a form does not know is kept, and not used.',
            'properties' => ['kind' => ['enum' => $forms->names()]],
            'required' => ['kind'],
            'additionalProperties' => ['type' => ['number', 'string']],
            'allOf' => array_map(self::rule(...), $forms->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function rule(Form $form): array
    {
        $properties = [];
        foreach ($form->settings() as $setting) {
            $properties[$setting->name] = $setting->schema();
        }

        return [
            'if' => ['properties' => ['kind' => ['const' => $form->name()]]],
            'then' => ['properties' => $properties],
        ];
    }
}
