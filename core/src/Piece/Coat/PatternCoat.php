<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** A repeated shape over the fill. */
#[Described(
    'A repeated shape over the fill.',
    label: 'Pattern',
    hint: 'Repeats a shape over the fill.',
    name: 'Pattern',
)]
final readonly class PatternCoat implements Checked, Coat
{
    use Layer;

    /** characters of path data that a tile has at most */
    public const LONGEST_TILE = 20_000;

    private const NUMBER = '-?\d{1,5}(?:\.\d{1,4})?';
    private const POINT = self::NUMBER.' '.self::NUMBER;
    private const OUTLINE = '/^(?:[ML]'.self::POINT.'|C'.self::POINT.' '.self::POINT.' '.self::POINT.'|Z)*+$/D';

    /** whose ink can be as wide as one likes */
    private const WEIGHTED = ['dots', 'stripes', 'crossed', 'grid', 'waves', 'rings', 'bricks', 'crosses', 'hand'];

    public function __construct(
        #[Choice('Kind', [
            'dots' => 'Dots',
            'stripes' => 'Stripes',
            'crossed' => 'Crossed',
            'grid' => 'Grid',
            'waves' => 'Waves',
            'rings' => 'Rings',
            'bricks' => 'Bricks',
            'crosses' => 'Crosses',
            'halftone' => 'Halftone',
            'hand' => 'By hand',
            'own' => 'Own tile',
        ])]
        #[Detail(
            'halftone: dots that grow from one end to the other; hand: strokes, none like the next; own: the shape of'
                .' `tile`',
        )]
        public string $kind = 'stripes',
        #[Text('Tile', self::LONGEST_TILE, '')]
        #[Detail(
            'path data of M, L, C and Z in a square of 100 × 100, filled by the nonzero rule',
            isOptional: true,
            when: ['kind' => ['own']],
        )]
        public string $tile = '',
        #[Number('Size', Unit::Pixels, 4, 400, 30)]
        #[Detail('from one to the next', isKeyed: true)]
        public float $size = 30.0,
        #[Number('Angle', Unit::Degrees, -360, 360, 30)]
        #[Detail('clockwise', isKeyed: true)]
        public float $degrees = 30.0,
        #[Number('Weight', Unit::Fraction, 0.02, 0.98, 0.5)]
        #[Detail(
            'how much of the size is ink, where 0.5 is the kind’s usual',
            isOptional: true,
            when: ['kind' => self::WEIGHTED],
            isKeyed: true,
        )]
        public float $weight = 0.5,
        #[Choice('Ink', ['shows' => 'Black or white', 'part' => 'Part’s colour', 'own' => 'Own'])]
        #[Detail('shows: black or white, whichever is seen on the part', isOptional: true)]
        public string $inked = 'shows',
        #[ColourValue('Ink colour', '#000000')]
        #[Detail(isOptional: true, when: ['inked' => ['own']], isKeyed: true)]
        public string $ink = '#000000',
        #[ColourValue('Second ink')]
        #[Detail('under the pattern; null: the fill', isOptional: true, isKeyed: true, none: 'Fill below')]
        public ?string $ground = null,
        #[Number('Opacity', Unit::Fraction, 0, 1, 0.14)]
        #[Detail(isKeyed: true)]
        public float $opacity = 0.14,
        #[Number('Drift', Unit::PixelsASecond, -2000, 2000, 0, step: 5)]
        #[Detail(
            'across its own lines; below 0 the other way',
            hint: 'Moves across its own lines.',
            isOptional: true,
            when: ['kind' => ['dots', 'stripes', 'crossed', 'grid', 'waves', 'rings', 'bricks', 'crosses', 'own']],
        )]
        public float $drift = 0.0,
        #[Blend]
        #[Detail(isOptional: true)]
        public string $blend = Blend::NORMAL,
        #[Toggle('')]
        #[Detail('whether it is left out; its settings are kept', isOptional: true)]
        public bool $isOff = false,
    ) {
    }

    public function check(Field $field): void
    {
        if (!self::isTile($this->tile)) {
            throw $field->get('tile')->wrong('is not path data of M, L, C and Z, such as M0 0L100 0L50 80Z');
        }
    }

    public static function isTile(string $outline): bool
    {
        return $outline === '' || ($outline[0] === 'M' && preg_match(self::OUTLINE, $outline) === 1);
    }

    public function isLooping(): bool
    {
        return $this->isDrifting() && !$this->isOff;
    }

    public function isDrifting(): bool
    {
        return $this->drift !== 0.0 && !in_array($this->kind, ['halftone', 'hand'], true);
    }
}
