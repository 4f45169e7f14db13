<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Setting;

/**
 * In which direction a part opens, or closes: in that in which the form lays figures out, against it, from its middle;
 * of a whole, from its neighbour's edge, which it follows as that one opens; of a line or an area, up from the
 * baseline.
 */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Opening extends Setting
{
    public const WAYS = [
        'forward' => 'Forwards',
        'backward' => 'Backwards',
        'middle' => 'Middle',
        'neighbour' => 'Neighbour’s edge',
        'baseline' => 'Baseline',
    ];

    public function __construct()
    {
        parent::__construct('Direction');
    }

    public function kind(): string
    {
        return 'choice';
    }

    public function read(Field $field): string
    {
        return $field->oneOf(array_keys(self::WAYS), $this->default());
    }

    public function schema(): array
    {
        return ['$ref' => '#/definitions/Opens'];
    }

    public function definitions(): array
    {
        return ['Opens' => [
            'enum' => array_keys(self::WAYS),
            'description' => 'in which direction a part opens, or closes: as the form lays figures out, against it, or'
                .' from its middle; neighbour: of a whole, from the edge of the part before it, as that one opens;'
                .' baseline: of a line or an area, up from there; where a form cannot, it opens forward',
        ]];
    }

    public function default(): string
    {
        return 'forward';
    }

    public function shown(): array
    {
        return ['choices' => array_map(null, array_keys(self::WAYS), array_values(self::WAYS))];
    }
}
