<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class PieceApiTest extends TestCase
{
    public function testAPastedTableBecomesAPieceOnTheShelf(): void
    {
        $piece = $this->postJson('/api/pieces', [
            'text' => "Kettles\t3\nLamps\t5",
            'form' => 'pie',
        ])->assertCreated();
        $this->assertSame('pie', $piece->json('document.charts.0.form.kind'));

        $shelf = $this->getJson('/api/pieces')->assertOk();
        $this->assertSame($piece->json('id'), $shelf->json('pieces.0.id'));
        $this->assertSame('00:00:08:00', $shelf->json('pieces.0.length'));
        $this->assertNotNull($shelf->json('pieces.0.reel'));
        $this->assertCount(2, $shelf->json('pieces.0.stems'));
    }

    public function testTheDeskOpensWithOneAnswerThatThePageAsksForFirst(): void
    {
        $id = $this->begin();
        $page = (string) $this->get("/pieces/$id")->assertOk()->getContent();
        $this->assertSame(1, preg_match('#<link rel="preload" as="fetch" crossorigin href="([^"]+)">#', $page, $found));
        $opened = $this->getJson($found[1])->assertOk();
        $document = $this->getJson("/api/pieces/$id")->json('document');
        $this->assertSame($document, $opened->json('piece.document'));
        $computed = $this->postJson('/api/compute', ['document' => $document, 'inHurry' => true]);
        $this->assertSame($computed->json('reel'), $opened->json('computed.reel'));
        $this->assertSame($computed->json('sheet'), $opened->json('computed.sheet'));
        $coming = array_map(
            static fn (array $figure): int => $figure['entrance']['begin'] + $figure['entrance']['frames'],
            $opened->json('computed.sheet.charts.chart1.figures'),
        );
        $last = $opened->json('piece.document.stage.frames') - 1;
        $this->assertSame(min($last, max($coming)), $opened->json('computed.sheet.finished'), 'all have come there');

        $this->assertStringNotContainsString('as="fetch"', (string) $this->get('/')->getContent());
        $this->getJson('/api/pieces/01h00000000000000000000000/desk')->assertNotFound();
    }

    public function testTwoTabsCannotOverwriteEachOtherSilently(): void
    {
        $id = $this->begin();
        $mine = self::small();
        $mine['title'] = 'Mine';
        $this->save($id, $mine, 1)->assertOk()->assertHeader('ETag', '"2"');
        $theirs = [...$mine, 'title' => 'Theirs'];

        $refused = $this->save($id, $theirs, 1)->assertStatus(412);
        $this->assertSame('Mine', $refused->json('piece.document.title'));
        $this->assertSame('Mine', $this->getJson("/api/pieces/$id")->json('document.title'));
        $this->save($id, $theirs, 2)->assertOk();
    }

    public function testWhatOneActOfTheHandChangedIsOneStep(): void
    {
        $id = $this->begin();
        $typed = [['7', 'typing'], ['77', 'typing'], ['777', 'typing'], ['other', 'switch'], ['last', null]];
        foreach ($typed as $version => [$title, $act]) {
            $body = ['document' => [...self::small(), 'title' => $title], 'act' => $act];
            $this->putJson("/api/pieces/$id", $body, ['If-Match' => '"'.($version + 1).'"'])->assertOk();
        }
        $titles = [];
        for ($version = 6; $version < 9; ++$version) {
            $answer = $this->postJson("/api/pieces/$id/undo", [], ['If-Match' => '"'.$version.'"']);
            $titles[] = $answer->json('document.title');
        }
        $this->assertSame(['other', '777', self::small()['title']], $titles);
    }

    public function testUndoWalksBackAndARepeatWalksOn(): void
    {
        $id = $this->begin();
        foreach (['One', 'Two', 'Three'] as $version => $title) {
            $this->save($id, [...self::small(), 'title' => $title], $version + 1)->assertOk();
        }
        $version = 4;
        $walk = function (string $which, ?int $steps = null) use ($id, &$version): TestResponse {
            $body = $steps === null ? [] : ['steps' => $steps];
            $answer = $this->postJson("/api/pieces/$id/$which", $body, ['If-Match' => '"'.$version.'"']);
            $version = $answer->json('version') ?? $version;

            return $answer;
        };
        $this->assertSame('Two', $walk('undo')->json('document.title'));
        $this->assertSame('One', $walk('undo')->json('document.title'));
        $this->assertSame('Two', $walk('redo')->json('document.title'));
        $changed = $this->save($id, [...self::small(), 'title' => 'Four'], $version++)->assertOk();
        $this->assertFalse($changed->json('canRedo'));
        $this->assertNull($changed->json('document'), 'whoever saves has the document');
        $this->assertSame('Two', $walk('undo')->json('document.title'));
        // Several steps at once; where there are fewer, as far as there are any.
        $this->assertSame('Four', $walk('redo', 1)->json('document.title'));
        $this->assertSame('One', $walk('undo', 2)->json('document.title'));
        $this->assertSame('Four', $walk('redo', 400)->json('document.title'));
        $this->assertSame(self::small()['title'], $walk('undo', 12)->json('document.title'));
        $walk('undo')->assertStatus(409);
        $walk('redo', 0)->assertStatus(422);
    }

    public function testATitleThatNobodySaidIsMarkedAsGuessed(): void
    {
        $titleOf = fn (array $body): array => $this->getJson(
            '/api/pieces/'.$this->postJson('/api/pieces', $body)->assertCreated()->json('id'),
        )->json('document.words.0');
        $guessed = $titleOf(['text' => "Kind\tKept\nKettles\t3\nLamps\t5"]);
        $this->assertSame(['Kind', true], [$guessed['text'], $guessed['guessed']]);
        $written = $titleOf(['text' => "What came in\t\n\t\nKind\tKept\nKettles\t3\nLamps\t5"]);
        $this->assertSame('What came in', $written['text']);
        $this->assertArrayNotHasKey('guessed', $written);
    }

    public function testWhatIsDeletedCanBePutBack(): void
    {
        $id = $this->begin();
        $this->deleteJson("/api/pieces/$id")->assertOk();
        $this->getJson("/api/pieces/$id")
            ->assertNotFound()
            ->assertJsonPath(
                'message',
                'This is no longer here. It may have been deleted; check the shelf.',
            );
        $this->postJson("/api/pieces/$id/restore")->assertOk();
        $copy = $this->postJson("/api/pieces/$id/duplicate")->assertCreated();
        $this->assertSame('Mended or not copy', $copy->json('document.title'));
        $this->assertCount(2, $this->getJson('/api/pieces')->json('pieces'));
    }

    public function testADocumentComesBackAsItWent(): void
    {
        $text = (string) file_get_contents(__DIR__.'/../../demo/the-mending-room.json');
        $id = $this->call(
            'POST',
            '/api/pieces',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            '{"document":'.$text.'}',
        )
            ->assertCreated()
            ->json('id');

        // Empty objects stay objects, and texts keep their spaces.
        $this->assertEquals(
            json_decode($text),
            json_decode((string) $this->getJson("/api/pieces/$id")->getContent())->document,
        );
    }

    public function testABadDocumentIsRefusedWithItsPlace(): void
    {
        $document = self::small();
        $document['charts'][0]['form']['hole'] = 3;
        $this->postJson('/api/pieces', ['document' => $document])
            ->assertUnprocessable()
            ->assertJsonPath('where', 'charts.0.form.hole');
        $this->postJson('/api/pieces', ['text' => 'no figures here'])->assertUnprocessable();
        $this->postJson('/api/pieces', ['document' => 'text'])->assertUnprocessable();
        $this->postJson('/api/compute', ['document' => $document])->assertUnprocessable();
    }

    public function testImpossibleFiguresAreKeptAndTold(): void
    {
        $document = self::demo();
        $document['tables'][0]['rows'][1]['cells'][0] = '-4';
        $id = $this->postJson('/api/pieces', ['document' => $document])
            ->assertCreated()
            ->json('id');

        $computed = $this->postJson('/api/compute', ['document' => $document])->assertOk();
        $this->assertNull($computed->json('reel'));
        $this->assertSame('r2', $computed->json('problems.0.rowId'));
        $this->assertNotEmpty($computed->json('sheet.lines.line1'));
        $this->assertSame('-4', $this->getJson("/api/pieces/$id")->json('document.tables.0.rows.1.cells.0'));
        $this->postJson("/api/pieces/$id/hand-offs")->assertUnprocessable();
        $this->assertStringContainsString(
            'cannot be negative',
            $this->getJson('/api/pieces')->json('pieces.0.problem'),
        );
    }

    public function testWhatIsTooLargeIsRefused(): void
    {
        $this->postJson('/api/figures/read', ['text' => str_repeat("a\t1\n", 400_000)])
            ->assertUnprocessable()
            ->assertJsonFragment(['where' => 'the table']);
        $document = self::small();
        $document['captions'] = str_repeat('x', 4_100_000);
        $this->postJson('/api/compute', ['document' => $document])->assertStatus(413);
    }

    /** The server decides: by what moves for how long, not by the length of the piece. */
    public function testALargePieceComesAroundThePlayhead(): void
    {
        $document = self::demo();
        $document['stage']['frames'] = 6000;
        $this->assertSame(5999, $this->postJson('/api/compute', ['document' => $document])->json('reel.to'));

        $document['moves'] = [];
        $document['charts'][0]['entrance'] = [
            ...$document['charts'][0]['entrance'],
            'begin' => 0,
            'frames' => 6000,
        ];
        $document['charts'][0]['entrance']['order'] = 'together';
        $near = $this->postJson('/api/compute', ['document' => $document, 'frame' => 200])->assertOk();
        $this->assertSame([110, 380], [$near->json('reel.from'), $near->json('reel.to')]);
        $this->assertSame([], $near->json('problems'));
    }

    public function testMoreThanCanBeFilmedIsSaidBeforeAnythingIsDrawn(): void
    {
        $document = self::wide(200, 18_000);
        $began = microtime(true);
        $near = $this->postJson('/api/compute', ['document' => $document, 'frame' => 9000])->assertOk();
        $this->assertSame(['too-much'], array_column($near->json('problems'), 'code'));
        $this->assertLessThan(15_000 / 200 + 2, $near->json('reel.to') - $near->json('reel.from'));
        $id = $this->postJson('/api/pieces', ['document' => $document])
            ->assertCreated()
            ->json('id');
        foreach (["/api/pieces/$id/hand-offs", '/api/compute/proof'] as $path) {
            $refused = $this->postJson($path, ['document' => $document])->assertUnprocessable();
            $this->assertStringContainsString('3,600,000', $refused->json('message'));
        }
        $this->assertLessThan(256e6, memory_get_peak_usage());
        $this->assertLessThan(20, microtime(true) - $began);
    }

    public function testNumbersAndTablesAreRead(): void
    {
        $this->postJson('/api/numbers/read', ['text' => '1.5s', 'unit' => 'frames', 'rate' => [25, 1]])
            ->assertOk()
            ->assertJson(['value' => 38]);
        $this->postJson('/api/numbers/read', ['text' => 'x', 'unit' => 'frames'])->assertUnprocessable();
        $read = $this->postJson('/api/figures/read', ['text' => "a\t60 %\nb\t43 %"])->assertOk();
        $this->assertSame('over-whole', $read->json('problems.0.code'));
        $repairs = array_column($read->json('problems.0.repairs'), 'cells', 'label');
        $this->assertSame(['r1' => '57 %'], $repairs['Subtract it from the largest']);
        $lone = $this->postJson('/api/figures/read', ['text' => '65'])->assertOk();
        $this->assertSame(['100', 'The rest'], [
            $lone->json('problems.0.repairs.0.whole'),
            $lone->json('problems.0.repairs.0.rest'),
        ]);
        $of = $this->postJson('/api/figures/read', ['text' => "65\nrest", 'whole' => '80'])->assertOk();
        $this->assertSame('18.8 %', $of->json('figures.1.shareText'));
    }

    public function testTheSameSaveTwiceIsOnce(): void
    {
        $id = $this->begin();
        $put = fn (string $title, int $version, string $save): TestResponse => $this->putJson(
            "/api/pieces/$id",
            ['document' => [...self::small(), 'title' => $title], 'act' => 'a1', 'save' => $save],
            ['If-Match' => '"'.$version.'"'],
        );
        $put('Once', 1, 's1')->assertOk()->assertJsonPath('version', 2);
        // Its answer was lost, so it comes again, on the version that it was made on.
        $put('Once', 1, 's1')->assertOk()->assertJsonPath('version', 2);
        $put('Twice', 2, 's2')->assertOk()->assertJsonPath('version', 3);
        $put('Another tab', 2, 's3')->assertStatus(412)->assertJsonPath('piece.save', 's2');
        // It still comes again after more was saved; what is changed next is changed on an old version.
        $this->save($id, [...self::small(), 'title' => 'Elsewhere'], 3)->assertOk();
        $put('Twice', 2, 's2')->assertOk()->assertJsonPath('version', 3);
        $put('Lost', 3, 's4')->assertStatus(412);
        $this->getJson("/api/pieces/$id")->assertJsonPath('document.title', 'Elsewhere')->assertJsonPath('version', 4);
    }

    /** @return array<string, mixed> a piece in which so many rows move all the time */
    private static function wide(int $rows, int $frames): array
    {
        $document = self::small();
        $document['stage'] = [
            'width' => 1920,
            'height' => 1080,
            'rate' => [30, 1],
            'dropFrame' => false,
            'frames' => $frames,
        ];
        $row = static fn (int $number): array => [
            'id' => "r$number",
            'label' => "Kind $number",
            'cells' => [(string) $number],
        ];
        $document['tables'][0]['rows'] = array_map($row, range(1, $rows));
        $document['charts'][0]['entrance'] = ['begin' => 0, 'frames' => $frames, 'order' => 'together'];
        $document['moves'] = [];
        $document['script']['lines'] = [];

        return $document;
    }

    /** Forms with pictures of the figures at hand; those that cannot show them say why, and which could. */
    public function testFormsAreOfferedWithPicturesAndReasons(): void
    {
        $made = $this->postJson('/api/pieces', [
            'text' => "a\t4\nb\t-3",
            'form' => 'columns',
        ])->assertCreated();
        $forms = array_column(
            $this->postJson('/api/forms', ['document' => $made->json('document'), 'chart' => 'chart1'])
                ->assertOk()
                ->json('forms'),
            null,
            'name',
        );

        self::assertSame(
            ['bars', 'columns', 'line', 'area'],
            array_keys(array_filter($forms, static fn (array $one): bool => $one['fits'])),
        );
        self::assertStringContainsString('cannot be negative', $forms['pie']['reason']);
        self::assertCount(2, $forms['bars']['picture']);
        self::assertSame('bars', $forms['bars']['settings']['kind']);
        $this->postJson('/api/forms', [
            'document' => $made->json('document'),
            'chart' => 'other',
        ])->assertUnprocessable();
        $names = array_column(
            $this->getJson('/api/forms/donut/properties')->assertOk()->json('chart'),
            'name',
        );
        self::assertContains('form.hole', $names);
        self::assertContains('column', $names);
        $this->getJson('/api/forms/cake/properties')->assertUnprocessable();
    }

    public function testStartersBecomePieces(): void
    {
        $starters = $this->getJson('/api/starters')->assertOk()->json('starters');
        self::assertCount(count(glob(base_path('demo/starters/*.json')) ?: []), $starters);
        foreach ($starters as $starter) {
            self::assertNotNull($starter['reel']);
            $made = $this->postJson('/api/pieces', ['starter' => $starter['name']])->assertCreated();
            self::assertSame($starter['form'], $made->json('document.charts.0.form.kind'));
        }
        $this->postJson('/api/pieces', ['starter' => 'cake'])->assertUnprocessable();
    }

    public function testWhatIsCostlyIsAskedForSoOftenInAMinute(): void
    {
        config(['lupine.costly_a_minute' => 3]);
        $id = $this->begin(self::small());
        $lay = fn () => $this->postJson('/api/script/lay', ['document' => self::small()]);
        for ($time = 0; $time < 3; ++$time) {
            $this->assertNotSame(429, $lay()->status());
        }
        $refused = $lay()->assertStatus(429)->assertHeader('Retry-After');
        $this->assertStringContainsString('Wait a few seconds', (string) $refused->json('message'));
        $this->getJson("/api/pieces/$id")->assertOk();
    }
}
