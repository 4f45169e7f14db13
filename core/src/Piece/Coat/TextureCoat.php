<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** A surface that is felt rather than seen. */
#[Described(
    'A surface, such as paper or felt.',
    label: 'Texture',
    hint: 'Gives the parts a surface, such as paper or felt.',
    name: 'Texture',
)]
final readonly class TextureCoat implements Coat
{
    use Layer;

    public const KINDS = [
        'grain' => 'Grain',
        'paper' => 'Paper',
        'felt' => 'Felt',
        'linen' => 'Linen',
        'slate' => 'Slate',
        'brushed' => 'Brushed',
        'chalk' => 'Chalk',
        'print' => 'Print',
    ];

    /** the twentieth and the nineteen twentieths of the bytes of each tile, as its own check finds them */
    private const SPREADS = [
        'grain' => [77, 179], 'paper' => [96, 160], 'felt' => [73, 196], 'linen' => [84, 178], 'slate' => [77, 179],
        'brushed' => [90, 166],
    ];

    /** those that leave holes; the others make it lighter and darker */
    private const HOLES = ['chalk', 'print'];

    public function __construct(
        #[Choice('Kind', self::KINDS)]
        #[Detail('chalk and print leave holes, the others are light and dark')]
        public string $kind = 'grain',
        #[Number('Amount', Unit::Fraction, 0, 1, 0.5)]
        #[Detail(isKeyed: true)]
        public float $amount = 0.5,
        #[Number('Size', Unit::Fraction, 0.25, 4, 1, step: 5)]
        #[Detail(isOptional: true, isKeyed: true)]
        public float $size = 1.0,
        #[Number('Turn', Unit::Degrees, -360, 360, 0)]
        #[Detail('clockwise', isOptional: true, isKeyed: true)]
        public float $degrees = 0.0,
        #[Choice('Direction', ['still' => 'Fixed', 'along' => 'Along the part'])]
        #[Detail(
            'still: it lies on the stage, and the part uncovers it; along: turned with the part, and goes where it goes',
            isOptional: true,
        )]
        public string $lie = 'still',
        #[Choice('Blend', [
            'soft-light' => 'Soft light',
            'overlay' => 'Overlay',
            'multiply' => 'Multiply',
            'screen' => 'Screen',
            'relief' => 'Relief',
        ])]
        #[Detail(
            'relief: black and white by opacity, which is fastest',
            isOptional: true,
            when: ['kind' => ['grain', 'paper', 'felt', 'linen', 'slate', 'brushed']],
        )]
        public string $blend = 'soft-light',
        #[Toggle('')]
        #[Detail('whether it is left out; its settings are kept', isOptional: true)]
        public bool $isOff = false,
    ) {
    }

    /**
     * How dark and how light it is where it is most so, a twentieth aside.
     *
     * @return array{int, int} of the bytes of its tile
     */
    public function spread(): array
    {
        return self::SPREADS[$this->kind] ?? [128, 128];
    }

    public function leavesHoles(): bool
    {
        return in_array($this->kind, self::HOLES, true);
    }
}
