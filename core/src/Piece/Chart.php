<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A chart on the stage. */
final readonly class Chart
{
    /** @param array<string, OwnSettings> $own by row id */
    private function __construct(
        public string $id,
        public string $table,
        public string $column,
        /** @var list<string> columns that stand side by side, where the form can show several; empty: the one column */
        public array $series,
        public FormSettings $form,
        public Place $place,
        public FinishSettings $finish,
        public ChartWords $words,
        public ?ChartMotion $entrance,
        public ?ChartMotion $exit,
        private array $own,
        /** what it is called in lists; empty: by its figures */
        public string $name = '',
        /** whether it is left out of the picture */
        public bool $isHidden = false,
        /** what it is taken together with, or null */
        public ?string $group = null,
        /** how it goes through the moments of its table, or null */
        public ?RunSettings $run = null,
        /** which rows of a long table it shows; null: all */
        public ?PickSettings $pick = null,
        /** the chart on whose axis it stands, or null */
        public ?string $axisOf = null,
        public ?DriftSettings $drift = null,
    ) {
    }

    public static function read(Field $field, FormCatalogue $forms): self
    {
        return new self(
            $field->get('id')->id(),
            $field->get('table')->id(),
            $field->get('column')->id(),
            array_map(static fn (Field $column): string => $column->id(), $field->get('series')->items(12)),
            FormSettings::read($field->get('form'), $forms),
            Place::read($field->get('place')),
            FinishSettings::read($field->get('finish')),
            ChartWords::read($field->get('words')),
            ChartMotion::read($field->get('entrance')),
            ChartMotion::read($field->get('exit')),
            array_map(OwnSettings::read(...), $field->get('own')->entries()),
            $field->get('name')->text(80, ''),
            $field->get('hidden')->yes(false),
            $field->get('group')->isNull() ? null : $field->get('group')->id(),
            RunSettings::read($field->get('run')),
            PickSettings::read($field->get('pick')),
            $field->get('axisOf')->isNull() ? null : $field->get('axisOf')->id(),
            DriftSettings::read($field->get('drift')),
        );
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

    /** The table without the rows that are switched off in this chart. */
    public function shown(Table $table): Table
    {
        $off = array_keys(array_filter($this->own, static fn (OwnSettings $own): bool => $own->isOff));

        return $off === [] ? $table : $table->without(array_map('strval', $off));
    }

    public function own(string $rowId): OwnSettings
    {
        return $this->own[$rowId] ?? OwnSettings::none();
    }
}
