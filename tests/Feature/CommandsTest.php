<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class CommandsTest extends TestCase
{
    public function testATableBecomesAPieceAPictureAndAProof(): void
    {
        file_put_contents($this->folder.'/kinds.csv', "kind;things\nSmall appliances;512\n\"Lamps; lights\";287\n");
        $this->works('lupine:new', [
            'table' => $this->folder.'/kinds.csv',
            '--out' => $this->folder.'/p.json',
            '--set' => ['form.gap=8', 'stage.frames=90', 'charts.0.own.r1={"out":20}', 'title=Kinds'],
        ]);
        $piece = json_decode((string) file_get_contents($this->folder.'/p.json'), true);
        $this->assertSame(
            [8, 90, 20, 'Kinds'],
            [
                $piece['charts'][0]['form']['gap'],
                $piece['stage']['frames'],
                $piece['charts'][0]['own']['r1']['out'],
                $piece['title'],
            ],
        );

        // What the desk calls none is none here, too.
        $this->works('lupine:new', [
            'table' => $this->folder.'/kinds.csv',
            '--out' => $this->folder.'/none.json',
            '--set' => [
                'finish.glows=[{"reach":26,"opacity":0.5}]',
                'finish.glows.0.reach=40',
                'charts.0.drift=none',
                'charts.0.words.labels.show=none',
            ],
        ]);
        $none = json_decode((string) file_get_contents($this->folder.'/none.json'), true);
        $chart = $none['charts'][0];
        $this->assertSame([null, 'none'], [$chart['drift'] ?? null, $chart['words']['labels']['show']]);
        $this->assertSame([['reach' => 40, 'opacity' => 0.5]], $chart['finish']['glows']);

        // Of a spreadsheet the first sheet that has figures.
        $this->works('lupine:new', [
            'table' => base_path('tests/Fixtures/tables/exceljs.xlsx'),
            '--out' => $this->folder.'/book.json',
        ]);
        $book = json_decode((string) file_get_contents($this->folder.'/book.json'), true);
        $this->assertSame(['2022', '2023'], array_column($book['tables'][0]['columns'], 'name'));

        // All of it in another length: what took a third of it still does.
        $this->works('lupine:fit', [
            'piece' => $this->folder.'/p.json',
            'length' => '0:06',
            '--out' => $this->folder.'/fitted.json',
        ]);
        $fitted = json_decode((string) file_get_contents($this->folder.'/fitted.json'), true);
        $this->assertSame(180, $fitted['stage']['frames']);
        $this->assertSame(
            2 * $piece['charts'][0]['entrance']['frames'],
            $fitted['charts'][0]['entrance']['frames'],
        );

        foreach (['svg' => '0:02:00', 'png' => 'last'] as $kind => $at) {
            $this->works('lupine:draw', [
                'piece' => $this->folder.'/p.json',
                'out' => "{$this->folder}/p.{$kind}",
                '--at' => $at,
            ]);
        }
        $this->assertCount(
            2,
            (new \SimpleXMLElement((string) file_get_contents($this->folder.'/p.svg')))->xpath('//*[@data-figure]') ?:
            [],
        );
        $this->assertSame([1920, 1080], array_slice((array) getimagesize($this->folder.'/p.png'), 0, 2));
        $proof = json_decode(
            $this->works('lupine:proof', ['piece' => $this->folder.'/p.json', '--json' => true]),
            true,
        );
        $this->assertTrue($proof['exact']);
        $this->assertSame(
            90,
            json_decode($this->works('lupine:reel', ['piece' => $this->folder.'/p.json']), true)['frames'],
        );
    }

    /**
     * Source: vega-datasets, real tables from many publishers. Each is either drawn exactly or refused with a reason.
     */
    public function testRealTablesAreDrawnExactlyOrRefusedWithAReason(): void
    {
        $drawn = 0;
        $refused = [];
        foreach (glob(base_path('node_modules/vega-datasets/data/*.{csv,tsv}'), GLOB_BRACE) ?: [] as $file) {
            $status = Artisan::call('lupine:new', ['table' => $file, '--out' => $this->folder.'/v.json']);
            $said = trim(Artisan::output());
            if ($status !== 0) {
                $this->assertSame(2, $status, basename($file).': '.$said);
                $this->assertGreaterThan(20, strlen($said));
                $refused[] = basename($file).': '.$said;
                continue;
            }
            $status = Artisan::call('lupine:proof', ['piece' => $this->folder.'/v.json', '--json' => true]);
            $answer = Artisan::output();
            if ($status === 2) {
                $this->assertStringContainsString('row', $answer, basename($file));
            } else {
                $this->assertSame(0, $status, basename($file).': '.substr($answer, 0, 400));
                ++$drawn;
            }
        }
        $this->assertGreaterThan(2, $drawn, implode("\n", $refused));
    }

    /** @return iterable<string, array{string, array<string, mixed>, int, string}> */
    public static function wrong(): iterable
    {
        $demo = __DIR__.'/../../demo/mended-or-not.json';
        yield 'no such file' => ['lupine:proof', ['piece' => 'nowhere.json'], 2, 'nowhere.json'];
        $two = __DIR__.'/../fixtures/two.csv';
        foreach ([
            'form.gapp=6' => 'There is no setting “charts.0.form.gapp”. Did you mean “charts.0.form.gap”?',
            'finish.Glows=[]' => 'Did you mean “charts.0.finish.glows”?',
            'finish.glows.0.wide=3' => 'There is no setting “charts.0.finish.glows.0.wide”.',
            'stage.heigth=1080' => 'Did you mean “stage.height”?',
            'form.courses=3' => 'There is no setting “charts.0.form.courses”. There are: ',
            'kettles=3' => 'There is no setting “kettles”. There are: ',
        ] as $setting => $said) {
            yield 'no such setting, '.$setting => ['lupine:new', ['table' => $two, '--set' => [$setting]], 2, $said];
        }
        yield 'no such form' => ['lupine:new', ['table' => $demo, '--form' => 'cake'], 2, 'pie, donut'];
        yield 'no such place' => [
            'lupine:new',
            ['table' => __DIR__.'/../fixtures/two.csv', '--set' => ['charts.4.form.gap=1']],
            2,
            'charts.4',
        ];
        yield 'a value out of range' => [
            'lupine:new',
            ['table' => __DIR__.'/../fixtures/two.csv', '--set' => ['stage.width=99999']],
            2,
            'stage.width',
        ];
        yield 'a frame after the end' => [
            'lupine:draw',
            ['piece' => $demo, 'out' => 'x.svg', '--at' => '240'],
            2,
            'last frame is 239',
        ];
        yield 'less than the recording takes' => [
            'lupine:fit',
            ['piece' => __DIR__.'/../../demo/the-mending-room.json', 'length' => '12s'],
            2,
            'length: The recording takes 17.1 seconds',
        ];
        yield 'no length' => ['lupine:fit', ['piece' => $demo, 'length' => 'long'], 2, '“long” is not a number'];
        yield 'a picture of another kind' => ['lupine:draw', ['piece' => $demo, 'out' => 'x.gif'], 2, '.svg or .png'];
        yield 'a folder that is not there' => [
            'lupine:film',
            ['piece' => $demo, 'out' => '/nowhere/at/all.mp4'],
            2,
            'cannot be written',
        ];
    }

    /** @param array<string, mixed> $arguments */
    #[DataProvider('wrong')]
    public function testSaysWhatIsWrong(string $command, array $arguments, int $status, string $message): void
    {
        $this->assertSame($status, Artisan::call($command, $arguments));
        $this->assertStringContainsString($message, Artisan::output());
    }

    public function testTheDemoComesOnceAndIsExact(): void
    {
        $this->works('lupine:demo');
        $shelf = $this->getJson('/api/pieces')->json('pieces');
        $this->assertSame(
            ['The Mending Room', 'Mended or not', 'Weight kept from the tip'],
            array_column($shelf, 'title'),
        );
        foreach ($shelf as $piece) {
            $document = $this->getJson('/api/pieces/'.$piece['id'])->json('document');
            $this->assertSame('exact', $this->postJson('/api/compute/proof', ['document' => $document])->json('word'));
            $this->deleteJson('/api/pieces/'.$piece['id']);
        }
        $this->works('lupine:demo');
        $this->assertSame([], $this->getJson('/api/pieces')->json('pieces'), 'what was deleted does not come back');
    }

    /** @param array<string, mixed> $arguments */
    private function works(string $command, array $arguments = []): string
    {
        $status = Artisan::call($command, $arguments);
        $said = Artisan::output();
        $this->assertSame(0, $status, $said);

        return $said;
    }
}
