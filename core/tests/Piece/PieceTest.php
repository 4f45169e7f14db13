<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Piece;

use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Upgrade;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PieceTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'not a number' => [['charts.0.form.radius' => 'wide'], 'charts.0.form.radius', 'number'];
        yield 'out of range' => [['charts.0.form.hole' => 1.2], 'charts.0.form.hole', 'from 0 to 0.98'];
        yield 'too long' => [['stage.frames' => 18_001], 'stage.frames', '18000'];
        yield 'odd size' => [['stage.width' => 1919], 'stage', 'odd'];
        yield 'too many pixels' => [['stage.width' => 3840, 'stage.height' => 3840], 'stage', '3840 × 2160'];
        yield 'a rate that cannot be' => [['stage.rate' => [120, 1]], 'stage.rate', '1 to 60'];
        yield 'drop-frame at 30' => [['stage.dropFrame' => true], 'stage.dropFrame', '29.97'];
        yield 'a chart without its table' => [['charts.0.table' => 'gone'], 'charts', 'no table'];
        yield 'a line that ends before it begins' => [
            ['script.lines' => [['id' => 'a', 'text' => '', 'begin' => 5, 'end' => 5]]],
            'script.lines.0.end',
            'not after',
        ];
        yield 'a newer format' => [['lupine' => 6], 'lupine', 'newer'];
        yield 'no colour' => [['backdrop.colour' => 'green'], 'backdrop.colour', '#2f6b52'];
        yield 'two rows with one id' => [['tables.0.rows.1.id' => 'r1'], 'tables', 'r1'];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('wrong')]
    public function testSaysWhatIsWrongAndWhere(array $changes, string $where, string $message): void
    {
        try {
            Sample::piece(changes: $changes);
            self::fail('It was taken.');
        } catch (BadPiece $reason) {
            self::assertStringStartsWith($where, $reason->where);
            self::assertStringContainsString($message, $reason->getMessage());
        }
    }

    /** What a group says is settled by what else it says, whatever documents from elsewhere leave out. */
    public function testWhatIsLeftOutFollowsFromTheRest(): void
    {
        $piece = Sample::piece(changes: [
            'charts.0.entrance.manner' => 'bend',
            'charts.0.entrance.order' => 'after',
            'charts.0.own' => ['r1' => ['label' => ['x' => 12]], 'r2' => ['glows' => [], 'label' => ['size' => 2]]],
            'charts.0.finish.shadows' => [['reach' => 20, 'opacity' => 0.5, 'colour' => null]],
            'charts.0.finish.glows' => [['reach' => 20, 'opacity' => 0.5]],
            'charts.0.words.reading' => ['of' => 'share'],
        ]);
        [$chart] = $piece->charts;
        self::assertSame('together', $chart->entrance?->order, 'a chart that bends comes as a whole');
        self::assertSame([12.0, 0.0], [$chart->own('r1')->label?->x, $chart->own('r1')->label?->y]);
        self::assertNull($chart->own('r2')->label?->x);
        self::assertSame('#000000', $chart->finish->coats->shadows[0]->colour);
        self::assertSame('%', $chart->words->reading->suffix);
        self::assertEquals($chart->finish->coats->glows, $chart->coatsOf('r1')->glows);
        self::assertSame([], $chart->coatsOf('r2')->glows);
    }

    public function testRefusesWhatIsNoPiece(): void
    {
        foreach (['{', '[]', '"text"', '{"title":"x"}'] as $json) {
            try {
                Piece::fromJson($json, \Lupine\Core\Form\Forms::shipped());
                self::fail($json.' was taken.');
            } catch (BadPiece $reason) {
                self::assertNotSame('', $reason->getMessage());
            }
        }
    }

    /** A piece that an older Lupine wrote still opens, and shows the same picture. */
    public function testAPieceOfVersion1IsReadAsItWas(): void
    {
        $old = (string) file_get_contents(__DIR__.'/version-1.json');
        $forms = \Lupine\Core\Form\Forms::shipped();
        $now = (string) file_get_contents(__DIR__.'/version-2.json');
        $reel = static fn (string $text): array => Sample::reel(Sample::draw(Piece::fromJson($text, $forms)));

        self::assertSame($reel($now), $reel($old));

        // Parts laid out counterclockwise opened clockwise: against the direction in which they are laid out.
        $turned = json_decode($old);
        $turned->charts[0]->form->direction = 'counterclockwise';
        $upgraded = Upgrade::of($turned);
        self::assertSame(Piece::VERSION, $upgraded->lupine);
        self::assertSame('backward', $upgraded->charts[0]->entrance->opens);
        foreach ($upgraded->moves as $move) {
            self::assertSame(isset($move->target->chart) ? 'backward' : 'forward', $move->opens);
        }
        self::assertSame(1, $turned->lupine, 'what was given stays as it is');
    }

    /** A finish was one of each kind; now it is coats. */
    public function testTheFinishOfAPieceOfVersion3BecomesCoats(): void
    {
        $old = (string) file_get_contents(__DIR__.'/version-3.json');
        $before = json_decode($old)->charts[0];
        $piece = Piece::fromJson($old, \Lupine\Core\Form\Forms::shipped());
        $coats = $piece->charts[0]->finish->coats;
        self::assertSame($before->finish->fill === 'gradient' ? 'shaded' : 'flat', $coats->ground()->kind);
        [$line] = $coats->lines;
        self::assertSame([4.0, 12.0, '#ffffff'], [$line->width, $line->dash, $line->ink->colour]);
        [$edge] = $coats->edges;
        self::assertSame([220.0, 96, '#ffffff'], [$edge->length, $edge->round, $edge->ink->colour]);
        $own = $piece->charts[0]->coatsOf('r2');
        self::assertSame('#aa3344', $piece->charts[0]->own('r2')->colour);
        self::assertSame([[], [], []], [$own->glows, $own->lines, $own->edges], 'none is an empty list');
        self::assertSame('dots', $own->patterns[0]->kind);
        self::assertEquals($coats->shadows, $own->shadows, 'what it had as the chart has it, it still has');
    }

    /** A plate behind labels was a colour. */
    public function testThePlateOfAPieceOfVersion4BecomesAGroup(): void
    {
        $document = Sample::document();
        $document['lupine'] = 4;
        $document['charts'][0]['words']['labels']['plate'] = '#112233';
        $piece = Piece::fromDocument($document, \Lupine\Core\Form\Forms::shipped());
        $plate = $piece->charts[0]->words->labels->style->plate;
        self::assertSame(['#112233', 0.4], [$plate?->colour, $plate?->padding]);
    }

    public function testTimesOfAPieceOfVersion2BecomeFramesAndMilliseconds(): void
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/version-2.json'));
        $document->stage->rate = [30_000, 1001];
        $chart = $document->charts[0];
        $glow = ['reach' => 20, 'opacity' => 0.5, 'colour' => null];
        $chart->finish->glow = (object) [...$glow, 'breath' => 1, 'every' => 2];
        $lit = ['width' => 4, 'place' => 'inside', 'colour' => '#ffffff', 'opacity' => 1, 'light' => 90, 'dash' => 0,
            'gap' => 14, 'caps' => 'round'];
        $chart->finish->stroke = (object) [...$lit, 'round' => -1.5];
        $chart->own = (object) ['r1' => (object) [
            'glow' => (object) ['reach' => 9, 'opacity' => 1, 'colour' => null, 'every' => 0.01],
            'stroke' => (object) [...$lit, 'round' => 0],
        ]];
        $chart->drift = (object) ['across' => 14, 'down' => 8, 'turn' => 0, 'every' => 8];
        $document->words[0]->drift = (object) ['across' => 0, 'down' => 8, 'turn' => 0, 'every' => 300];
        $document->script->recordings = [
            (object) ['id' => 'r1', 'name' => '', 'sound' => null, 'seconds' => 17.0995, 'begin' => 0, 'from' => 0,
                'level' => 1, 'scratch' => null, 'heard' => []],
        ];
        $piece = Piece::fromJson((string) json_encode($document), \Lupine\Core\Form\Forms::shipped());
        [$chart] = $piece->charts;
        self::assertSame([60, -45], [$chart->finish->coats->glows[0]->every, $chart->finish->coats->edges[0]->round]);
        $own = $chart->coatsOf('r1');
        self::assertSame([2, []], [$own->glows[0]->every, $own->edges], 'a light that stood still was none');
        self::assertSame([240, 8991], [$chart->drift?->every, $piece->words[0]->drift?->every]);
        $recording = $piece->narration->recordings[0];
        self::assertSame([17_099.5, 17_099.5], [$recording->length, $recording->to]);
    }
}
