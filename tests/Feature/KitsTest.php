<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Fonts\FontStore;
use App\Models\Font;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Testing\TestResponse;
use Lupine\Core\Kit\Kit;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Kits are tried, taken, kept, changed, exported, brought in and removed; palettes are read, kept and put in order. */
final class KitsTest extends TestCase
{
    private const PARTS = ['colours', 'type', 'backdrop', 'finish', 'layout', 'motion'];

    public function testAKitIsTriedAndNothingIsTaken(): void
    {
        $kits = $this->getJson('/api/kits')->assertOk()->json('kits');
        self::assertSame(
            ['lamplight', 'ledger', 'print-shop', 'enamel', 'chalk', 'glass', 'signal', 'cloth'],
            array_column($kits, 'id'),
        );
        $document = $this->newPiece();
        $tried = $this->postJson('/api/kits/cloth/tried', [
            'document' => $document, 'frame' => 120, 'shape' => null, 'parts' => self::PARTS, 'lettingGo' => false,
        ])->assertOk()->json();
        self::assertSame([120, 120], [$tried['reel']['from'], $tried['reel']['to']]);
        self::assertSame('cloth', $tried['document']['kit']['id']);
        self::assertSame([], $tried['changes']);
        // What is not as the kit has it is said of the piece that took it.
        $taken = $tried['document'];
        $taken['words'][0]['size'] = 44;
        $taken['backdrop']['vignette'] = 0.9;
        $again = $this->postJson('/api/kits/cloth/tried', [
            'document' => $taken, 'frame' => 0, 'shape' => 'upright', 'parts' => ['type'], 'lettingGo' => false,
        ]);
        $again->assertUnprocessable();
        self::assertStringContainsString('not made in a shape “upright”', (string) $again->json('message'));
        $changes = $this->postJson('/api/kits/cloth/tried', [
            'document' => $taken, 'frame' => 0, 'shape' => null, 'parts' => ['type'], 'lettingGo' => false,
        ])->json('changes');
        self::assertSame(['Backdrop: vignette', 'Title: size'], $changes);
        $this->postJson('/api/kits/gone/tried', [
            'document' => $document, 'frame' => 0, 'shape' => null, 'parts' => ['type'], 'lettingGo' => false,
        ])->assertUnprocessable()->assertJsonFragment(['where' => 'kit']);
    }

    public function testALookIsKeptChangedAndRemoved(): void
    {
        $document = $this->inKit('chalk');
        $kept = $this->postJson('/api/kits', ['document' => $document, 'name' => 'House'])->assertCreated()->json();
        self::assertSame([false, 1, 'House'], [$kept['isShipped'], $kept['revision'], $kept['name']]);
        $document['backdrop']['colour'] = '#101010';
        $changed = $this->postJson('/api/kits', ['document' => $document, 'name' => 'House', 'kit' => $kept['id']]);
        self::assertSame([$kept['id'], 2], [$changed->json('id'), $changed->json('revision')]);
        self::assertSame('#101010', $changed->json('document.backdrop.colour'));
        $this->postJson('/api/kits', ['document' => $document, 'name' => 'Mine', 'kit' => 'chalk'])
            ->assertUnprocessable()->assertJsonFragment(['where' => 'kit']);
        $this->putJson('/api/kits/default', ['kit' => $kept['id']])->assertOk()->assertJson(['default' => $kept['id']]);
        $begun = $this->postJson('/api/pieces', ['text' => "A\t1\nB\t2", 'form' => 'donut'])->assertCreated()->json();
        self::assertSame('#101010', $begun['document']['backdrop']['colour'], 'new pieces begin in the house style');
        self::assertSame($kept['id'], $begun['document']['kit']['id']);
        $this->deleteJson('/api/kits/'.$kept['id'])->assertOk();
        $this->getJson('/api/kits')->assertJson(['default' => null])->assertJsonCount(8, 'kits');
        $this->postJson('/api/kits/kept', ['kit' => $kept['document']])->assertCreated();
        $this->getJson('/api/kits')->assertJsonCount(9, 'kits');
    }

    /** There and back: pictures among it, and the same look on a piece. */
    public function testAKitIsAFileThereAndBack(): void
    {
        $picture = $this->send(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20"><circle cx="20" cy="10" r="9"/></svg>',
            '/api/pictures?name=cloth',
        )->assertCreated()->json();
        $document = $this->inKit('glass');
        $document['pictures'] = [['id' => 'pic1', 'name' => 'cloth', ...$picture]];
        $document['charts'][0]['finish']['fills'] = [['kind' => 'picture', 'picture' => 'pic1']];
        $kept = $this->postJson('/api/kits', ['document' => $document, 'name' => 'With a picture'])->json();
        // Under a name that no other picture of another piece can have.
        $name = $kept['document']['pictures'][0]['id'];
        self::assertSame('picture-'.substr((string) $picture['file'], 0, 24), $name);
        self::assertSame($name, $kept['document']['marks']['fills'][0]['picture']);
        $file = $this->get('/api/kits/'.$kept['id'].'/file')->assertOk();
        $named = (string) $file->headers->get('Content-Disposition');
        self::assertStringContainsString('with-a-picture.lupinekit.zip', $named);
        $bytes = (string) $file->getContent();
        foreach (glob($this->folder.'/app/pictures/*') ?: [] as $path) {
            unlink($path);
        }
        $back = $this->send($bytes)->assertCreated()->json();
        self::assertNotSame($kept['id'], $back['id']);
        self::assertEquals($kept['document'], $back['document']);
        $this->get('/api/pictures/'.$back['document']['pictures'][0]['file'])->assertOk();
    }

    /** @return iterable<string, array{array<string, string>, string}> what is in the archive, and what is said */
    public static function broken(): iterable
    {
        yield 'no kit in it' => [['readme.txt' => 'hello'], 'has no kit.json'];
        yield 'no JSON' => [['kit.json' => '{"lupineKit": 1'], 'is not JSON'];
        yield 'a piece' => [['kit.json' => '{"lupine": 5}'], 'not a kit of Lupine'];
        yield 'a newer one' => [['kit.json' => '{"lupineKit": 2}'], 'newer Lupine'];
        yield 'too large' => [['kit.json' => '"'.str_repeat('a', 2_100_000).'"'], 'too large'];
        $many = array_fill_keys(array_map(static fn (int $number): string => $number.'.txt', range(1, 70)), 'a');
        yield 'too many files' => [$many, 'holds more than a kit does'];
        $picture = '{"id": "p", "name": "cloth", "file": "'.str_repeat('a', 64).'", "width": 1, "height": 1}';
        yield 'a picture that is not there' => [
            ['kit.json' => '{"lupineKit": 1, "name": "A", "ground": "dark", "pictures": ['.$picture.']}'],
            'misses the picture “cloth”',
        ];
    }

    /** @param array<string, string> $files */
    #[DataProvider('broken')]
    public function testABrokenFileIsRefusedInWords(array $files, string $message): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'kit');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($files as $name => $text) {
            $zip->addFromString((string) $name, $text);
        }
        $zip->close();
        $refused = $this->send((string) file_get_contents($path))->assertUnprocessable();
        unlink($path);
        self::assertStringContainsString($message, (string) $refused->json('message'));
        $this->getJson('/api/kits')->assertJsonCount(8, 'kits');
        self::assertStringContainsString('no ZIP archive', (string) $this->send('PK nothing')->json('message'));
    }

    /** The font of a house style goes out with its kit, and is there where the kit comes in. */
    public function testAKitCarriesItsFonts(): void
    {
        $bytes = (string) file_get_contents(base_path(
            'node_modules/@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2',
        ));
        $fonts = $this->app->make(FontStore::class);
        $font = $fonts->cut($fonts->keep($bytes, 'House')->id, ['wght' => 850])->id;
        $document = $this->inKit('chalk');
        $document['words'][0]['font'] = $font;
        $kit = $this->postJson('/api/kits', ['document' => $document, 'name' => 'House'])->assertCreated()->json('id');
        $file = $this->get('/api/kits/'.$kit.'/file')->assertOk()->getContent();
        Font::query()->delete();
        (new Filesystem())->deleteDirectory($this->folder.'/app/fonts');
        $this->send((string) $file)->assertCreated();
        $again = $fonts->find($font);
        self::assertSame(['wght' => 850.0], array_map(floatval(...), $again->axes ?? []));
        self::assertNotNull($fonts->pack($font));
        // One whose maker forbids embedding stays out.
        $again?->update(['told' => ['embedding' => 'restricted'] + $again->told]);
        $file = (string) $this->get('/api/kits/'.$kit.'/file')->assertOk()->getContent();
        self::assertStringNotContainsString('fonts/own-', $file);
    }

    public function testPalettesAreReadKeptAndPutInOrder(): void
    {
        $read = $this->send('#2f6b52 #e3a033', '/api/palettes/read?name=Bench')->assertOk()->json();
        self::assertSame(['id' => '', 'name' => 'Bench', 'colours' => ['#2f6b52', '#e3a033']], $read);
        $bad = $this->send('nothing', '/api/palettes/read')->assertUnprocessable();
        self::assertStringContainsString('no colours in this', (string) $bad->json('message'));
        $this->postJson('/api/palettes', ['name' => 'Bench', 'colours' => $read['colours']])->assertCreated();
        $two = $this->postJson('/api/palettes', ['name' => 'Wall', 'colours' => ['#111111']])->json('palettes');
        self::assertSame(['Bench', 'Wall'], array_column($two, 'name'));
        $ids = array_reverse(array_column($two, 'id'));
        $ordered = $this->putJson('/api/palettes/order', ['ids' => $ids])->json('palettes');
        self::assertSame(['Wall', 'Bench'], array_column($ordered, 'name'));
        $this->putJson('/api/palettes/'.$ids[0], ['name' => 'Door'])->assertOk()
            ->assertJsonPath('palettes.0.name', 'Door')->assertJsonPath('palettes.0.colours', ['#111111']);
        $this->deleteJson('/api/palettes/'.$ids[0])->assertOk();
        $this->getJson('/api/palettes')->assertJsonCount(1, 'palettes');
        $made = $this->postJson('/api/palettes/made', ['given' => ['#d9752e'], 'count' => 5, 'ground' => '#0b0603']);
        self::assertCount(5, $made->json('swatches'));
        $pair = ['#c0504d', '#7f8b3c'];
        $apart = $this->postJson('/api/colours/apart', ['colours' => $pair, 'ground' => '#ffffff'])->json();
        self::assertCount(1, $apart['alike']);
        self::assertSame([], $apart['left']);
        self::assertNotSame($pair, $apart['repaired']);
    }

    /** @return array<string, mixed> */
    private function newPiece(): array
    {
        $document = $this->postJson('/api/pieces', ['text' => "Kettles\t5\nLamps\t3\nToys\t1", 'form' => 'donut'])
            ->assertCreated()->json('document');
        // An object that is empty comes as a list from JSON; the desk sends it as it is.
        $document['charts'][0]['own'] = (object) [];

        return $document;
    }

    /** @return array<string, mixed> */
    private function inKit(string $kit): array
    {
        $document = $this->postJson('/api/kits/'.$kit.'/tried', [
            'document' => $this->newPiece(), 'frame' => 0, 'shape' => null, 'parts' => array_keys(Kit::PARTS),
            'lettingGo' => false,
        ])->assertOk()->json('document');
        $document['charts'][0]['own'] = (object) [];

        return $document;
    }

    /** @return TestResponse<Response> */
    private function send(string $bytes, string $to = '/api/kits/file'): TestResponse
    {
        return $this->call('POST', $to, [], [], [], [
            'CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json',
        ], $bytes);
    }
}
