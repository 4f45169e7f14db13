<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Entries;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;

/** One document: a stage, its tables, charts, words, backdrop and script, and the moves on them. */
#[Described(self::DESCRIPTION)]
final readonly class Piece implements Checked
{
    public const VERSION = 5;
    public const MAX_CHARTS = 12;
    public const MAX_WORDS = 60;
    public const MAX_PANELS = 40;
    public const MAX_PICTURES = 60;

    private const DESCRIPTION = 'A piece of Lupine, version '.self::VERSION.'. Lengths are pixels of the stage, angles'
        .' degrees clockwise from 12 o\'clock, times whole frames.';

    /** what a piece is called until somebody says it */
    public const UNNAMED = 'New piece';

    /** How deep objects and lists may stand in one another, wherever a piece is written or read. */
    public const MAX_DEPTH = 64;

    /** @var list<FreeText> */
    public array $words;
    public ArrangementSettings $arrangement;
    public CameraSettings $camera;

    /**
     * @param list<FreeText> $words
     * @param list<OwnCurve> $curves
     * @param array<string, list<float>> $reshaped
     */
    public function __construct(
        #[Text('Title', 200)]
        public string $title,
        #[Part(Stage::class)]
        public Stage $stage,
        /** @var list<Table> */
        #[Several(new Part(Table::class), max: 20)]
        public array $tables,
        /** @var list<Chart> */
        #[Several(new Part(Chart::class), max: self::MAX_CHARTS)]
        public array $charts,
        #[Several(new Part(FreeText::class), max: self::MAX_WORDS)]
        array $words,
        #[Part(CaptionSettings::class)]
        public ?CaptionSettings $captions,
        #[Part(Backdrop::class)]
        public Backdrop $backdrop,
        #[Part(Narration::class)]
        #[Detail(name: 'script')]
        public Narration $narration,
        /** @var list<Move> */
        #[Several(new Part(Move::class), max: 2000)]
        public array $moves,
        #[Part(ArrangementSettings::class)]
        #[Detail('absent: charts left, fitting', isOptional: true)]
        ?ArrangementSettings $arrangement,
        /** @var list<StageShape> the shapes that the piece is made in beside its stage's own */
        #[Several(new Part(StageShape::class), max: 6)]
        #[Detail('shapes beside the stage’s own', isOptional: true)]
        public array $shapes,
        #[Part(CameraSettings::class)]
        #[Detail(isOptional: true)]
        ?CameraSettings $camera,
        /** how what moves is blurred; null: not at all */
        #[Part(ShutterSettings::class)]
        #[Detail('motion blur; absent or null: none', isOptional: true)]
        public ?ShutterSettings $shutter,
        #[Several(new Part(OwnCurve::class), max: 40)]
        #[Detail('curves of one’s own, to be chosen again', isOptional: true)]
        /** what the desk alone reads */
        public array $curves = [],
        #[Entries(new Several(new Number('', Unit::Value, -1e9, 1e9), max: 4, min: 4))]
        #[Detail(
            'of numbers that changed with the size of the stage: what each was, the width and height of the stage that'
                .' it was set for, and what became of it; a number that is no longer that has been set since',
            isOptional: true,
        )]
        /** what the desk and the arrangement alone read */
        public array $reshaped = [],
        /** @var list<Panel> from the back to the front */
        #[Several(new Part(Panel::class), max: self::MAX_PANELS, label: 'Panels')]
        #[Detail('plain shapes, from the back to the front', isOptional: true)]
        public array $panels = [],
        /** @var list<Picture> */
        #[Several(new Part(Picture::class), max: self::MAX_PICTURES, label: 'Pictures')]
        #[Detail(isOptional: true)]
        public array $pictures = [],
        #[Part(InkSettings::class)]
        #[Detail('absent or null: nearly black and white', isOptional: true)]
        public ?InkSettings $inks = null,
        #[Part(KitMark::class)]
        #[Detail('absent or null: none', isOptional: true)]
        /** what the desk alone reads */
        public ?KitMark $kit = null,
        #[Part(TextAlternative::class)]
        #[Detail('absent or null: made from figures and script', isOptional: true)]
        public ?TextAlternative $alternative = null,
    ) {
        $this->arrangement = $arrangement ?? new ArrangementSettings();
        $this->camera = $camera ?? new CameraSettings();
        $this->words = array_map(
            static fn (FreeText $text): FreeText => self::following($text, $charts, $tables),
            $words,
        );
    }

    /** @throws BadPiece */
    public static function fromJson(string $json, FormCatalogue $forms): self
    {
        try {
            return self::fromDocument(json_decode($json, true, self::MAX_DEPTH, JSON_THROW_ON_ERROR), $forms);
        } catch (\JsonException $reason) {
            throw new BadPiece('This is not JSON: '.$reason->getMessage().'.');
        }
    }

    /**
     * @param mixed $document decoded JSON as described in docs/piece.schema.json
     * @param FormCatalogue $forms the forms that it may name
     *
     * @throws BadPiece
     */
    public static function fromDocument(mixed $document, FormCatalogue $forms): self
    {
        $root = Field::root(Upgrade::of($document), $forms);
        $version = $root->get('lupine');
        if ($version->isNull()) {
            throw new BadPiece('This is not a Lupine piece: the “lupine” version field is missing.', 'lupine');
        }
        if ($version->whole(1, 1000) > self::VERSION) {
            throw new BadPiece('This piece was made with a newer Lupine. Update this one to open it.', 'lupine');
        }

        $piece = Group::of(self::class)->read($root);
        $piece->checkChanges($root->get('moves'), $forms);

        return $piece;
    }

    /**
     * @param list<Chart> $charts
     * @param list<Table> $tables
     */
    private static function following(FreeText $words, array $charts, array $tables): FreeText
    {
        $followed = array_column($charts, null, 'id')[$words->momentOf ?? ''] ?? $charts[0] ?? null;
        $table = $followed === null ? null : array_column($tables, null, 'id')[$followed->table] ?? null;

        return $table === null || $followed === null ? $words : $words->following($table, $followed->words->reading);
    }

    /** The chart whose table the parts in brackets of a text follow; null where there is no chart. */
    public function chartOf(FreeText $words): ?Chart
    {
        return array_column($this->charts, null, 'id')[$words->momentOf ?? ''] ?? $this->charts[0] ?? null;
    }

    public function table(string $id): Table
    {
        foreach ($this->tables as $table) {
            if ($table->id === $id) {
                return $table;
            }
        }

        throw new BadPiece(sprintf('There is no table “%s”.', $id), 'charts');
    }

    /** @throws BadPiece where the piece has no such shape */
    public function shape(string $id): StageShape
    {
        foreach ($this->shapes as $shape) {
            if ($shape->id === $id) {
                return $shape;
            }
        }

        throw new BadPiece(sprintf('This piece is not made in a shape “%s”.', $id), 'shapes');
    }

    /**
     * The same piece with everything where it stands on one stage.
     *
     * @param list<Chart> $charts
     * @param list<FreeText> $words
     * @param list<Panel> $panels
     */
    public function arranged(
        Stage $stage,
        array $charts,
        array $words,
        ?CaptionSettings $captions,
        array $panels,
    ): self {
        return new self(
            $this->title,
            $stage,
            $this->tables,
            $charts,
            $words,
            $captions,
            $this->backdrop,
            $this->narration,
            $this->moves,
            $this->arrangement,
            [],
            $this->camera,
            $this->shutter,
            panels: $panels,
            pictures: $this->pictures,
            inks: $this->inks,
            alternative: $this->alternative,
        );
    }

    /** The same piece with its script in a second language, as far as it has one. */
    public function inSecondLanguage(): self
    {
        return $this->with($this->charts, $this->arrangement, $this->narration->inSecondLanguage());
    }

    public function withArrangement(ArrangementSettings $arrangement): self
    {
        return $this->with($this->charts, $arrangement);
    }

    /** @param list<Chart> $charts */
    public function withCharts(array $charts): self
    {
        return $this->with($charts, $this->arrangement);
    }

    /** @param list<Chart> $charts */
    private function with(array $charts, ArrangementSettings $arrangement, ?Narration $narration = null): self
    {
        return new self(
            $this->title,
            $this->stage,
            $this->tables,
            $charts,
            $this->words,
            $this->captions,
            $this->backdrop,
            $narration ?? $this->narration,
            $this->moves,
            $arrangement,
            $this->shapes,
            $this->camera,
            $this->shutter,
            panels: $this->panels,
            pictures: $this->pictures,
            inks: $this->inks,
            alternative: $this->alternative,
        );
    }

    public function line(string $id): ?ScriptLine
    {
        return $this->narration->line($id);
    }

    private function checkChanges(Field $moves, FormCatalogue $forms): void
    {
        $known = [];
        $ofChart = function (string $id) use ($forms, &$known): array {
            return $known[$id] ??= $this->propertiesOf($id, $forms);
        };
        foreach ($this->moves as $place => $move) {
            $move->checkChange($moves->get((string) $place), $ofChart);
        }
    }

    /**
     * What can be changed about a chart. A move may name what another form has: it waits until the chart has it again.
     *
     * @return list<Property>
     */
    private function propertiesOf(string $id, FormCatalogue $forms): array
    {
        $names = $forms->names();
        foreach ($this->charts as $chart) {
            if ($chart->id === $id) {
                $names = [$chart->form->kind, ...$names];
            }
        }

        return Properties::ofChart(array_merge([], ...array_map($forms->settingsOf(...), $names)));
    }

    public function check(Field $field): void
    {
        foreach (['tables', 'charts', 'words', 'panels', 'pictures', 'moves', 'shapes'] as $lists) {
            Unique::ids($this->{$lists}, $field->get($lists));
        }
        // Places and moves name what stands on the stage by its id alone.
        foreach ([$this->charts, $this->words] as $others) {
            Unique::ids([...$others, ...$this->panels], $field->get('panels'));
        }
        foreach ($this->charts as $chart) {
            foreach ([$chart->column, ...$chart->series] as $column) {
                $this->table($chart->table)->columnIndex($column);
            }
        }
    }
}
