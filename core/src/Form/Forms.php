<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\Field;

/** All forms, by name: the one place that makes a form from its settings. */
final readonly class Forms implements FormCatalogue
{
    /** @param array<string, Form> $byName */
    private function __construct(private array $byName)
    {
    }

    public static function shipped(): self
    {
        return self::of(
            Round\Round::pie(),
            Round\Round::donut(),
            new Dial\Dial(),
            new Rings\Rings(),
            Bars\Bars::lying(),
            Bars\Bars::upright(),
            Line\Line::drawn(),
            Line\Line::filled(),
            new Ribbon\Strip(),
            new Ribbon\Ribbon(),
            new Tilted\Tilted(),
        );
    }

    public static function of(Form ...$forms): self
    {
        $byName = [];
        foreach ($forms as $form) {
            $byName[$form->name()] = $form;
        }

        return new self($byName);
    }

    public function with(Form $form): self
    {
        return new self([...$this->byName, $form->name() => $form]);
    }

    /** @return list<Form> */
    public function all(): array
    {
        return array_values($this->byName);
    }

    public function names(): array
    {
        return array_keys($this->byName);
    }

    public function named(string $name): Form
    {
        return $this->byName[$name];
    }

    public function settingsOf(string $name): array
    {
        return $this->byName[$name]->settings();
    }

    public function isWide(string $name): bool
    {
        return $this->byName[$name]->defaults()->isWide;
    }

    public function isCut(string $name): bool
    {
        return $this->byName[$name]->defaults()->isCut;
    }

    public function labels(string $name): string
    {
        return $this->byName[$name]->defaults()->labels;
    }

    public function words(string $name): array
    {
        $defaults = $this->byName[$name]->defaults();

        return [
            'labels' => $defaults->labels,
            'readings' => $defaults->readings,
            'names' => $defaults->hasNames,
            'legend' => $defaults->hasLegend,
        ];
    }

    public function isJoined(string $name): bool
    {
        return $this->byName[$name]->isJoined();
    }

    /** A form's settings as they are without being said. */
    public function usual(string $name): FormSettings
    {
        return FormSettings::read(Field::root(['kind' => $name]), $this);
    }

    /** @return list<string> the names of the forms that can show a column of a table */
    public function fitting(Table $table, string $columnId): array
    {
        return array_values(
            array_filter($this->names(), function (string $name) use ($table, $columnId): bool {
                try {
                    Figures::of($this->named($name)->needs($this->usual($name)), $table, $columnId);

                    return true;
                } catch (ImpossibleFigures) {
                    return false;
                }
            }),
        );
    }
}
