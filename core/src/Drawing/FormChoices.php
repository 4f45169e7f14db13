<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\Pick;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\Forms;
use Lupine\Core\Form\Layout;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Piece\PickSettings;
use Lupine\Core\Piece\ReadingSettings;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Number;
use Lupine\Core\Story\ChartState;
use Lupine\Core\Story\StateReadings;

/** Every form with a small true picture of the figures at hand, and the settings that it would begin with. */
final readonly class FormChoices
{
    private const WIDTH = 120;
    private const HEIGHT = 80;

    /** more marks than this are no longer seen in so small a picture */
    private const MOST_MARKS = 24;

    /** what a chart keeps of its settings when its form changes, as far as the new one has it */
    private const KEPT = ['order', 'direction', 'track', 'ends', 'rest', 'maximum', 'gap'];

    /** rows that a picture shows at most */
    private const MOST = 200;

    public function __construct(private Forms $forms)
    {
    }

    /**
     * @param list<string> $colours of the rows
     * @param FormSettings|null $current the settings of the chart that changes its form
     * @param Box $room what it fills
     * @param PickSettings|null $pick which rows the chart shows of a long table; null: all of them
     *
     * @return list<array{
     *     name: string, fits: bool, reason: string|null, promise: string, isJoined: bool, takesSeries: bool,
     *     settings: array<string, mixed>,
     *     fields: list<array<string, mixed>>, picture: list<array{string, string, float}>
     * }>
     */
    public function of(
        Table $table,
        string $column,
        array $colours,
        ?FormSettings $current,
        Box $room,
        ?PickSettings $pick = null,
    ): array {
        return array_map(
            function (Form $form) use ($table, $column, $colours, $current, $room, $pick): array {
                $reason = null;
                $picture = [];
                $settings = $this->settings($form, $current, $room, min(count($table->rows), self::MOST));
                try {
                    $shown = $this->shown($form, $settings, $table, $column, $pick);
                    $settings = $this->settings($form, $current, $room, count($shown->rows));
                    $picture = $this->picture($form, $settings, $shown, $column, $colours);
                } catch (ImpossibleFigures $impossible) {
                    $reason = $impossible->getMessage();
                }

                return [
                    'name' => $form->name(),
                    'fits' => $reason === null,
                    'reason' => $reason,
                    'promise' => $form->promise(),
                    'isJoined' => $form->isJoined(),
                    'takesSeries' => $form->stacking($this->read($settings)) !== 'none',
                    'settings' => $settings,
                    'fields' => array_map(
                        static fn (Declared $setting): array => $setting->field(),
                        $form->settings(),
                    ),
                    'picture' => $picture,
                ];
            },
            $this->forms->all(),
        );
    }

    /**
     * What a picture shows of a table: what the chart does, or of a long one as much as can be seen so small.
     *
     * @param array<string, float|string> $settings
     *
     * @throws ImpossibleFigures
     */
    private function shown(Form $form, array $settings, Table $table, string $column, ?PickSettings $pick): Table
    {
        if ($form->isJoined() || $pick === null) {
            return $table->withRows(array_slice($table->rows, 0, self::MOST));
        }
        $isOnScale = $form->needs($this->read($settings))->isOnScale();

        return Pick::of($pick, [[$table, [$column]]], $isOnScale)->tables[0];
    }

    /** @return array<string, float|string> */
    private function settings(Form $form, ?FormSettings $current, Box $room, int $count): array
    {
        $settings = ['kind' => $form->name(), ...$this->forms->usual($form->name())->values()];
        foreach ($form->settings() as $setting) {
            if ($current !== null && $this->isKept($setting->name, $current)) {
                $settings[$setting->name] = self::kept($setting, $current);
            }
        }

        return [...$settings, ...$form->fitted($room->width, $room->height, $count)];
    }

    /** Kept is what was set by hand, and not what the old form came with. */
    private function isKept(string $name, FormSettings $current): bool
    {
        if (!in_array($name, self::KEPT, true) || !$current->has($name)) {
            return false;
        }
        $usual = $this->forms->usual($current->kind);

        return $name === 'order' || $usual->word($name) !== $current->word($name);
    }

    private static function kept(Declared $setting, FormSettings $current): float|string
    {
        $its = $setting->setting;
        if ($its instanceof Number) {
            return max($its->min, min($its->max, $current->number($setting->name)));
        }
        $word = $current->word($setting->name);

        return $its instanceof Choice && !in_array($word, $its->values(), true) ? (string) $its->default() : $word;
    }

    /** @param array<string, float|string> $settings */
    private function read(array $settings): FormSettings
    {
        return FormSettings::read(Field::root($settings), $this->forms);
    }

    /**
     * @param array<string, float|string> $settings
     * @param list<string> $colours
     *
     * @return list<array{string, string, float}> path data, colour and opacity
     *
     * @throws ImpossibleFigures where the form cannot show the table
     */
    private function picture(Form $form, array $settings, Table $table, string $column, array $colours): array
    {
        $small = $this->read([
            ...$settings,
            // Points stand where they do on the stage; so small they would be seen of nothing.
            ...($settings['curve'] ?? '') === 'points' ? ['curve' => 'wave'] : [],
            ...$form->fitted(self::WIDTH, self::HEIGHT, count($table->rows)),
            ...array_filter(
                $form->isJoined()
                    ? ['thickness' => 3, 'points' => 0, 'stack' => 'side']
                    : ['gap' => 0, 'corner' => 2, 'spacing' => $form->name() === 'ribbon' ? 2 : 0.3],
                static fn (string $name): bool => isset($settings[$name]),
                ARRAY_FILTER_USE_KEY,
            ),
        ]);
        $figures = Figures::of($form->needs($small), $table, $column);
        $readings = new StateReadings($figures, Group::of(ReadingSettings::class)->read(Field::root([])));
        $state = ChartState::of($form, $small, $small->order(), $figures, $readings, null);
        $layout = $form->layout($small, new Point(self::WIDTH / 2, self::HEIGHT / 2), $state->moment());
        $byRow = [];
        foreach ($table->rows as $index => $row) {
            // A line has one colour, the first.
            $place = $form->isJoined() ? 0 : $index;
            $byRow[$row->id] = $colours[$place % max(1, count($colours))] ?? '#2f6b52';
        }

        return self::paths($layout, $byRow);
    }

    /**
     * @param array<string, string> $colours by figure id
     *
     * @return list<array{string, string, float}>
     */
    private static function paths(Layout $layout, array $colours): array
    {
        $paths = [];
        foreach ($layout->furniture() as $one) {
            if ($one->role === 'track') {
                $paths[] = [$one->outline, $colours[(string) $one->figureId] ?? '#2f6b52', 0.28];
            }
        }
        foreach (array_slice($layout->order(), 0, self::MOST_MARKS) as $id) {
            $outline = $layout->shape($id, Presence::full(), 0.0)->outline();
            if ($outline !== '') {
                $paths[] = [$outline, $colours[$id] ?? '#2f6b52', 1.0];
            }
        }

        return $paths;
    }
}
