<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Changed;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Unit;

/** A plain shape on the stage, of no figure: a card behind a chart, a rule under a title, an arrow to something. */
#[Described('A plain shape on the stage.', label: 'Panel')]
final readonly class Panel
{
    public const KINDS = [
        'rectangle' => 'Rectangle',
        'pill' => 'Pill',
        'circle' => 'Circle',
        'ring' => 'Ring',
        'rule' => 'Rule',
        'frame' => 'Frame',
        'bracket' => 'Bracket',
        'arrow' => 'Arrow',
    ];

    public const LAYERS = [
        'back' => 'Behind charts',
        'between' => 'Between charts and words',
        'front' => 'In front',
    ];

    /** what `around` names that is everything */
    public const ALL = 'all';
    public const STAGE = 'stage';

    /** those that keep the ratio of their sides where the stage has another shape */
    public const SQUARE = ['circle', 'ring', 'arrow', 'bracket'];

    private const LINED = ['ring', 'frame', 'bracket', 'arrow'];

    public function __construct(
        #[Id]
        public string $id,
        #[Choice('Shape', self::KINDS)]
        public string $kind,
        #[Number('X', Unit::Pixels, -8000, 8000, step: 2)]
        #[Detail('its middle, from the left', isKeyed: true)]
        public float $x,
        #[Number('Y', Unit::Pixels, -8000, 8000, step: 2)]
        #[Detail('its middle, from the top', isKeyed: true)]
        public float $y,
        #[Number('Width', Unit::Pixels, 1, 8000, step: 2)]
        #[Detail('of a circle and a ring the diameter where it is less than the height', isKeyed: true)]
        public float $width,
        #[Number('Height', Unit::Pixels, 1, 8000, step: 2)]
        #[Detail('of a rule how thick it is, of an arrow its head', isKeyed: true)]
        public float $height,
        #[Number('Rotation', Unit::Degrees, -3600, 3600, 0)]
        #[Detail('clockwise about its middle', isOptional: true, isKeyed: true)]
        public float $turn = 0.0,
        #[Number('Corner radius', Unit::Pixels, 0, 1000, 24)]
        #[Detail(
            'smaller where there is less room',
            isOptional: true,
            when: ['kind' => ['rectangle', 'rule', 'frame', 'bracket']],
            isKeyed: true,
        )]
        public float $radius = 24.0,
        #[Number('Thickness', Unit::Pixels, 1, 2000, 12)]
        #[Detail('of its line', isOptional: true, when: ['kind' => self::LINED], isKeyed: true)]
        public float $thickness = 12.0,
        #[ColourValue('Colour', '#2b4a44')]
        #[Detail('that its coats begin with', isKeyed: true)]
        public string $colour = '#2b4a44',
        #[Choice('Stands', self::LAYERS)]
        #[Detail('what it is behind and in front of', isOptional: true, name: 'stands')]
        public string $layer = 'back',
        #[Id]
        #[Detail(
            'what it lies around and follows: the id of a chart or a text, legend- and a chart’s id, all or stage; absent or'
                .' null: it stands where it is put',
            isOptional: true,
        )]
        public ?string $around = null,
        #[Number('Padding', Unit::Pixels, -400, 1000, 40, step: 2)]
        #[Detail('clear of what it lies around', isOptional: true, when: ['around' => true])]
        public float $padding = 40.0,
        #[Text('Name', 80, '')]
        #[Detail('what it is called in lists; absent: by its shape', isOptional: true)]
        public string $name = '',
        #[Toggle('Hidden')]
        #[Detail('left out of the picture', isOptional: true)]
        public bool $isHidden = false,
        #[Text('', 200)]
        #[Detail('the name of the group that it is taken together with', isOptional: true)]
        public ?string $group = null,
        #[Part(DriftSettings::class)]
        #[Detail('absent or null: it stands still', isOptional: true)]
        public ?DriftSettings $drift = null,
        #[Toggle('')]
        #[Detail('it came with a kit, and goes with it', isOptional: true, name: 'ofKit')]
        public bool $isOfKit = false,
        #[Among(Coats::class)]
        public Coats $coats = new Coats(),
    ) {
    }

    /** The same panel elsewhere. */
    public function arranged(float $x, float $y, float $width, float $height): self
    {
        return Changed::of($this, ['x' => $x, 'y' => $y, 'width' => max(1.0, $width), 'height' => max(1.0, $height)]);
    }

    /** What a property that its pose follows is before any move. */
    public function first(string $property): float
    {
        return match ($property) {
            'x' => $this->x,
            'y' => $this->y,
            'turn' => $this->turn,
            default => 1.0,
        };
    }
}
