<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** One document: a stage, its tables, charts, words, backdrop and script, and the moves on them. */
final readonly class Piece
{
    public const VERSION = 2;

    /** what a piece is called until somebody says it */
    public const UNNAMED = 'New piece';

    /** How deep objects and lists may stand in one another, wherever a piece is written or read. */
    public const MAX_DEPTH = 64;

    /**
     * @param list<Table> $tables
     * @param list<Chart> $charts
     * @param list<FreeText> $words
     * @param list<Move> $moves
     */
    private function __construct(
        public string $title,
        public Stage $stage,
        public array $tables,
        public array $charts,
        public array $words,
        public ?CaptionSettings $captions,
        public Backdrop $backdrop,
        public Narration $narration,
        public array $moves,
        public ArrangementSettings $arrangement,
        /** @var list<StageShape> the shapes that the piece is made in beside its stage's own */
        public array $shapes,
        public CameraSettings $camera,
        /** how what moves is blurred; null: not at all */
        public ?ShutterSettings $shutter,
    ) {
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
        $root = Field::root(Upgrade::of($document));
        $version = $root->get('lupine');
        if ($version->isNull()) {
            throw new BadPiece('This is not a Lupine piece: it has no field “lupine” with the version.', 'lupine');
        }
        if ($version->whole(1, 1000) > self::VERSION) {
            throw new BadPiece('This piece was made with a newer Lupine. Update this one to open it.', 'lupine');
        }
        $charts = array_map(
            static fn (Field $chart): Chart => Chart::read($chart, $forms),
            $root->get('charts')->items(12),
        );
        $known = [];
        $ofChart = static function (string $id) use ($charts, $forms, &$known): array {
            return $known[$id] ??= self::propertiesOf($id, $charts, $forms);
        };
        $tables = array_map(Table::read(...), $root->get('tables')->items(20));
        $piece = new self(
            $root->get('title')->text(200),
            Stage::read($root->get('stage')),
            $tables,
            $charts,
            array_map(
                static fn (Field $words): FreeText => self::following(FreeText::read($words), $charts, $tables),
                $root->get('words')->items(60),
            ),
            CaptionSettings::read($root->get('captions')),
            Backdrop::read($root->get('backdrop')),
            Narration::read($root->get('script')),
            array_map(
                static fn (Field $move): Move => Move::read($move, $ofChart),
                $root->get('moves')->items(2000),
            ),
            ArrangementSettings::read($root->get('arrangement')),
            array_map(StageShape::read(...), $root->get('shapes')->items(6)),
            CameraSettings::read($root->get('camera')),
            ShutterSettings::read($root->get('shutter')),
        );
        $piece->check($root);

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

        return $table === null ? $words : $words->following($table);
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
     */
    public function arranged(Stage $stage, array $charts, array $words, ?CaptionSettings $captions): self
    {
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
        );
    }

    public function withArrangement(ArrangementSettings $arrangement): self
    {
        return new self(
            $this->title,
            $this->stage,
            $this->tables,
            $this->charts,
            $this->words,
            $this->captions,
            $this->backdrop,
            $this->narration,
            $this->moves,
            $arrangement,
            $this->shapes,
            $this->camera,
            $this->shutter,
        );
    }

    public function line(string $id): ?ScriptLine
    {
        return $this->narration->line($id);
    }

    /**
     * What can be changed about a chart. A move may name what another form has: it waits until the chart has it again.
     *
     * @param list<Chart> $charts
     *
     * @return list<Property>
     */
    private static function propertiesOf(string $id, array $charts, FormCatalogue $forms): array
    {
        $names = $forms->names();
        foreach ($charts as $chart) {
            if ($chart->id === $id) {
                $names = [$chart->form->kind, ...$names];
            }
        }

        return Properties::ofChart(array_merge([], ...array_map($forms->settingsOf(...), $names)));
    }

    private function check(Field $root): void
    {
        foreach ($root->get('curves')->items(40) as $own) {
            $own->get('name')->text(60);
            CurveSettings::read($own->get('curve'), 'linear');
        }
        Unique::ids($this->tables, $root->get('tables'));
        Unique::ids($this->charts, $root->get('charts'));
        Unique::ids($this->words, $root->get('words'));
        Unique::ids($this->moves, $root->get('moves'));
        Unique::ids($this->shapes, $root->get('shapes'));
        foreach ($this->charts as $chart) {
            foreach ([$chart->column, ...$chart->series] as $column) {
                $this->table($chart->table)->columnIndex($column);
            }
        }
    }
}
