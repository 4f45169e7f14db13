<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\Choice;

/**
 * How a colour is laid over what is below it. Source of each: Compositing and Blending Level 1, section 10; “add” is
 * its plus-lighter, section 9.1.14.
 */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Blend extends Choice
{
    public const NORMAL = 'normal';
    public const MODES = [
        self::NORMAL => 'Normal',
        'multiply' => 'Multiply',
        'screen' => 'Screen',
        'overlay' => 'Overlay',
        'soft-light' => 'Soft light',
        'add' => 'Add',
    ];

    public function __construct(string $default = self::NORMAL)
    {
        parent::__construct('Blend', self::MODES, $default);
    }
}
