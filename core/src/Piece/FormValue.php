<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Setting;

/** The form of a chart: its kind, and the settings that this kind declares. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class FormValue extends Setting
{
    public function kind(): string
    {
        return 'form';
    }

    public function read(Field $field): FormSettings
    {
        return $field->known instanceof FormCatalogue
            ? FormSettings::read($field, $field->known)
            : throw new \LogicException('A piece is read with the forms that it may name.');
    }

    public function schema(): array
    {
        return ['$ref' => '#/definitions/Form'];
    }

    public function default(): mixed
    {
        return null;
    }
}
