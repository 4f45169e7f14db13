<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Setting;

/** A font that ships, or one of one's own. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class FontChoice extends Setting
{
    public function __construct()
    {
        parent::__construct('Font');
    }

    public function kind(): string
    {
        return 'font';
    }

    public function read(Field $field): string
    {
        $given = $field->value();

        return is_string($given) && Fonts::isOwn($given)
            ? $given
            : $field->oneOf(array_keys(Fonts::names()), Fonts::USUAL);
    }

    public function schema(): array
    {
        return ['$ref' => '#/definitions/Font'];
    }

    public function definitions(): array
    {
        return ['Font' => [
            'description' => "a font that ships, or one of one's own: what it is called and its fingerprint",
            'anyOf' => [
                ['enum' => array_keys(Fonts::names())],
                ['type' => 'string', 'pattern' => Fonts::OWN, 'maxLength' => 100],
            ],
        ]];
    }

    public function default(): string
    {
        return Fonts::USUAL;
    }

    public function shown(): array
    {
        return ['choices' => array_map(null, array_keys(Fonts::names()), array_values(Fonts::names()))];
    }
}
