<?php

declare(strict_types=1);

namespace Lupine\Core\Kit;

use Lupine\Core\Arrangement\Reshape;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Piece\AccentSettings;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\OwnCoats;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Sides;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Piece\TrackSettings;
use Lupine\Core\Settings\Json;

/** The look of a document as a kit: that of its first chart and of the first text of each role. */
final readonly class KitOf
{
    /** settings of forms that are habits, and not this chart's own size, order or scale */
    private const HABITS = [
        'hole', 'gap', 'gapKeeps', 'corner', 'corners', 'spacing', 'ends', 'track', 'thickness', 'between', 'axis',
        'points', 'stack',
    ];

    /** what is told whole, and may be told to be nothing */
    private const TOLD = ['marks', 'lines', 'areas'];

    /** what of an entrance is a habit */
    private const MANNERS = ['manner', 'frames', 'curve', 'order', 'overlap', 'sequence', 'hold', 'passes'];

    private KitScale $scale;

    private function __construct(private \stdClass $document, private FormCatalogue $forms)
    {
        $this->scale = KitScale::away($document);
    }

    /**
     * @param \stdClass $document as docs/piece.schema.json describes it; it stays as it is
     *
     * @return \stdClass as docs/kit.schema.json describes it
     */
    public static function document(\stdClass $document, string $name, FormCatalogue $forms): \stdClass
    {
        return (new self(Json::copy($document), $forms))->kit($name);
    }

    private function kit(string $name): \stdClass
    {
        $charts = Json::objects($this->document->charts ?? null);
        $first = $charts[0] ?? new \stdClass();
        $finish = Json::object($first, 'finish');
        $backdrop = Json::object($this->document, 'backdrop') ?? new \stdClass();
        $kit = [
            'lupineKit' => Kit::VERSION,
            'name' => $name,
            'ground' => self::isLight(Json::text($backdrop, 'colour')) ? 'light' : 'dark',
            'inks' => Json::object($this->document, 'inks'),
            'colours' => self::only($finish, ['colours', 'swatches']),
            'words' => $this->words($charts),
            'backdrop' => $backdrop,
            'panels' => $this->panels(),
            'marks' => $this->coats(
                $charts,
                static fn (string $kind): bool => !in_array($kind, ['line', 'area'], true),
            ),
            'lines' => $this->coats($charts, static fn (string $kind): bool => $kind === 'line'),
            'areas' => $this->coats($charts, static fn (string $kind): bool => $kind === 'area'),
            'tracks' => $this->scaled(Json::object($finish, 'tracks'), TrackSettings::class),
            'turns' => array_map(
                fn (\stdClass $turn): ?\stdClass => $this->scaled($turn, OwnCoats::class),
                Json::objects($finish->turns ?? null),
            ),
            'accent' => $this->scaled(
                self::only(Json::object($finish, 'accent'), ['colour', 'out', ...Kit::COATS]),
                AccentSettings::class,
            ),
            'forms' => $this->forms($charts),
            'naming' => $this->naming($first),
            'labelling' => $this->labelling($charts),
            'arrangement' => Json::object($this->document, 'arrangement'),
            'motion' => $this->motion($charts),
            'pictures' => Json::objects($this->document->pictures ?? null),
        ];

        return self::withOwnPictures((object) array_filter(
            $kit,
            // Without any coat is a look as well.
            static fn (mixed $said, string $name): bool => !in_array($said, [null, []], true)
                && (in_array($name, self::TOLD, true)
                    || !($said instanceof \stdClass && get_object_vars($said) === [])),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** Pictures are called by their fingerprints, so that another piece has no other picture under that name. */
    private static function withOwnPictures(\stdClass $kit): \stdClass
    {
        foreach (Json::objects($kit->pictures ?? null) as $picture) {
            $before = Json::text($picture, 'id');
            $picture->id = 'picture-'.substr(Json::text($picture, 'file'), 0, 24);
            self::rename($kit, $before, $picture->id);
        }

        return $kit;
    }

    private static function rename(mixed $in, string $from, string $to): void
    {
        foreach ($in instanceof \stdClass || is_array($in) ? (array) $in : [] as $name => $value) {
            if ($in instanceof \stdClass && $name === 'picture' && $value === $from) {
                $in->picture = $to;
            }
            self::rename($value, $from, $to);
        }
    }

    /**
     * @param list<\stdClass> $charts
     * @param \Closure(string): bool $isOf whether the coats are wanted of a form
     */
    private function coats(array $charts, \Closure $isOf): ?\stdClass
    {
        foreach ($charts as $chart) {
            if ($isOf(Json::text(Json::object($chart, 'form'), 'kind'))) {
                return $this->scaled(self::only(Json::object($chart, 'finish'), Kit::COATS), Coats::class);
            }
        }

        return null;
    }

    /** @param list<\stdClass> $charts */
    private function words(array $charts): \stdClass
    {
        $words = [];
        foreach (KitWords::FREE as $role) {
            foreach (Json::objects($this->document->words ?? null) as $text) {
                if ((Json::text($text, 'role') === $role) && ($text->hidden ?? false) !== true) {
                    $words[$role] ??= $text;
                }
            }
        }
        $words['captions'] = Json::object($this->document, 'captions');
        foreach (KitWords::OF_CHART as $role) {
            foreach ($charts as $chart) {
                $words[$role] ??= Json::object(Json::object($chart, 'words'), $role);
            }
        }
        $told = [];
        foreach (array_filter($words) as $role => $its) {
            $said = self::only($its, KitWords::names($role));
            $told[$role] = $this->scale->of($said, FreeText::class, isText: true);
        }

        return (object) $told;
    }

    /** @return list<\stdClass> plain shapes that belong to no single chart and to no text but the title */
    private function panels(): array
    {
        $titles = array_column(array_filter(
            Json::objects($this->document->words ?? null),
            static fn (\stdClass $text): bool => Json::text($text, 'role') === 'title',
        ), 'id');
        $around = ['', Panel::ALL, Panel::STAGE, ...$titles];
        $panels = array_values(array_filter(
            Json::objects($this->document->panels ?? null),
            static fn (\stdClass $panel): bool => in_array(Json::text($panel, 'around'), $around, true)
                && ($panel->hidden ?? false) !== true,
        ));
        $stage = Json::object($this->document, 'stage');
        $apart = (object) ['stage' => new \stdClass(), 'panels' => array_slice($panels, 0, Kit::MAX_PANELS)];
        Reshape::change(
            $apart,
            new Stage(new Sides(Json::whole($stage, 'width'), Json::whole($stage, 'height')), [30, 1], false, 1),
            new Sides(KitScale::WIDTH, KitScale::HEIGHT),
        );
        foreach ($apart->panels as $panel) {
            unset($panel->id, $panel->ofKit, $panel->group);
            if (in_array(Json::text($panel, 'around'), $titles, true)) {
                $panel->around = 'title';
            }
        }

        return $apart->panels;
    }

    /**
     * @param list<\stdClass> $charts
     *
     * @return array<string, \stdClass>
     */
    private function forms(array $charts): array
    {
        $forms = [];
        foreach ($charts as $chart) {
            $form = Json::object($chart, 'form');
            $kind = Json::text($form, 'kind');
            $forms[$kind] ??= $this->scale->ofForm(self::only($form, self::HABITS));
        }

        return $forms;
    }

    /**
     * @param list<\stdClass> $charts
     *
     * @return array<string, \stdClass>
     */
    private function motion(array $charts): array
    {
        $motion = [];
        foreach ($charts as $chart) {
            $entrance = Json::object($chart, 'entrance');
            if ($entrance !== null) {
                $motion[Json::text(Json::object($chart, 'form'), 'kind')] ??= self::only($entrance, self::MANNERS);
            }
        }

        return $motion;
    }

    /** @param list<\stdClass> $charts */
    private function labelling(array $charts): ?string
    {
        foreach ($charts as $chart) {
            $kind = Json::text(Json::object($chart, 'form'), 'kind');
            $stand = Json::text(Json::object(Json::object($chart, 'words'), 'labels'), 'show');
            if (
                in_array($kind, $this->forms->names(), true) && $this->forms->labels($kind) === 'on'
                && in_array($stand, ['on', 'beside'], true)
            ) {
                return $stand;
            }
        }

        return null;
    }

    private function naming(\stdClass $chart): ?string
    {
        $words = Json::object($chart, 'words');
        $labels = Json::object($words, 'labels');

        return match (true) {
            Json::object($words, 'legend') !== null => 'legend',
            Json::text($labels, 'show') !== 'none' && Json::text($labels, 'text') === 'both' => 'parts',
            default => null,
        };
    }

    /** @param class-string $class */
    private function scaled(?\stdClass $said, string $class): ?\stdClass
    {
        return $said === null ? null : $this->scale->of($said, $class);
    }

    /** @param list<string> $names */
    private static function only(?\stdClass $said, array $names): \stdClass
    {
        return (object) array_filter(
            array_intersect_key(get_object_vars($said ?? new \stdClass()), array_flip($names)),
            static fn (mixed $value): bool => $value !== null,
        );
    }

    private static function isLight(string $colour): bool
    {
        if (preg_match('/^#[0-9a-fA-F]{6}$/D', $colour) !== 1) {
            return false;
        }
        $its = Colour::hex($colour);

        return $its->contrastWith(Colour::hex('#000000')) > $its->contrastWith(Colour::hex('#ffffff'));
    }
}
