<?php

declare(strict_types=1);

namespace Lupine\Core\Kit;

use Lupine\Core\Piece\AxisSettings;
use Lupine\Core\Piece\CaptionSettings;
use Lupine\Core\Piece\CentreSettings;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\LabelSettings;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Piece\NamesSettings;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Partly;

/** How words are set in a kit, by what they are for. Sizes are those on a stage whose shorter side is 1080 pixels. */
#[Described(
    'How words are set, by what they are for: sizes as on a stage whose shorter side is 1080 pixels. Words that are'
        .' named are told whole: of font and size what is not said stays, of all else it is as usual.',
)]
final readonly class KitWords
{
    /** the roles of texts that stand by themselves */
    public const FREE = ['title', 'subtitle', 'source', 'note'];

    /** the words that belong to a chart */
    public const OF_CHART = ['labels', 'names', 'legend', 'centre', 'axis'];

    /** what of a text is its own, and no kit's */
    private const OWN = [
        'id', 'text', 'x', 'y', 'width', 'role', 'placedBy', 'hidden', 'group', 'pointsAt', 'momentOf', 'drift', 'arc',
        'guessed',
    ];

    public function __construct(
        #[Partly(FreeText::class, except: self::OWN)]
        #[Detail(isOptional: true)]
        public ?\stdClass $title = null,
        #[Partly(FreeText::class, except: self::OWN)]
        #[Detail(isOptional: true)]
        public ?\stdClass $subtitle = null,
        #[Partly(FreeText::class, except: self::OWN)]
        #[Detail(isOptional: true)]
        public ?\stdClass $source = null,
        #[Partly(FreeText::class, except: [...self::OWN, 'size', 'align'])]
        #[Detail('of any size', isOptional: true)]
        public ?\stdClass $note = null,
        #[Partly(CaptionSettings::class, except: ['y', 'width', 'placedBy', 'fade'])]
        #[Detail(isOptional: true)]
        public ?\stdClass $captions = null,
        #[Partly(LabelSettings::class, except: ['text', 'show'])]
        #[Detail(isOptional: true)]
        public ?\stdClass $labels = null,
        #[Partly(NamesSettings::class)]
        #[Detail(isOptional: true)]
        public ?\stdClass $names = null,
        #[Partly(LegendSettings::class, except: ['x', 'y', 'width', 'placedBy', 'stands'])]
        #[Detail(isOptional: true)]
        public ?\stdClass $legend = null,
        #[Partly(CentreSettings::class, except: ['figure', 'caption', 'prefix', 'suffix'])]
        #[Detail(isOptional: true)]
        public ?\stdClass $centre = null,
        #[Partly(AxisSettings::class, except: ['scale', 'figures'])]
        #[Detail(isOptional: true)]
        public ?\stdClass $axis = null,
    ) {
    }

    /** What is said of words for one thing; null: nothing. */
    public function of(string $role): ?\stdClass
    {
        $said = get_object_vars($this)[$role] ?? null;

        return $said instanceof \stdClass ? $said : null;
    }

    /** @return list<string> the settings that a kit can say of words for one thing */
    public static function names(string $role): array
    {
        $setting = Group::of(self::class)->named($role)->setting;

        return $setting instanceof Partly ? $setting->names() : [];
    }
}
