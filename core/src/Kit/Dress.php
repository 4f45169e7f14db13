<?php

declare(strict_types=1);

namespace Lupine\Core\Kit;

use Lupine\Core\Arrangement\Reshape;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\Saying;
use Lupine\Core\Figures\Calendar;
use Lupine\Core\Piece\AccentSettings;
use Lupine\Core\Piece\BoundText;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\OwnCoats;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Sides;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Piece\TrackSettings;
use Lupine\Core\Settings\Json;

/** Puts a kit on a document, scaled to its stage. What single parts have of their own stays, unless it is let go. */
final readonly class Dress
{
    /** parts up to which names stand at them */
    private const NAMED = 8;

    /** frames in which all parts of a chart have begun to come, however many there are */
    private const BEGUN = 96;

    private const COLOURS = ['colour', 'ofPart'];
    private const TYPE = ['upperCase', 'letterSpacing', 'leading', 'balanced', 'oldFigures'];
    private const FINISH = ['plate', ...Kit::COATS];

    /** of which nothing is as usual: they stay where a kit does not say them */
    private const KEPT = ['font', 'size'];

    private KitScale $scale;

    /** @param list<string> $parts names of Kit::PARTS */
    private function __construct(
        private \stdClass $document,
        private Kit $kit,
        private array $parts,
        private bool $isLettingGo,
        private FormCatalogue $forms,
    ) {
        $this->scale = KitScale::to($document);
    }

    /**
     * @param \stdClass $document as docs/piece.schema.json describes it; it is changed
     * @param list<string> $parts what is taken: names of Kit::PARTS
     * @param bool $isLettingGo whether single parts lose the colours and coats that they have of their own
     */
    public static function in(
        \stdClass $document,
        Kit $kit,
        array $parts,
        bool $isLettingGo,
        FormCatalogue $forms,
    ): void {
        (new self($document, $kit, $parts, $isLettingGo, $forms))->dress();
    }

    private function dress(): void
    {
        foreach (Json::objects($this->document->charts ?? null) as $chart) {
            $this->chart($chart);
        }
        foreach (Json::objects($this->document->words ?? null) as $words) {
            $role = Json::text($words, 'role');
            $this->words($words, $role === '' ? 'note' : $role);
        }
        $captions = Json::object($this->document, 'captions');
        if ($captions !== null) {
            $this->words($captions, 'captions');
        }
        if ($this->takes('colours') && $this->kit->inks !== null) {
            $this->document->inks = Json::copy($this->kit->inks);
        }
        if ($this->takes('backdrop')) {
            $this->document->backdrop = $this->kit->backdrop ?? $this->document->backdrop ?? null;
            $this->panels();
        }
        if ($this->takes('layout') && $this->kit->arrangement !== null) {
            $this->document->arrangement = (object) [
                ...(array) (Json::object($this->document, 'arrangement') ?? new \stdClass()),
                ...(array) $this->kit->arrangement,
                // What takes the whole width has its words above it.
                ...$this->hasWide() ? ['charts' => 'below'] : [],
            ];
        }
        $this->pictures();
    }

    private function hasWide(): bool
    {
        foreach (Json::objects($this->document->charts ?? null) as $chart) {
            $kind = Json::text(Json::object($chart, 'form'), 'kind');
            if (in_array($kind, $this->forms->names(), true) && $this->forms->isWide($kind)) {
                return true;
            }
        }

        return false;
    }

    private function takes(string $part): bool
    {
        return in_array($part, $this->parts, true);
    }

    private function chart(\stdClass $chart): void
    {
        $finish = Json::object($chart, 'finish') ?? new \stdClass();
        $chart->finish = $finish;
        if ($this->takes('colours') && $this->kit->colours !== null) {
            self::say($finish, $this->kit->colours);
        }
        $kind = Json::text(Json::object($chart, 'form'), 'kind');
        if ($this->takes('colours') && $this->areTimes($chart, $kind)) {
            // Columns that follow each other in time are one thing.
            $finish->colours = 'one';
        }
        $coats = match ($kind) {
            'line' => $this->kit->lines,
            'area' => $this->kit->areas,
            default => null,
        } ?? $this->kit->marks;
        if ($this->takes('finish') && $coats !== null) {
            self::leave($finish, [...Kit::COATS, 'tracks', 'turns']);
            self::say($finish, $this->scale->of($coats, Coats::class));
            if ($this->kit->turns !== [] && !$this->areTimes($chart, $kind)) {
                $finish->turns = array_map(
                    fn (\stdClass $turn): \stdClass => $this->scale->of($turn, OwnCoats::class),
                    $this->kit->turns,
                );
            }
            if ($this->kit->tracks !== null) {
                $finish->tracks = $this->scale->of($this->kit->tracks, TrackSettings::class);
            }
        }
        $this->accent($finish);
        $this->ownParts($chart);
        $form = Json::object($chart, 'form');
        if ($form !== null && $this->takes('layout')) {
            $this->form($form);
            $this->naming($chart, $kind);
        }
        $words = Json::object($chart, 'words');
        foreach (KitWords::OF_CHART as $role) {
            if ($role === 'axis' && $words !== null && isset(Json::object($chart, 'form')->axis)) {
                // Titles that say nothing; the numbers at the axis are set as they are.
                $words->axis ??= (object) ['scale' => '', 'figures' => '', 'font' => 'figtree-semibold', 'size' => 28];
            }
            $its = Json::object($words, $role);
            if ($its !== null) {
                $this->words($its, $role);
            }
        }
        if ($this->takes('layout')) {
            Saying::once($chart);
        }
        $entrance = Json::object($chart, 'entrance');
        if ($entrance !== null && $this->takes('motion')) {
            $this->motion($entrance, Json::text($form, 'kind'), $chart);
        }
    }

    /** Which part is the accent is the piece's; what it has is the kit's. */
    private function accent(\stdClass $finish): void
    {
        if (!$this->takes('finish') && !$this->takes('colours')) {
            return;
        }
        $said = $this->scale->of($this->kit->accent ?? new \stdClass(), AccentSettings::class);
        $accent = Json::object($finish, 'accent') ?? new \stdClass();
        if ($this->takes('colours')) {
            self::leave($accent, ['colour']);
            self::say($accent, self::only($said, ['colour']));
        }
        if ($this->takes('finish')) {
            self::leave($accent, ['out', ...Kit::COATS]);
            self::say($accent, self::only($said, ['out', ...Kit::COATS]));
        }
        if (get_object_vars($accent) === []) {
            unset($finish->accent);
        } else {
            $finish->accent = $accent;
        }
    }

    private function ownParts(\stdClass $chart): void
    {
        $own = Json::object($chart, 'own');
        if ($own === null || !$this->isLettingGo) {
            return;
        }
        foreach (get_object_vars($own) as $id => $its) {
            if ($its instanceof \stdClass) {
                self::leave($its, [
                    ...$this->takes('colours') ? ['colour'] : [],
                    ...$this->takes('finish') ? ['out', 'faces', ...Kit::COATS] : [],
                ]);
                if (get_object_vars($its) === []) {
                    unset($own->{$id});
                }
            }
        }
    }

    private function words(\stdClass $words, string $role): void
    {
        $kit = $this->kit->words?->of($role);
        if ($kit === null) {
            return;
        }
        $said = $this->scale->of($kit, FreeText::class, isText: true);
        if ($this->takes('colours')) {
            $words->colour = null;
            self::leave($words, ['ofPart']);
            self::say($words, self::only($said, self::COLOURS));
        }
        if ($this->takes('type')) {
            self::leave($words, self::TYPE);
            // A moment that stands by itself is as large as it is.
            $isMoment = Json::text($words, 'text') === BoundText::COLUMN;
            self::say($words, self::only($said, [...$isMoment ? ['font'] : self::KEPT, ...self::TYPE]));
        }
        if ($this->takes('finish')) {
            self::leave($words, self::FINISH);
            self::say($words, self::only($said, self::FINISH));
        }
        if ($this->takes('layout')) {
            $named = [...self::COLOURS, ...self::KEPT, ...self::TYPE, ...self::FINISH];
            self::say($words, self::only($said, array_diff(array_keys(get_object_vars($said)), $named)));
        }
    }

    private function form(\stdClass $form): void
    {
        foreach ($this->kit->forms[Json::text($form, 'kind')] ?? [] as $name => [$setting, $value]) {
            $form->{$name} = $this->scale->value($setting, $value);
        }
    }

    /** Names where the kit has them, as long as there is room for them. */
    private function naming(\stdClass $chart, string $kind): void
    {
        $naming = $this->kit->naming;
        if (
            $naming !== null && Saying::isNaming($chart)
            && in_array($kind, $this->forms->names(), true) && $this->forms->isCut($kind)
        ) {
            $isMany = count($this->rows(Json::text($chart, 'table'))) > self::NAMED;
            Saying::names($chart, $isMany ? 'legend' : $naming);
        }
        $labels = Json::object(Json::object($chart, 'words'), 'labels');
        $stand = Json::text($labels, 'show');
        if (
            $labels !== null && $this->kit->labelling !== null && ($stand === 'on' || $stand === 'beside')
            && in_array($kind, $this->forms->names(), true) && $this->forms->labels($kind) === 'on'
        ) {
            $labels->show = $this->kit->labelling;
        }
    }

    private function motion(\stdClass $entrance, string $form, \stdClass $chart): void
    {
        $isJoined = in_array($form, $this->forms->names(), true) && $this->forms->isJoined($form);
        $said = (object) [
            ...$isJoined ? [] : get_object_vars($this->kit->motion[FormHabits::ALL] ?? new \stdClass()),
            ...get_object_vars($this->kit->motion[$form] ?? new \stdClass()),
        ];
        if (($chart->run ?? null) !== null) {
            // While a chart runs through its columns, how long rows take to come is the run's.
            self::leave($said, ['frames', 'order', 'overlap', 'hold', 'sequence']);
        }
        self::leave($entrance, get_object_vars($said) === [] ? [] : ['manner', 'sequence', 'hold', 'passes']);
        self::say($entrance, $said);
        $count = count($this->rows(Json::text($chart, 'table')));
        if (!$isJoined && isset($said->frames, $said->overlap) && $count > 1) {
            // However many parts there are, they all have begun in good time.
            $step = min(
                Json::whole($said, 'frames') - Json::whole($said, 'overlap'),
                max(1, intdiv(self::BEGUN, $count)),
            );
            $entrance->overlap = Json::whole($said, 'frames') - $step;
        }
    }

    /** Whether a chart on a scale shows one column of figures that follow each other in time. */
    private function areTimes(\stdClass $chart, string $kind): bool
    {
        $labels = array_map(
            static fn (\stdClass $row): string => Json::text($row, 'label'),
            $this->rows(Json::text($chart, 'table')),
        );

        return in_array($kind, ['bars', 'columns'], true) && ($chart->series ?? []) === []
            && count($labels) > 2 && Calendar::areTimes($labels);
    }

    /** @return list<\stdClass> */
    private function rows(string $table): array
    {
        return Json::objects(Edited::named(Json::objects($this->document->tables ?? null), $table)->rows ?? null);
    }

    /** What an earlier kit has brought goes, and what this one brings comes behind all else. */
    private function panels(): void
    {
        $left = array_values(array_filter(
            Json::objects($this->document->panels ?? null),
            static fn (\stdClass $panel): bool => ($panel->ofKit ?? false) !== true,
        ));
        $brought = [];
        $title = $this->title();
        foreach ($this->kit->panels as $place => $panel) {
            $its = Json::copy($panel);
            $isOfTitle = Json::text($its, 'around') === 'title';
            if ($isOfTitle) {
                $its->around = $title;
            }
            // What lies around a title needs one.
            if (!$isOfTitle || $title !== null) {
                $brought[] = (object) ['id' => 'kit-panel-'.($place + 1), ...(array) $its, 'ofKit' => true];
            }
        }
        $stage = new Stage(new Sides(KitScale::WIDTH, KitScale::HEIGHT), [30, 1], false, 1);
        $sides = new Sides(
            Json::whole(Json::object($this->document, 'stage'), 'width', KitScale::WIDTH),
            Json::whole(Json::object($this->document, 'stage'), 'height', KitScale::HEIGHT),
        );
        $apart = (object) ['stage' => new \stdClass(), 'panels' => $brought];
        Reshape::change($apart, $stage, $sides);
        $this->document->panels = [...$apart->panels, ...$left];
        $this->document->moves = array_values(array_filter(
            Json::objects($this->document->moves ?? null),
            fn (\stdClass $move): bool => $this->hasTarget($move),
        ));
        if ($this->document->panels === []) {
            unset($this->document->panels);
        }
    }

    /** The id of the title; null where there is none. */
    private function title(): ?string
    {
        foreach (Json::objects($this->document->words ?? null) as $text) {
            if (Json::text($text, 'role') === 'title') {
                return Json::text($text, 'id');
            }
        }

        return null;
    }

    /** Whether the panel that a move is about is still there. */
    private function hasTarget(\stdClass $move): bool
    {
        $panel = Json::text(Json::object($move, 'target'), 'panel');
        $there = array_map(
            static fn (\stdClass $one): string => Json::text($one, 'id'),
            Json::objects($this->document->panels ?? null),
        );

        return $panel === '' || in_array($panel, $there, true);
    }

    private function pictures(): void
    {
        $there = array_map(
            static fn (\stdClass $one): string => Json::text($one, 'id'),
            Json::objects($this->document->pictures ?? null),
        );
        foreach ($this->kit->pictures as $picture) {
            if (!in_array(Json::text($picture, 'id'), $there, true) && count($there) < Piece::MAX_PICTURES) {
                $there[] = Json::text($picture, 'id');
                $this->document->pictures = [...Json::objects($this->document->pictures ?? null), $picture];
            }
        }
    }

    private static function say(\stdClass $in, \stdClass $said): void
    {
        foreach (get_object_vars(Json::copy($said)) as $name => $value) {
            $in->{$name} = $value;
        }
    }

    /** @param list<string> $names */
    private static function leave(\stdClass $in, array $names): void
    {
        foreach ($names as $name) {
            unset($in->{$name});
        }
    }

    /** @param array<string> $names */
    private static function only(\stdClass $said, array $names): \stdClass
    {
        return (object) array_intersect_key(get_object_vars($said), array_flip($names));
    }
}
