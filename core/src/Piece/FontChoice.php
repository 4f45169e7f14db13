<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Setting;

/** A font of the shipped packs. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class FontChoice extends Setting
{
    public const FONTS = [
        'figtree-regular' => 'Figtree',
        'figtree-semibold' => 'Figtree semibold',
        'figtree-bold' => 'Figtree bold',
        'bricolage-semibold' => 'Bricolage semibold',
        'bricolage-bold' => 'Bricolage bold',
    ];

    private const USUAL = 'figtree-semibold';

    public function __construct()
    {
        parent::__construct('Font');
    }

    public function kind(): string
    {
        return 'choice';
    }

    public function read(Field $field): string
    {
        return $field->oneOf(array_keys(self::FONTS), self::USUAL);
    }

    public function schema(): array
    {
        return ['$ref' => '#/definitions/Font'];
    }

    public function definitions(): array
    {
        return ['Font' => ['enum' => array_keys(self::FONTS), 'description' => 'a shipped font pack']];
    }

    public function default(): string
    {
        return self::USUAL;
    }

    public function shown(): array
    {
        return ['choices' => array_map(null, array_keys(self::FONTS), array_values(self::FONTS))];
    }
}
