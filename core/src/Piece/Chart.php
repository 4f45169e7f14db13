<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Entries;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Toggle;

/** A chart on the stage. */
#[Described('A chart on the stage.')]
final readonly class Chart
{
    public function __construct(
        #[Id]
        public string $id,
        #[Id]
        public string $table,
        #[Id]
        public string $column,
        /** @var list<string> */
        #[Several(new Id(), max: 12)]
        #[Detail(
            'columns that stand side by side, where the form can show several; absent or empty: the one column',
            isOptional: true,
        )]
        public array $series,
        #[FormValue]
        public FormSettings $form,
        #[Part(Place::class)]
        public Place $place,
        #[Part(FinishSettings::class)]
        public FinishSettings $finish,
        #[Part(ChartWords::class)]
        public ChartWords $words,
        #[Part(ChartMotion::class)]
        public ?ChartMotion $entrance,
        #[Part(ChartMotion::class)]
        public ?ChartMotion $exit,
        /** @var array<string, OwnSettings> by row id */
        #[Entries(new Part(OwnSettings::class))]
        #[Detail('by row id')]
        private array $own,
        #[Text('Name', 80, '')]
        #[Detail('what it is called in lists; absent: by its figures', isOptional: true)]
        public string $name = '',
        #[Toggle('Hidden')]
        #[Detail('left out of the picture', isOptional: true)]
        public bool $isHidden = false,
        #[Text('', 200)]
        #[Detail('the name of the group that it is taken together with', isOptional: true)]
        public ?string $group = null,
        #[Part(RunSettings::class)]
        #[Detail('absent or null: it stands at one column until a change says another', isOptional: true)]
        public ?RunSettings $run = null,
        #[Part(PickSettings::class)]
        #[Detail('absent or null: all rows', isOptional: true)]
        public ?PickSettings $pick = null,
        #[Id]
        #[Detail(
            'the chart on whose axis it stands, in its place and on its scale; absent or null: it has its own',
            isOptional: true,
        )]
        public ?string $axisOf = null,
        #[Part(DriftSettings::class)]
        #[Detail('absent or null: it stands still', isOptional: true)]
        public ?DriftSettings $drift = null,
    ) {
    }

    /** The same chart, standing elsewhere, with its form and its words as they are there. */
    public function arranged(Place $place, FormSettings $form, ChartWords $words): self
    {
        return new self(
            $this->id,
            $this->table,
            $this->column,
            $this->series,
            $form,
            $place,
            $this->finish,
            $words,
            $this->entrance,
            $this->exit,
            $this->own,
            $this->name,
            $this->isHidden,
            $this->group,
            $this->run,
            $this->pick,
            $this->axisOf,
            $this->drift,
        );
    }

    /**
     * The same chart, parts of which have other things of their own.
     *
     * @param array<string, OwnSettings> $own by row id
     */
    public function withOwn(array $own): self
    {
        return $own === [] ? $this : new self(
            $this->id,
            $this->table,
            $this->column,
            $this->series,
            $this->form,
            $this->place,
            $this->finish,
            $this->words,
            $this->entrance,
            $this->exit,
            [...$this->own, ...$own],
            $this->name,
            $this->isHidden,
            $this->group,
            $this->run,
            $this->pick,
            $this->axisOf,
            $this->drift,
        );
    }

    /** The table without the rows that are switched off in this chart. */
    public function shown(Table $table): Table
    {
        $off = array_keys(array_filter($this->own, static fn (OwnSettings $own): bool => $own->isOff));

        return $off === [] ? $table : $table->without(array_map('strval', $off));
    }

    public function own(string $rowId): OwnSettings
    {
        return $this->own[$rowId] ?? new OwnSettings();
    }

    /** The coats of one part: its own where it has some. */
    public function coatsOf(string $rowId): Coats
    {
        return $this->finish->coats->with($this->own($rowId)->coats);
    }
}
