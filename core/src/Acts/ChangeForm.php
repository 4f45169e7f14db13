<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\Saying;
use Lupine\Core\Piece\FormCatalogue;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Piece\FormValue;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;

/**
 * Another form, and what is said with it goes along: shares become amounts and back, names and legend stand where the
 * form looks right with them, values stand at the marks or on the axis. What was told otherwise by hand stays.
 */
#[Described('Changes the form of a chart; readings, legend, names and axis go along.')]
final readonly class ChangeForm implements Act
{
    /** frames in which each part of a new order comes, and how many of them two share */
    private const EACH = 24;
    private const SHARED = 8;
    private const ONE_SWEEP = 54;
    private const DRAWN = 12;

    public function __construct(
        #[Id]
        private string $chart,
        #[FormValue]
        #[Detail('the form, with settings that it begins with beside those that the chart has')]
        private FormSettings $form,
    ) {
    }

    public function change(Edited $edited): array
    {
        $chart = $edited->chart($this->chart);
        $forms = $edited->forms;
        $before = Json::text(Json::object($chart, 'form'), 'kind');
        $form = Json::object($chart, 'form') ?? new \stdClass();
        // What the new form does not know stays, for the way back.
        foreach ($this->form->values() as $name => $value) {
            $form->{$name} = $value;
        }
        $form->kind = $this->form->kind;
        $chart->form = $form;
        if ($before === $this->form->kind || !in_array($before, $forms->names(), true)) {
            return [];
        }
        $words = Json::object($chart, 'words');
        if ($words !== null) {
            [$was, $is] = [$forms->words($before), $forms->words($this->form->kind)];
            self::readings($words, $was, $is, self::arePercent($edited, $chart));
            self::names($chart, $words, $was, $is);
        }
        self::entrance($chart, $forms, $before, $this->form->kind);
        Saying::once($chart);

        return [];
    }

    private static function arePercent(Edited $edited, \stdClass $chart): bool
    {
        [$table, $place] = $edited->shownColumn($chart);
        foreach (Json::objects($table->rows ?? null) as $row) {
            if (str_contains(Edited::cell($row, $place), '%')) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array{labels: string, readings: string, names: bool, legend: bool} $was
     * @param array{labels: string, readings: string, names: bool, legend: bool} $is
     */
    private static function readings(\stdClass $words, array $was, array $is, bool $arePercent): void
    {
        $reading = Json::object($words, 'reading');
        if ($reading !== null && $was['readings'] !== $is['readings'] && $reading->of === $was['readings']) {
            $toShare = $is['readings'] === 'share';
            // Figures that are percentages are read as they are, in any form.
            $suffix = Json::text($reading, 'suffix');
            $reading->of = $is['readings'];
            $reading->decimals = null;
            $reading->suffix = match (true) {
                $toShare => $suffix === '' ? '%' : $suffix,
                $arePercent => $suffix,
                default => $suffix === '%' ? '' : $suffix,
            };
        }
        $labels = Json::object($words, 'labels');
        if ($labels !== null && Json::text($labels, 'show') === $was['labels']) {
            $labels->show = $is['labels'];
        }
    }

    /**
     * @param array{labels: string, readings: string, names: bool, legend: bool} $was
     * @param array{labels: string, readings: string, names: bool, legend: bool} $is
     */
    private static function names(\stdClass $chart, \stdClass $words, array $was, array $is): void
    {
        $labels = Json::object($words, 'labels');
        $series = is_array($chart->series ?? null) ? count($chart->series) : 0;
        $legend = Json::object($words, 'legend');
        if ($is['names'] && Json::object($words, 'names') === null) {
            $like = $legend ?? $labels;
            $words->names = (object) [
                'font' => $like->font ?? 'figtree-semibold',
                'size' => $like->size ?? 34,
                'colour' => $like->colour ?? null,
            ];
            if ($labels !== null && Json::text($labels, 'text') === 'both') {
                $labels->text = 'reading';
            }
        }
        // Several series are told apart by their legend, in any form.
        if ($is['names'] && !$is['legend'] && $series < 2) {
            $words->legend = null;
        }
        if ($is['legend'] && $was['names'] && !$is['names']) {
            $words->names = null;
            if ($legend === null && $labels !== null && Json::text($labels, 'text') === 'reading') {
                $show = $labels->show ?? 'none';
                Saying::names($chart, 'legend');
                $labels->show = $show;
            }
        }
    }

    private static function entrance(\stdClass $chart, FormCatalogue $forms, string $was, string $is): void
    {
        $entrance = Json::object($chart, 'entrance');
        if ($entrance === null) {
            return;
        }
        $order = Json::text($entrance, 'order');
        if ($forms->isJoined($is) && !$forms->isJoined($was) && in_array($order, ['overlapping', 'one'], true)) {
            // A line is drawn on in one go.
            [$entrance->order, $entrance->overlap, $entrance->curve] = ['after', 0, 'linear'];
            $entrance->frames = min(Json::whole($entrance, 'frames', self::DRAWN), self::DRAWN);
        } elseif ($forms->isCut($is) && !$forms->isCut($was) && $order === 'overlapping') {
            [$entrance->order, $entrance->overlap, $entrance->frames] = ['one', 0, self::ONE_SWEEP];
        } elseif (!$forms->isCut($is) && $forms->isCut($was) && $order === 'one') {
            [$entrance->order, $entrance->overlap, $entrance->frames] = ['overlapping', self::SHARED, self::EACH];
        }
    }
}
