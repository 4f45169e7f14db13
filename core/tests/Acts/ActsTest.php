<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Acts;

use Lupine\Core\Acts\Acts;
use Lupine\Core\Acts\AddedChart;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Setting;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;
use PHPUnit\Framework\TestCase;

/** What acts make of documents; rules of this house. Each document that comes of one is read again by core. */
final class ActsTest extends TestCase
{
    public function testEveryTimeKeepsItsSecondsAtAnotherRateAndFindsItsWayBack(): void
    {
        $before = self::demo();
        $chart = $before->charts[0];
        $chart->drift = (object) ['across' => 14, 'down' => 8, 'turn' => 0, 'every' => 192];
        $chart->finish->glows = [(object) ['reach' => 9, 'opacity' => 1, 'breath' => 1, 'every' => 72]];
        $chart->entrance->curve = (object) ['settle' => (object) ['past' => 0.1, 'back' => 10]];
        $chart->run = (object) ['begin' => 30, 'frames' => 240, 'curve' => 'linear', 'between' => 'straight',
            'places' => 14, 'pins' => []];
        // A whole number may be written with a point.
        $before->moves[0]->frames = (float) $before->moves[0]->frames;
        $double = self::do('change-rate', ['rate' => [60, 1]], $before);
        self::assertSame(2 * (int) $before->moves[0]->frames, $double->moves[0]->frames);
        $frames = 0;
        $after = self::times($double);
        foreach (self::times($before) as $where => $count) {
            self::assertSame(2 * $count, $after[$where], $where);
            ++$frames;
        }
        self::assertGreaterThan(40, $frames);
        self::assertSame(384, $double->charts[0]->drift->every);
        self::assertSame(20, $double->charts[0]->entrance->curve->settle->back);
        self::assertEquals($before, self::do('change-rate', ['rate' => [30, 1]], $double));
        $film = self::do('change-rate', ['rate' => [24, 1]], $before);
        foreach ($before->script->lines as $at => $line) {
            self::assertSame((int) round($line->end * 24 / 30), $film->script->lines[$at]->end);
        }
        self::assertSame($before->script->recordings[0]->heard[0]->words[0]->at, $film->script->recordings[0]->heard[0]
            ->words[0]->at, 'a recording knows no frames');
    }

    public function testOneChartIsTakenBackAndAllElseStays(): void
    {
        $then = self::demo();
        $chart = $then->charts[0];
        $with = ['chart' => $chart, 'table' => $then->tables[0], 'moves' => array_values(array_filter(
            $then->moves,
            static fn (\stdClass $move): bool => ($move->target->chart ?? '') === $chart->id,
        ))];
        $now = self::demo();
        $now->title = 'Renamed';
        $now->charts[0]->form->kind = 'pie';
        $now->tables[0]->rows[0]->cells[0] = '1';
        $now->moves = [];
        $back = self::do('take-back-chart', $with, $now);
        self::assertEquals($then->charts, $back->charts);
        self::assertEquals($then->tables, $back->tables);
        self::assertSame('Renamed', $back->title);
        self::assertCount(count($with['moves']), $back->moves);

        // Figures that another chart shows now are left to it.
        $now->charts[] = (object) [...(array) Json::copy($now->charts[0]), 'id' => 'other'];
        $back = self::do('take-back-chart', $with, $now);
        self::assertSame('1', $back->tables[0]->rows[0]->cells[0]);
        self::assertSame($back->tables[1]->id, $back->charts[0]->table);
        self::assertSame('512', $back->tables[1]->rows[0]->cells[0]);
        self::assertSame($back->tables[0]->id, $back->charts[1]->table);

        // One that was removed since comes again; what its moves hung on is let go where it is gone.
        $now->charts = [];
        $now->script->lines = [];
        self::assertEquals([$chart->id], array_column(self::do('take-back-chart', $with, $now)->charts, 'id'));
    }

    public function testAPartIsSetAndAllOthersGiveInProportion(): void
    {
        $before = self::demo();
        $after = self::do('set-figure', ['chart' => 'chart1', 'figure' => 'r1', 'value' => 624], $before);
        $cells = array_map(static fn (\stdClass $row): string => $row->cells[0], $after->tables[0]->rows);
        // 736 become 624: 287, 199, 150 and 100, each by 624/736, rounded so that the whole stays 1,248.
        self::assertSame(['624', '243', '169', '127', '85'], $cells);
        self::assertSame($before->tables[0]->rows[1]->cells[1], $after->tables[0]->rows[1]->cells[1]);
        $before->tables[0]->rows[0]->cells[0] = '50 %';
        $before->tables[0]->rows[1]->cells[0] = '50.0 %';
        $before->tables[0]->rows = array_slice($before->tables[0]->rows, 0, 2);
        $after = self::do('set-figure', ['chart' => 'chart1', 'figure' => 'r1', 'value' => 12.5], $before);
        self::assertSame(['12.5 %', '87.5 %'], array_map(
            static fn (\stdClass $row): string => $row->cells[0],
            $after->tables[0]->rows,
        ));
        $this->expectExceptionMessage('The others have not so much to give.');
        self::do('set-figure', ['chart' => 'chart1', 'figure' => 'r1', 'value' => 101], $before);
    }

    public function testCoatsMovesAndLinesGoFromOnePieceToAnother(): void
    {
        $coats = ['lupine' => 'coats', 'own' => ['shadows' => [['reach' => 30, 'opacity' => 0.5]]]];
        $before = self::demo();
        $fills = $before->charts[0]->finish->fills ?? null;
        $onto = ['chart' => null, 'figure' => null];
        $after = self::do('paste', [...$coats, ...$onto], $before);
        self::assertSame(30, (int) $after->charts[0]->finish->shadows[0]->reach);
        self::assertEquals($fills, $after->charts[0]->finish->fills ?? null, 'others stay');
        $after = self::do('paste', [...$coats, 'chart' => 'chart1', 'figure' => 'r2'], $before);
        self::assertSame(30, (int) $after->charts[0]->own->r2->shadows[0]->reach);
        $after = self::do('paste', [...$coats, ...$onto, 'text' => 'title'], $before);
        self::assertSame(30, (int) $after->words[0]->shadows[0]->reach);

        $shot = (object) ['id' => 's', 'kind' => 'shot', 'target' => (object) ['camera' => true], 'begin' => 100,
            'pin' => null, 'frames' => 30, 'curve' => 'ease-in-out', 'opens' => 'forward',
            'shot' => (object) ['zoom' => 2, 'on' => (object) ['chart' => 'elsewhere'], 'x' => 0, 'y' => 0]];
        $later = Json::copy($shot);
        [$later->id, $later->begin] = ['t', 160];
        $shots = ['lupine' => 'moves', 'moves' => [$shot, $later], 'begin' => 240];
        $after = self::do('paste', [...$shots, ...$onto], $before);
        $shots = array_slice($after->moves, -2);
        self::assertSame([240, 300], [$shots[0]->begin, $shots[1]->begin]);
        self::assertNull($shots[0]->shot->on, 'what it looked at is not here');

        $entrance = (object) ['id' => 'e', 'kind' => 'entrance', 'begin' => 30, 'pin' => null, 'frames' => 12,
            'target' => (object) ['chart' => 'chart1', 'figure' => 'r1'], 'curve' => 'linear', 'opens' => 'forward'];
        $moves = ['lupine' => 'moves', 'moves' => [$entrance], 'begin' => 77];
        $after = self::do('paste', [...$moves, 'chart' => 'chart1', 'figure' => 'r3'], $before);
        $again = self::do('paste', [...$moves, 'begin' => 90, 'chart' => 'chart1', 'figure' => 'r3'], $after);
        $those = array_values(array_filter(
            $again->moves,
            static fn (\stdClass $move): bool => $move->kind === 'entrance' && ($move->target->figure ?? '') === 'r3',
        ));
        self::assertSame([90], array_column($those, 'begin'), 'a part comes once');
        $follow = (object) ['move' => end($after->moves)->id, 'how' => 'with', 'offset' => 0];
        $after->moves[] = (object) [...(array) Json::copy($entrance), 'id' => 'with', 'kind' => 'exit',
            'follow' => $follow];
        [$again, [$new]] = self::doing('paste', [...$moves, 'chart' => 'chart1', 'figure' => 'r3'], $after);
        self::assertSame($new, array_column($again->moves, null, 'id')['with']->follow->move, 'it follows the new one');
        $slower = self::do('paste', [...$moves, 'rate' => 15, 'chart' => 'chart1', 'figure' => 'r3'], $before);
        self::assertSame(24, end($slower->moves)->frames, 'twelve frames of fifteen a second');
        $entrance->target->figure = 'r99';
        self::refused('paste', [...$moves, ...$onto], 'Select a part to paste them onto.');
        $entrance->target->chart = 'elsewhere';
        self::refused('paste', [...$moves, ...$onto], 'Select a chart to paste them onto.');

        $first = $before->script->lines[0];
        $lines = ['lupine' => 'lines', 'lines' => [$first], 'begin' => $first->begin];
        [$after, [$made]] = self::doing('paste', [...$lines, ...$onto], $before);
        $line = array_column($after->script->lines, null, 'id')[$made];
        self::assertSame([$first->text, $first->end - $first->begin], [$line->text, $line->end - $line->begin]);
        foreach ($after->script->lines as $other) {
            self::assertTrue($other === $line || $other->end <= $line->begin || $other->begin >= $line->end);
        }
    }

    public function testAllChartsBecomeAsOneIsAndKeepWhatIsTheirs(): void
    {
        $piece = self::demo();
        $other = Json::copy($piece->charts[0]);
        [$other->id, $other->form->radius, $other->form->hole] = ['other', 100, 0.2];
        $other->words->reading->decimals = 0;
        $other->words->legend->x = 1;
        $other->entrance->begin = 77;
        $piece->charts[] = $other;
        $piece->charts[0]->form->hole = 0.44;
        $piece->charts[0]->finish->colours = 'one';
        $like = static fn (string $face): \stdClass => self::do(
            'same-in-others',
            ['chart' => 'chart1', 'face' => $face],
            $piece,
        )->charts[1];
        self::assertSame(0.44, $like('form')->form->hole);
        self::assertSame('one', $like('finish')->finish->colours);
        $words = $like('words')->words;
        self::assertSame($piece->charts[0]->words->reading->decimals, $words->reading->decimals);
        self::assertSame(1, $words->legend->x, 'where it stands stays');
        self::assertSame(77, $like('motion')->entrance->begin, 'when it comes stays');
        $piece->charts[1]->form->kind = 'pie';
        $this->expectExceptionMessage('No other chart has this form.');
        $like('form');
    }

    public function testWhatIsSaidGoesAlongWithTheForm(): void
    {
        $demo = self::demo();
        $to = static fn (string $form, \stdClass $from): \stdClass => self::do(
            'change-form',
            ['chart' => 'chart1', 'form' => ['kind' => $form]],
            $from,
        );
        // Parts of a whole become amounts: percentages values, the legend names at the bars.
        $bars = $to('bars', $demo)->charts[0];
        self::assertSame(['value', ''], [$bars->words->reading->of, $bars->words->reading->suffix]);
        self::assertNull($bars->words->legend);
        self::assertSame($demo->charts[0]->words->legend->size, $bars->words->names->size);
        self::assertSame('beside', $bars->words->labels->show);
        self::assertEquals($demo->charts[0]->words->centre, $bars->words->centre, 'for the way back');
        self::assertSame($demo->charts[0]->form->hole, $bars->form->hole, 'for the way back');
        self::assertNotSame('one', $bars->entrance->order);
        // And back again.
        $donut = $to('donut', $to('bars', $demo))->charts[0];
        self::assertSame(['share', '%'], [$donut->words->reading->of, $donut->words->reading->suffix]);
        self::assertNotNull($donut->words->legend);
        self::assertNull($donut->words->names ?? null);
        // Figures that are percentages stay so.
        $percent = self::demo();
        foreach ($percent->tables[0]->rows as $at => $row) {
            $row->cells[0] = ['41 %', '23 %', '16 %', '12 %', '8 %'][$at];
        }
        self::assertSame('%', $to('columns', $percent)->charts[0]->words->reading->suffix);
        // What was told otherwise by hand stays.
        $own = self::demo();
        $own->charts[0]->words->reading->of = 'value';
        $own->charts[0]->words->reading->suffix = ' things';
        self::assertSame(' things', $to('columns', $own)->charts[0]->words->reading->suffix);
        self::assertSame('after', $to('line', $demo)->charts[0]->entrance->order);
    }

    public function testAllIsFittedIntoAnotherLength(): void
    {
        $before = self::demo();
        $before->charts[0]->run = (object) ['begin' => 30, 'frames' => 240, 'between' => 'straight', 'places' => 14,
            'pins' => []];
        $before->moves[] = (object) ['id' => 'late', 'kind' => 'exit', 'target' => (object) ['words' => 'title'],
            'begin' => 540, 'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward'];
        $silent = Json::copy($before);
        $silent->script->recording = null;
        $half = self::do('fit-length', ['frames' => intdiv($before->stage->frames, 2)], $silent);
        self::assertSame(intdiv($before->stage->frames, 2), $half->stage->frames);
        self::assertSame([15, 120, 7], [$half->charts[0]->run->begin, $half->charts[0]->run->frames,
            $half->charts[0]->run->places]);
        self::assertSame((int) round($before->script->lines[1]->begin / 2), $half->script->lines[1]->begin);
        self::assertSame([270, 10], [end($half->moves)->begin, end($half->moves)->frames]);

        // A recording keeps its pace; what is said stays with its words, and the end gives way.
        $recording = $before->script->recordings[0];
        $said = (int) ceil(($recording->to - $recording->from) * 30 / 1000);
        $frames = $recording->begin + $said + 6;
        $short = self::do('fit-length', ['frames' => $frames], $before);
        self::assertSame($frames, $short->stage->frames);
        $by = $short->script->recordings[0]->begin - $recording->begin;
        foreach ($before->script->lines as $at => $line) {
            self::assertSame($line->end - $line->begin, $short->script->lines[$at]->end - $short->script->lines[$at]
                ->begin);
            self::assertSame($line->begin + $by, $short->script->lines[$at]->begin);
        }
        self::assertLessThan(540, end($short->moves)->begin);
        self::assertEquals($recording->heard, $short->script->recordings[0]->heard);
        // Longer: the recording stays as it is, and there is more around it.
        $long = self::do('fit-length', ['frames' => 2 * $before->stage->frames], $before);
        self::assertGreaterThan(540, end($long->moves)->begin);
        // One that begins after the end of the piece is in nobody's way.
        $late = Json::copy($before);
        $late->script->recordings[0]->begin = $late->stage->frames + 90;
        foreach ($late->script->lines as $line) {
            $line->begin += $late->stage->frames + 90;
            $line->end += $late->stage->frames + 90;
        }
        self::assertSame(300, self::do('fit-length', ['frames' => 300], $late)->stage->frames);
        $this->expectExceptionMessage('and the piece cannot be shorter than that. Shorten its pauses or trim it first.');
        self::do('fit-length', ['frames' => 300], $before);
    }

    public function testARecordingIsPutTogetherAnewAndAllFollowsWhatIsSaid(): void
    {
        $before = self::demo();
        $before->moves[] = (object) ['id' => 'late', 'kind' => 'exit', 'target' => (object) ['words' => 'title'],
            'begin' => 540, 'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward'];
        $sound = str_repeat('ab', 32);
        $said = static fn (\stdClass $document): array => array_merge(...array_map(
            static fn (\stdClass $line): array => array_map(
                static fn (\stdClass $word): array => [$word->text, $word->at],
                $line->words,
            ),
            $document->script->recordings[0]->heard,
        ));
        $words = $said($before);
        [$second] = $before->script->recordings[0]->heard[1]->words;
        $cut = $second->at - 500;
        $whole = $before->script->recordings[0]->length;
        // A part of the pause before the second line go, and 600 ms of silence come before the last word.
        $end = end($words)[1] - 40;
        $after = self::do('splice-recording', ['sound' => $sound, 'length' => $whole + 200, 'parts' => [
            ['from' => 0, 'length' => $cut],
            ['from' => $cut + 400, 'length' => $end - $cut - 400],
            ['length' => 600],
            ['from' => $end, 'length' => $whole - $end],
        ]], $before);
        $recording = $after->script->recordings[0];
        self::assertSame([$sound, 0.0], [$recording->sound, (float) $recording->from]);
        self::assertCount(count($words), $said($after));
        foreach ($said($after) as $place => [$text, $at]) {
            [$known, $was] = $words[$place];
            self::assertSame($known, $text);
            $by = $was < $cut ? 0.0 : ($was < $end ? -400.0 : 200.0);
            self::assertEqualsWithDelta($was + $by, $at, 0.11, $text);
        }
        // Lines are laid anew; what is pinned keeps its pin, and what is not keeps its distance to what is said.
        self::assertSame($before->script->lines[1]->begin - 12, $after->script->lines[1]->begin);
        self::assertEquals($before->moves[0]->pin, $after->moves[0]->pin);
        self::assertSame(546, end($after->moves)->begin);
        self::assertSame($before->stage->frames + 6, $after->stage->frames);
        // A take of the second line takes its words along, and the line’s own are gone.
        $take = self::do('splice-recording', ['sound' => $sound, 'length' => 9000, 'parts' => [
            ['from' => 0, 'length' => $cut],
            ['length' => 2000, 'heard' => ['line' => $before->script->lines[1]->id, 'words' => [
                ['text' => 'Four', 'at' => 100, 'end' => 400, 'sure' => 1],
            ]]],
        ]], $before);
        $lines = array_column($take->script->recordings[0]->heard, 'words', 'line');
        self::assertSame([$cut + 100], array_column($lines[$before->script->lines[1]->id], 'at'));
        self::assertSame(2, count($lines), 'what was cut out is said no more');
    }

    public function testEachPartGetsAPatternOrATextureThatNoOtherHas(): void
    {
        $document = self::demo();
        $rows = array_map(static fn (\stdClass $row): string => $row->id, $document->tables[0]->rows);
        foreach (['patterns', 'textures'] as $coat) {
            $after = self::do('each-its-own', ['chart' => $document->charts[0]->id, 'coat' => $coat], $document);
            $own = array_map(
                static fn (string $id): string => (string) json_encode($after->charts[0]->own->{$id}->{$coat}),
                $rows,
            );
            self::assertSame($own, array_values(array_unique($own)), $coat);
        }
    }

    public function testTimecodeDropsFramesOnlyAtRatesThatCan(): void
    {
        $document = self::demo();
        $document->stage->rate = [30_000, 1001];
        $document->stage->dropFrame = true;
        self::assertTrue(self::do('change-rate', ['rate' => [60_000, 1001]], $document)->stage->dropFrame);
        self::assertFalse(self::do('change-rate', ['rate' => [25, 1]], $document)->stage->dropFrame);
    }

    public function testLinesThatAreSplitAndJoinedTakePinsAndTimesAlong(): void
    {
        $document = self::said();
        [$split, [$second]] = self::doing('split-line', ['line' => 'l1', 'word' => 1], $document);
        self::assertSame([['Four', 30, 36], ['in ten', 36, 60], ['Lamps too', 90, 120]], self::lines($split));
        self::assertEquals((object) ['line' => $second, 'word' => 1, 'offset' => 3], $split->moves[0]->pin);
        self::assertSame([1200, 1300], array_column($split->script->recordings[0]->heard[1]->words, 'at'));
        $joined = self::do('join-line', ['line' => 'l1'], $split);
        self::assertEquals($document->moves, $joined->moves);
        self::assertEquals($document->script, $joined->script);

        // A comma or a capital changes no word.
        $document->script->lines[0]->text = 'four, In ten';
        $split = self::do('split-line', ['line' => 'l1', 'word' => 1], $document);
        $heard = $split->script->recordings[0]->heard;
        self::assertSame([1, 2, 1], array_map(static fn (\stdClass $line): int => count($line->words), $heard));

        self::refused('split-line', ['line' => 'l1', 'word' => 3], 'has 3 words');
        self::refused('join-line', ['line' => 'l2'], 'no line after it');
        self::refused('split-line', ['line' => 'gone', 'word' => 1], 'no line “gone”');
    }

    public function testWhatWasPinnedToALineStaysWhereItIsWhenTheLineGoes(): void
    {
        $document = self::said();
        $document->moves[1] = clone $document->moves[0];
        $document->moves[1]->id = 'm2';
        $document->moves[1]->kind = 'exit';
        $document->moves[1]->pin = (object) ['line' => 'l2', 'word' => null, 'offset' => -5];
        $chart = $document->charts[0];
        $chart->run = (object) ['begin' => 30, 'frames' => 240, 'curve' => 'linear', 'between' => 'straight',
            'places' => 14, 'pins' => [
                (object) ['column' => $chart->column, 'frame' => 0, 'pin' => (object) ['line' => 'l1', 'word' => 0,
                    'offset' => 0]],
            ]];
        $after = self::do('remove-line', ['line' => 'l1'], $document);
        // “ten” is said at 1.3 s of the recording.
        self::assertSame([null, 42], [$after->moves[0]->pin, $after->moves[0]->begin]);
        self::assertEquals($document->moves[1]->pin, $after->moves[1]->pin);
        $moment = $after->charts[0]->run->pins[0];
        self::assertSame([null, 30], [$moment->pin, $moment->frame]);
        self::assertSame(['l2'], array_column($after->script->recordings[0]->heard, 'line'));
    }

    public function testAScriptThatIsTakenKeepsPinsAndTimesAndOffersKinForWordsThatAreGone(): void
    {
        $document = self::said();
        $with = ['text' => "Nearly four in twelve.\nLamps too.", 'name' => ''];
        $kin = self::do('take-script', $with, $document);
        self::assertEquals((object) ['line' => 'l1', 'word' => 3, 'offset' => 3], $kin->moves[0]->pin);
        self::assertSame([30, 60, 90, 120], [
            $kin->script->lines[0]->begin, $kin->script->lines[0]->end,
            $kin->script->lines[1]->begin, $kin->script->lines[1]->end,
        ], 'a text brings no times');
        $none = self::do('take-script', [...$with, 'instead' => ['l1:2' => 'none']], $document);
        self::assertSame([null, 42], [$none->moves[0]->pin, $none->moves[0]->begin]);

        $subtitles = "1\n00:00:01,000 --> 00:00:02,000\nFour in ten\n\n2\n00:00:03,000 --> 00:00:04,000\nLamps too\n";
        $timed = self::do('take-script', ['text' => $subtitles, 'name' => 'reading.srt'], $document);
        self::assertSame([['Four in ten', 30, 60], ['Lamps too', 90, 120]], self::lines($timed));
    }

    public function testARecordingThatDepartsFromItsScriptIsTakenOrLeft(): void
    {
        $document = self::said();
        foreach ([1, 2] as $word) {
            $heard = $document->script->recordings[0]->heard[0]->words[$word];
            [$heard->unsaid, $heard->sure] = [true, 0.2];
        }
        $unsaid = ['kind' => 'unsaid', 'line' => 'l1', 'from' => 1, 'index' => null];
        $out = self::do('take-departure', $unsaid, $document);
        self::assertSame(['Four', 'Lamps too'], array_column(self::lines($out), 0));
        self::assertNull($out->moves[0]->pin);
        $left = self::do('leave-departure', $unsaid, $document);
        self::assertSame([0.9, 1, 1], array_column($left->script->recordings[0]->heard[0]->words, 'sure'));
        self::refused('take-departure', $unsaid, 'does not depart', $out);

        $document = self::said();
        $speech = ['at' => 1200, 'end' => 1466, 'line' => 'l1', 'word' => 1, 'again' => 'Four'];
        $document->script->recordings[0]->unwritten = [(object) $speech];
        $again = ['kind' => 'again', 'line' => 'l1', 'from' => 1, 'index' => 0];
        [$in, [$added]] = self::doing('take-departure', $again, $document);
        self::assertSame(
            [['Four', 30, 36], ['Four', 36, 43], ['in ten', 43, 60], ['Lamps too', 90, 120]],
            self::lines($in),
        );
        self::assertSame($added, $in->script->lines[1]->id);
        self::assertSame([], $in->script->recordings[0]->unwritten);
        $left = self::do('leave-departure', $again, $document);
        self::assertTrue($left->script->recordings[0]->unwritten[0]->left);
    }

    public function testChartsAreAddedCopiedAndRemovedWithAllThatHangsOnThem(): void
    {
        $document = self::demo();
        $first = $document->charts[0];
        $own = self::movesOf($document, $first->id);
        [$two, [$copy]] = self::doing('copy-chart', ['chart' => $first->id], $document);
        self::assertCount(count($own), self::movesOf($two, $copy));
        self::assertCount(count(array_unique(array_column($two->moves, 'id'))), $two->moves);
        self::assertSame($first->id, $two->charts[0]->id);
        self::assertSame($copy, $two->charts[1]->id, 'it stands before what it was made of');

        $place = (object) ['x' => 4, 'y' => 5, 'size' => 1];
        $two->words[0]->pointsAt = (object) ['chart' => $copy, 'figure' => 'r1'];
        $two->charts[0]->axisOf = null;
        $two->charts[0]->entrance->with = $copy;
        $two->shapes[0]->own = (object) [$copy => $place, 'legend-'.$copy => $place];
        $one = self::do('remove-things', ['charts' => [$copy], 'words' => []], $two);
        self::assertSame([], self::movesOf($one, $copy));
        self::assertCount(count($own), self::movesOf($one, $first->id));
        self::assertNull($one->words[0]->pointsAt);
        self::assertObjectNotHasProperty('with', $one->charts[0]->entrance);
        self::assertEquals(new \stdClass(), $one->shapes[0]->own);
        self::assertCount(count($document->tables), $one->tables, 'another chart still shows it');

        $words = $document->words[0]->id;
        $document->moves[] = (object) ['id' => 'm99', 'kind' => 'entrance', 'target' => (object) ['words' => $words],
            'begin' => 0, 'pin' => null, 'frames' => 10, 'curve' => 'linear', 'opens' => 'forward'];
        $none = self::do('remove-things', ['charts' => [], 'words' => [$words]], $document);
        self::assertNotContains('m99', array_column($none->moves, 'id'));
        self::assertCount(count($document->words) - 1, $none->words);

        $piece = Piece::fromDocument($document, Forms::shipped());
        $chart = [...(array) Json::copy($first), 'id' => 'chart9'];
        $table = $piece->tables[0]->toDocument();
        [$added] = Acts::doOne(new AddedChart($chart, $table), $document, $piece, Forms::shipped());
        self::assertCount(count($document->tables), $added->tables);
        $entrance = end($added->charts)->entrance;
        self::assertSame([$first->id, 'together'], [$entrance->with, $entrance->joins], 'they come in by one order');
    }

    public function testWhatIsPastedBringsAllThatItNeedsAndNothingElse(): void
    {
        $from = self::said();
        $chart = $from->charts[0];
        $things = ['lupine' => 'things', 'charts' => [$chart], 'words' => [], 'tables' => $from->tables,
            'moves' => self::movesOf($from, $chart->id)];
        $other = self::json('demo/starters/columns.json');
        [$pasted, [$made]] = self::doing('paste', $things, $other);
        self::assertNotSame($other->charts[0]->id, $made);
        $copy = $pasted->charts[1];
        $table = array_values(array_filter($pasted->tables, static fn ($one): bool => $one->id === $copy->table))[0];
        self::assertEquals($from->tables[0]->rows, $table->rows);
        self::assertSame([null], array_map(
            static fn (\stdClass $move): mixed => $move->pin,
            self::movesOf($pasted, $made),
        ), 'it begins on its frame');
        [$same] = self::doing('paste', $things, $from);
        self::assertCount(count($from->tables), $same->tables, 'within a piece the table is shared');

        [$chart->group, $from->words[0]->group] = ['Left half', 'Left half'];
        [$grouped, $made] = self::doing('paste', [...$things, 'words' => [$from->words[0]]], $from);
        $groups = array_column([...$grouped->charts, ...$grouped->words], 'group', 'id');
        self::assertSame(['Left half 2', 'Left half 2'], [$groups[$made[0]], $groups[$made[1]]]);
        [$alone, [$made]] = self::doing('paste', $things, $from);
        self::assertNull(array_column($alone->charts, 'group', 'id')[$made] ?? null, 'one is no group');

        $chart->own = (object) [
            'r1' => (object) ['out' => 30, 'label' => (object) ['size' => 1.5, 'text' => 'Kettles']],
            'r4' => (object) ['off' => true, 'label' => (object) ['text' => 'Wheels']],
        ];
        $from->moves[] = (object) [...(array) Json::copy($from->moves[0]), 'id' => 'm50',
            'target' => (object) ['chart' => $chart->id, 'figure' => 'r1', 'part' => 'label']];
        $own = array_values(array_filter(
            self::movesOf($from, $chart->id),
            static fn (\stdClass $move): bool => ($move->target->figure ?? '') === 'r1',
        ));
        $part = ['lupine' => 'part', 'own' => $chart->own->r1, 'moves' => $own];
        $after = self::do('paste', [...$part, 'chart' => $chart->id, 'figure' => 'r4'], $from);
        self::assertEquals(
            (object) ['out' => 30, 'off' => true, 'label' => (object) ['size' => 1.5, 'text' => 'Wheels']],
            $after->charts[0]->own->r4,
        );
        $targets = array_values(array_filter(
            array_column($after->moves, 'target'),
            static fn (\stdClass $target): bool => ($target->figure ?? '') === 'r4',
        ));
        self::assertContains('label', array_map(static fn ($target): string => $target->part ?? '', $targets));
        self::assertCount(count($own), $targets);

        self::refused('paste', $part, 'Select a part first');
        self::refused('paste', ['lupine' => 'things'], 'no chart, no text and no panel');
        self::refused('paste', ['lupine' => 'finish', 'finish' => (object) ['gap' => 'wide']], 'charts.0.finish');
        self::refused('paste', ['lupine' => 'things', 'charts' => [(object) ['id' => 'c9']]], 'charts.1');
        self::refused('dissolve', [], 'There is no act “dissolve”');
    }

    /** References as OpenFormula writes them (ODF 1.2, part 2, 5.8), and 5.12 for those whose cell is gone. */
    public function testFormulasGoOnToAskForTheSameCells(): void
    {
        $sheet = self::sheet();
        $cells = static fn (\stdClass $document): array => array_column($document->tables[0]->rows, 'cells', 'id');
        $last = self::do('move-row', ['table' => 't1', 'row' => 'r1', 'by' => 9], $sheet);
        self::assertSame(['r2', 'r3', 'r1'], array_column($last->tables[0]->rows, 'id'));
        self::assertSame(['=[.B4]+[.$B$2]', '=SUM([.B4:.B3])'], $cells($last)['r3']);
        self::assertSame('=SUM(B4:B2)', $last->tables[0]->whole);

        [$wider, [$column]] = self::doing('add-column', ['table' => 't1', 'after' => 'c1'], $sheet);
        self::assertSame(['c1', $column, 'c2'], array_column($wider->tables[0]->columns, 'id'));
        self::assertSame(['=[.B2]+[.$B$3]', '', '=SUM([.B2:.B4])'], $cells($wider)['r3']);
        self::assertEquals($sheet, self::do('remove-column', ['table' => 't1', 'column' => $column], $wider));
        self::refused('remove-column', ['table' => 't1', 'column' => 'c1'], 'A chart shows this column', $sheet);
        $change = (object) ['id' => 'm1', 'kind' => 'change', 'target' => (object) ['chart' => $sheet->charts[0]->id],
            'begin' => 60, 'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward',
            'property' => 'column', 'to' => 'c2'];
        $changing = clone $sheet;
        $changing->moves = [$change];
        self::refused('remove-column', ['table' => 't1', 'column' => 'c2'], 'changes to this column', $changing);
        self::refused('remove-column', ['table' => 't1', 'column' => 'c9'], 'no column “c9”', $sheet);

        [$longer, $made] = self::doing('add-rows', [
            'table' => 't1', 'at' => 1, 'labels' => ['New', 'Newer'], 'cells' => [['5'], []],
        ], $sheet);
        self::assertSame(['r1', ...$made, 'r2', 'r3'], array_column($longer->tables[0]->rows, 'id'));
        self::assertSame(['r4', 'r5'], $made);
        self::assertSame(['5', ''], $cells($longer)[$made[0]]);
        self::assertSame(['=[.B2]+[.$B$5]', '=SUM([.B2:.B6])'], $cells($longer)['r3']);
        self::assertEquals($sheet, self::do('remove-rows', ['table' => 't1', 'rows' => $made], $longer));

        $gone = self::do('remove-rows', ['table' => 't1', 'rows' => ['r1']], $sheet);
        self::assertSame(['=#REF!+[.$B$2]', '=SUM([.B2:.B3])'], $cells($gone)['r3']);
    }

    public function testRowsGoWithAllThatWasSaidOfThemAndTheLastStays(): void
    {
        $document = self::said();
        $document->charts[0]->own = (object) ['r3' => (object) ['out' => 20], 'r2' => (object) ['out' => 10]];
        $table = $document->tables[0];
        $shot = (object) ['on' => (object) ['chart' => $document->charts[0]->id, 'figure' => 'r3'], 'zoom' => 2];
        $document->moves[] = (object) ['id' => 'm90', 'kind' => 'shot', 'target' => (object) ['camera' => true],
            'begin' => 60, 'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward', 'shot' => $shot];
        $after = self::do('remove-rows', ['table' => $table->id, 'rows' => ['r3', 'r1']], $document);
        self::assertObjectNotHasProperty('figure', end($after->moves)->shot->on, 'it shows the chart then');
        self::assertEquals((object) ['r2' => (object) ['out' => 10]], $after->charts[0]->own);
        self::assertNotContains('r3', array_column($after->tables[0]->rows, 'id'));
        $figures = array_map(static fn (\stdClass $move): mixed => $move->target->figure ?? null, $after->moves);
        self::assertSame([], array_intersect(['r1', 'r3'], $figures));
        $all = array_column($table->rows, 'id');
        self::refused('remove-rows', ['table' => $table->id, 'rows' => $all], 'at least one row', $document);
        self::refused('remove-rows', ['table' => 't9', 'rows' => ['r1']], 'no table “t9”', $document);
    }

    public function testRowsAreSortedByTheirLabelsAndByWhatTheirFormulasComeTo(): void
    {
        $sheet = self::sheet();
        $sort = static fn (?string $column, bool $descending): array => array_column(
            self::do('sort-rows', ['table' => 't1', 'column' => $column, 'descending' => $descending], $sheet)
                ->tables[0]->rows,
            'id',
        );
        self::assertSame(['r3', 'r2', 'r1'], $sort(null, true));
        self::assertSame(['r3', 'r2', 'r1'], $sort('c1', true), '1 + 2 is the largest');
        self::refused('sort-rows', ['table' => 't1', 'column' => 'c9', 'descending' => true], 'no column “c9”', $sheet);
    }

    /** Three rows and two columns, the last row of formulas. */
    private static function sheet(): \stdClass
    {
        $document = self::json('demo/starters/columns.json');
        $document->moves = [];
        $document->charts = [$document->charts[0]];
        $document->charts[0]->own = new \stdClass();
        $document->charts[0]->table = 't1';
        $document->charts[0]->column = 'c1';
        $document->tables = [(object) [
            'id' => 't1', 'name' => 'What', 'timeColumn' => null, 'whole' => '=SUM(B2:B3)',
            'columns' => [(object) ['id' => 'c1', 'name' => ''], (object) ['id' => 'c2', 'name' => '']],
            'rows' => [
                (object) ['id' => 'r1', 'label' => 'A', 'cells' => ['1', '']],
                (object) ['id' => 'r2', 'label' => 'B', 'cells' => ['2', '']],
                (object) ['id' => 'r3', 'label' => 'C', 'cells' => ['=[.B2]+[.$B$3]', '=SUM([.B2:.B4])']],
            ],
        ]];

        return $document;
    }

    /** @param array<string, mixed> $with */
    private static function refused(string $name, array $with, string $message, ?\stdClass $document = null): void
    {
        try {
            self::do($name, $with, $document ?? self::said());
            self::fail($name.' was done.');
        } catch (BadPiece $reason) {
            self::assertStringContainsString($message, $reason->getMessage());
        }
    }

    /** @param array<string, mixed> $with */
    private static function do(string $name, array $with, \stdClass $document): \stdClass
    {
        return self::doing($name, $with, $document)[0];
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array{\stdClass, list<string>}
     */
    private static function doing(string $name, array $with, \stdClass $document): array
    {
        $was = json_encode($document);
        $forms = Forms::shipped();
        $with = Field::root(json_decode((string) json_encode((object) $with)));
        $done = Acts::do($name, $with, $document, Piece::fromDocument($document, $forms), $forms);
        self::assertSame($was, json_encode($document), 'what was given stays as it is');

        return $done;
    }

    /** @return array<string, int> all that counts frames, by where it stands */
    private static function times(\stdClass $document): array
    {
        $times = [];
        Group::of(Piece::class)->map(
            Json::copy($document),
            static function (Setting $setting, mixed $value) use (&$times): mixed {
                $isTime = $setting instanceof Whole && $setting->unit === Unit::Frames;
                if ($isTime && (is_int($value) || is_float($value))) {
                    $times[count($times).' '.$setting->label] = (int) $value;
                }

                return $value;
            },
        );

        return $times;
    }

    /** @return list<array{string, int, int}> */
    private static function lines(\stdClass $document): array
    {
        return array_map(
            static fn (\stdClass $line): array => [$line->text, $line->begin, $line->end],
            $document->script->lines,
        );
    }

    /** @return list<\stdClass> */
    private static function movesOf(\stdClass $document, string $chart): array
    {
        return array_values(array_filter(
            $document->moves,
            static fn (\stdClass $move): bool => ($move->target->chart ?? null) === $chart,
        ));
    }

    private static function demo(): \stdClass
    {
        return self::json('demo/the-mending-room.json');
    }

    /** The demo with two lines that are heard, and one move that hangs on a word of the first. */
    private static function said(): \stdClass
    {
        $document = self::demo();
        $word = static fn (string $text, int $at, int $end, float|int $sure): \stdClass => (object) [
            'text' => $text, 'at' => $at, 'end' => $end, 'sure' => $sure,
        ];
        $document->script = (object) [
            'lines' => [
                (object) ['id' => 'l1', 'text' => 'Four in ten', 'begin' => 30, 'end' => 60],
                (object) ['id' => 'l2', 'text' => 'Lamps too', 'begin' => 90, 'end' => 120],
            ],
            'recordings' => [(object) [
                'id' => 'reading1', 'name' => 'A reading', 'sound' => str_repeat('a', 64), 'length' => 8000,
                'begin' => 0, 'from' => 0, 'to' => 8000, 'level' => 1, 'scratch' => null, 'heard' => [
                    (object) ['line' => 'l1', 'words' => [
                        $word('Four', 1000, 1200, 0.9), $word('in', 1200, 1300, 0.2), $word('ten', 1300, 1600, 1),
                    ]],
                    (object) ['line' => 'l2', 'words' => [$word('Lamps', 3000, 3400, 1)]],
                ],
            ]],
            'recording' => 'reading1',
        ];
        $document->moves = array_slice(array_values(array_filter(
            $document->moves,
            static fn (\stdClass $move): bool => ($move->target->figure ?? '') === 'r1',
        )), 0, 1);
        $document->moves[0]->pin = (object) ['line' => 'l1', 'word' => 2, 'offset' => 3];

        return $document;
    }

    private static function json(string $path): \stdClass
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/../../../'.$path));
        self::assertInstanceOf(\stdClass::class, $document);

        return $document;
    }
}
