<?php

declare(strict_types=1);

namespace Lupine\Core\Kit;

use Lupine\Core\Edits\Saying;
use Lupine\Core\Piece\AccentSettings;
use Lupine\Core\Piece\ArrangementSettings;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\OwnCoats;
use Lupine\Core\Piece\FinishSettings;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\InkSettings;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Piece\TrackSettings;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Partly;
use Lupine\Core\Settings\Setting;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Text;

/** A look, kept for use again. */
#[Described(
    'A kit of Lupine: a look kept for use again. What it does not say of a piece stays as it is. Lengths are pixels of'
        .' a stage of 1920 by 1080.',
)]
final readonly class Kit
{
    public const VERSION = 1;
    public const MAX_PANELS = 12;

    /** what can be taken of a kit, each by itself */
    public const PARTS = [
        'colours' => 'Colours',
        'type' => 'Type',
        'backdrop' => 'Backdrop',
        'finish' => 'Finish',
        'layout' => 'Layout',
        'motion' => 'Motion',
    ];

    /** @var array<string, array<string, array{Setting, mixed}>> by form and name */
    public array $forms;

    /** @var array<string, \stdClass> */
    public array $motion;

    /**
     * @param array<string, array<string, array{Setting, mixed}>>|null $forms
     * @param array<string, \stdClass>|null $motion
     */
    public function __construct(
        #[Text('Name', 60)]
        public string $name,
        #[Text('About', 200, '')]
        #[Detail('in a few words what it is like', isOptional: true)]
        public string $about,
        #[Choice('Ground', ['dark' => 'Dark', 'light' => 'Light'])]
        #[Detail('whether its words stand on a dark ground or on a light one')]
        public string $ground,
        #[Partly(InkSettings::class)]
        #[Detail('the two colours that words take by themselves', isOptional: true)]
        public ?\stdClass $inks,
        #[Partly(FinishSettings::class, except: ['tracks', 'turns', 'accent', ...self::COATS])]
        #[Detail('the swatches of charts', isOptional: true)]
        public ?\stdClass $colours,
        #[Part(KitWords::class)]
        #[Detail(isOptional: true)]
        public ?KitWords $words,
        #[Partly(Backdrop::class)]
        #[Detail('told whole', isOptional: true)]
        public ?\stdClass $backdrop,
        /** @var list<\stdClass> */
        #[Several(new Partly(Panel::class, except: ['id', 'ofKit']), max: self::MAX_PANELS)]
        #[Detail('plain shapes that it brings along, from the back to the front', isOptional: true)]
        public array $panels,
        #[Partly(Coats::class)]
        #[Detail('the coats of marks, told whole', isOptional: true)]
        public ?\stdClass $marks,
        #[Partly(TrackSettings::class)]
        #[Detail('told whole', isOptional: true)]
        public ?\stdClass $tracks,
        /** @var list<\stdClass> */
        #[Several(new Partly(OwnCoats::class), max: 12)]
        #[Detail('coats that parts have in turn', isOptional: true)]
        public array $turns,
        #[Partly(Coats::class)]
        #[Detail('the coats of lines, told whole; absent: those of marks', isOptional: true)]
        public ?\stdClass $lines,
        #[Partly(Coats::class)]
        #[Detail('the coats of areas, told whole; absent: those of marks', isOptional: true)]
        public ?\stdClass $areas,
        #[Partly(AccentSettings::class, except: ['of', 'part'])]
        #[Detail('what the part has that is to be seen first, told whole', isOptional: true)]
        public ?\stdClass $accent,
        #[FormHabits]
        #[Detail(isOptional: true)]
        ?array $forms,
        #[Choice('Names of parts', Saying::NAMES)]
        #[Detail('where the parts of a whole are named; absent: where they are', isOptional: true)]
        public ?string $naming,
        #[Choice('Labels on parts', ['on' => 'On parts', 'beside' => 'Beside parts'])]
        #[Detail('where labels go that stand on parts: beside them where coats would hide them', isOptional: true)]
        public ?string $labelling,
        #[Partly(ArrangementSettings::class)]
        #[Detail(isOptional: true)]
        public ?\stdClass $arrangement,
        #[MotionHabits]
        #[Detail(isOptional: true)]
        ?array $motion,
        /** @var list<\stdClass> */
        #[Several(new Partly(Picture::class), max: 20)]
        #[Detail('that its coats and its backdrop show', isOptional: true)]
        public array $pictures = [],
    ) {
        $this->forms = $forms ?? [];
        $this->motion = $motion ?? [];
    }

    public const COATS = ['fills', 'patterns', 'textures', 'inners', 'lines', 'edges', 'glows', 'shadows'];

    /**
     * @param mixed $document decoded JSON as described in docs/kit.schema.json
     *
     * @throws BadPiece
     */
    public static function fromDocument(mixed $document, FormCatalogue $forms): self
    {
        $root = Field::root($document, $forms);
        $version = $root->get('lupineKit');
        if ($version->isNull()) {
            throw new BadPiece('This is not a kit of Lupine: the “lupineKit” version field is missing.', 'lupineKit');
        }
        if ($version->whole(1, 1000) > self::VERSION) {
            throw new BadPiece('This kit was made with a newer Lupine. Update this one to use it.', 'lupineKit');
        }

        return Group::of(self::class)->read($root);
    }
}
