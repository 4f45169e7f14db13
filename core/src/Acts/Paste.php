<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\ChartMotion;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\FinishSettings;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Move;
use Lupine\Core\Piece\Narration;
use Lupine\Core\Piece\OwnSettings;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Plain;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/**
 * What was copied comes into a piece: charts, texts and panels, a part’s look and moves, a finish, or how a chart
 * comes.
 */
#[Described('Pastes what was copied here or in another piece.')]
final readonly class Paste implements Act
{
    public function __construct(
        #[Choice('', [
            'things' => '', 'part' => '', 'finish' => '', 'coats' => '', 'motion' => '', 'moves' => '', 'lines' => '',
        ])]
        #[Detail(
            'charts, texts and panels, one part, a finish, some coats, how a chart comes and goes, moves, or lines of'
                .' the script',
            name: 'lupine',
        )]
        private string $kind,
        /** @var list<\stdClass> */
        #[Several(new Plain(Chart::class), max: Piece::MAX_CHARTS)]
        #[Detail(isOptional: true)]
        private array $charts,
        /** @var list<\stdClass> */
        #[Several(new Plain(FreeText::class), max: Piece::MAX_WORDS)]
        #[Detail(isOptional: true)]
        private array $words,
        /** @var list<\stdClass> */
        #[Several(new Plain(Panel::class), max: Piece::MAX_PANELS)]
        #[Detail(isOptional: true)]
        private array $panels,
        /** @var list<\stdClass> */
        #[Several(new Plain(Table::class), max: Piece::MAX_CHARTS)]
        #[Detail(isOptional: true)]
        private array $tables,
        /** @var list<\stdClass> */
        #[Several(new Plain(Move::class), max: 2000)]
        #[Detail(isOptional: true)]
        private array $moves,
        #[Plain(OwnSettings::class)]
        #[Detail('of a part', isOptional: true)]
        private ?\stdClass $own,
        #[Plain(FinishSettings::class)]
        #[Detail(isOptional: true)]
        private ?\stdClass $finish,
        #[Plain(ChartMotion::class)]
        #[Detail('null: there at once', isOptional: true)]
        private ?\stdClass $entrance,
        #[Plain(ChartMotion::class)]
        #[Detail('null: it stays', isOptional: true)]
        private ?\stdClass $exit,
        #[Id]
        #[Detail('that it is pasted onto; the first of the piece, if absent', isOptional: true)]
        private ?string $chart,
        #[Id]
        #[Detail('the part of that chart', isOptional: true)]
        private ?string $figure,
        #[Id]
        #[Detail('the text that coats are pasted onto', isOptional: true)]
        private ?string $text = null,
        #[Id]
        #[Detail('the panel that coats are pasted onto', isOptional: true)]
        private ?string $panel = null,
        #[Whole('Starts', Unit::Frames, 0, Stage::MAX_FRAMES, 0)]
        #[Detail('of the first of some moves or lines', isOptional: true)]
        private int $begin = 0,
        /** @var list<\stdClass> */
        #[Several(new Plain(ScriptLine::class), max: Narration::MAX_LINES)]
        #[Detail(isOptional: true)]
        private array $lines = [],
        #[Number('Frame rate', Unit::Count, 1, 240)]
        #[Detail('frames a second where moves or lines were copied; absent: as here', isOptional: true)]
        private ?float $rate = null,
    ) {
    }

    public function change(Edited $edited): array
    {
        if ($this->kind === 'things') {
            return $this->pasteThings($edited);
        }
        if ($this->kind === 'moves') {
            return (new PastedMoves($edited, [
                'chart' => $this->chart,
                'figure' => $this->figure,
                'words' => $this->text,
                'panel' => $this->panel,
            ]))->paste(self::inTime($this->moves, ['begin', 'frames'], $this->pace($edited)), $this->begin);
        }
        if ($this->kind === 'lines') {
            $lines = self::inTime($this->lines, ['begin', 'end'], $this->pace($edited));

            return PastedLines::paste($edited, $lines, $this->begin);
        }
        if ($this->kind === 'coats' && ($this->text ?? $this->panel) !== null) {
            $this->pasteCoats(
                Edited::named([...$edited->words(), ...$edited->panels()], $this->text ?? $this->panel ?? '')
                    ?? throw new BadPiece('There is nothing of that name to paste it onto.', 'with.text'),
            );

            return [];
        }
        $chart = $this->chart === null ? $edited->charts()[0] ?? null : $edited->chart($this->chart);
        if ($chart === null) {
            throw new BadPiece('The piece has no chart to paste it onto.', 'with.chart');
        }
        if ($this->kind === 'part') {
            $this->pastePart($edited, $chart);
        } elseif ($this->kind === 'coats') {
            $this->pasteCoats($this->figure === null
                ? Json::object($chart, 'finish') ?? new \stdClass()
                : self::ownOf($chart, $this->figure));
        } elseif ($this->kind === 'motion') {
            [$chart->entrance, $chart->exit] = [$this->entrance, $this->exit];
        } else {
            $chart->finish = $this->finish ?? throw new BadPiece('There is no finish in it.', 'with.finish');
        }

        return [];
    }

    /** How many frames here are one where it was copied. */
    private function pace(Edited $edited): float
    {
        $stage = $edited->piece->stage;

        return $this->rate === null ? 1.0 : $stage->rateNumerator / $stage->rateDenominator / $this->rate;
    }

    /**
     * As long in seconds as they were where they were copied.
     *
     * @param list<\stdClass> $things
     * @param list<string> $frames what of each is told in frames
     *
     * @return list<\stdClass>
     */
    private static function inTime(array $things, array $frames, float $pace): array
    {
        return array_map(static function (\stdClass $thing) use ($frames, $pace): \stdClass {
            $copy = Json::copy($thing);
            foreach ($frames as $name) {
                $copy->{$name} = (int) round(Json::whole($copy, $name) * $pace);
            }

            return $copy;
        }, $things);
    }

    /** The coats that were copied take the place of those of their kinds; others stay. */
    private function pasteCoats(\stdClass $onto): void
    {
        $found = false;
        foreach (array_keys(Coats::KINDS) as $kind) {
            $coats = $this->own->{$kind} ?? null;
            if (is_array($coats)) {
                $onto->{$kind} = $coats;
                $found = true;
            }
        }
        if (!$found) {
            throw new BadPiece('There is no coat in it.', 'with.own');
        }
    }

    /** What a part has of its own, which it may not have had yet. */
    private static function ownOf(\stdClass $chart, string $figure): \stdClass
    {
        $own = Json::object($chart, 'own') ?? new \stdClass();
        $own->{$figure} = Json::object($own, $figure) ?? new \stdClass();
        $chart->own = $own;

        return $own->{$figure};
    }

    private function pastePart(Edited $edited, \stdClass $chart): void
    {
        if ($this->figure === null) {
            throw new BadPiece('Select a part first, then paste the look and moves onto it.', 'with.figure');
        }
        $own = Json::object($chart, 'own') ?? new \stdClass();
        $its = $this->own ?? new \stdClass();
        $label = Json::object($its, 'label');
        unset($its->off, $label->text);
        if ($label !== null && get_object_vars($label) === []) {
            unset($its->label);
        }
        self::keepOwn(Json::object($own, $this->figure), $its);
        unset($own->{$this->figure});
        if (get_object_vars($its) !== []) {
            $own->{$this->figure} = $its;
        }
        $chart->own = $own;
        $target = (object) ['chart' => $chart->id, 'figure' => $this->figure];
        $edited->document->moves = array_values(array_filter(
            $edited->moves(),
            static function (\stdClass $move) use ($target): bool {
                $of = Json::object($move, 'target');

                return [Json::text($of, 'chart'), Json::text($of, 'figure')] !== [$target->chart, $target->figure];
            },
        ));
        Copies::addMoves($edited, $this->moves, [], $target);
    }

    /** A row that is off, and a text that is only its own, stay where they are. */
    private static function keepOwn(?\stdClass $before, \stdClass $now): void
    {
        foreach (get_object_vars($before ?? new \stdClass()) as $name => $value) {
            $now->{$name} ??= $value;
        }
        $text = Json::object($before, 'label')->text ?? null;
        if ($text !== null) {
            $label = Json::object($now, 'label') ?? new \stdClass();
            $label->text = $text;
            $now->label = $label;
        }
    }

    /** @return list<string> */
    private function pasteThings(Edited $edited): array
    {
        if ($this->charts === [] && $this->words === [] && $this->panels === []) {
            throw new BadPiece('There is no chart, no text and no panel in it.', 'with');
        }
        if (
            count($edited->charts()) + count($this->charts) > Piece::MAX_CHARTS
            || count($edited->words()) + count($this->words) > Piece::MAX_WORDS
            || count($edited->panels()) + count($this->panels) > Piece::MAX_PANELS
        ) {
            throw new BadPiece(
                sprintf(
                    'A piece can hold up to %d charts, %d texts and %d panels.',
                    Piece::MAX_CHARTS,
                    Piece::MAX_WORDS,
                    Piece::MAX_PANELS,
                ),
                'charts',
            );
        }
        $tables = $this->pasteTables($edited);
        $names = [];
        foreach ($this->charts as $chart) {
            $names[Json::text($chart, 'id')] = self::pasteChart($edited, Json::copy($chart), $tables);
        }
        foreach ($this->words as $words) {
            $names[Json::text($words, 'id')] = self::pasteWords($edited, Json::copy($words), $names);
        }
        foreach ($this->panels as $panel) {
            $names[Json::text($panel, 'id')] = self::pastePanel($edited, Json::copy($panel), $names);
        }
        Copies::addMoves($edited, $this->moves, $names);
        $from = [...$this->charts, ...$this->words, ...$this->panels];
        $things = [...$edited->charts(), ...$edited->words(), ...$edited->panels()];
        Copies::regroup($edited, $from, array_map(
            static fn (\stdClass $one): \stdClass => Edited::named($things, $names[Json::text($one, 'id')]) ?? $one,
            $from,
        ));

        return array_values($names);
    }

    /** @return array<string, string> ids of the tables here, by what they were */
    private function pasteTables(Edited $edited): array
    {
        $names = [];
        foreach ($this->tables as $table) {
            $id = $names[Json::text($table, 'id')] = Json::text($table, 'id');
            $known = Edited::named($edited->tables(), $id);
            // The same table is shared; another one of that name comes along under a name of its own.
            if ($known !== null && Copies::isSameTable($known, $table)) {
                continue;
            }
            $copy = Json::copy($table);
            if ($known !== null) {
                $copy->id = $names[$id] = Edited::newId('table', $edited->tables());
            }
            $edited->document->tables = [...$edited->tables(), $copy];
        }

        return $names;
    }

    /** @param array<string, string> $names ids of charts and texts here, by what they were */
    private static function pastePanel(Edited $edited, \stdClass $copy, array $names): string
    {
        $panels = $edited->panels();
        if (Edited::named($panels, Json::text($copy, 'id')) !== null) {
            $copy->id = Edited::newId('panel', $panels);
            Copies::aside($copy);
        }
        $copy->group = null;
        $around = Json::text($copy, 'around');
        $isLegend = str_starts_with($around, 'legend-');
        $named = $names[$isLegend ? substr($around, strlen('legend-')) : $around] ?? null;
        if ($named !== null) {
            $copy->around = ($isLegend ? 'legend-' : '').$named;
        } elseif (!in_array($around, [Panel::ALL, Panel::STAGE], true)) {
            unset($copy->around);
        }
        $edited->document->panels = [...$panels, $copy];

        return Json::text($copy, 'id');
    }

    /** @param array<string, string> $tables */
    private static function pasteChart(Edited $edited, \stdClass $copy, array $tables): string
    {
        $charts = $edited->charts();
        if (Edited::named($charts, Json::text($copy, 'id')) !== null) {
            $copy->id = Edited::newId('chart', $charts);
            Copies::aside(Json::object($copy, 'place'));
        }
        $copy->table = $tables[Json::text($copy, 'table')] ?? $copy->table ?? null;
        $copy->group = null;
        Copies::loosen($edited, $copy);
        $edited->document->charts = [...$charts, $copy];

        return Json::text($copy, 'id');
    }

    /** @param array<string, string> $names of charts that come along */
    private static function pasteWords(Edited $edited, \stdClass $copy, array $names): string
    {
        $all = $edited->words();
        if (Edited::named($all, Json::text($copy, 'id')) !== null) {
            $copy->id = Edited::newId('words', $all);
            [$copy->placedBy, $copy->role] = ['hand', 'note'];
            Copies::aside($copy);
        }
        $copy->group = null;
        $pointer = Json::object($copy, 'pointsAt');
        if ($pointer !== null) {
            $pointer->chart = $names[Json::text($pointer, 'chart')] ?? $pointer->chart ?? null;
        }
        if (isset($copy->momentOf)) {
            $copy->momentOf = $names[Json::text($copy, 'momentOf')] ?? $copy->momentOf;
        }
        $edited->document->words = [...$all, $copy];

        return Json::text($copy, 'id');
    }
}
