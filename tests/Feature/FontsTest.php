<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Font;
use Illuminate\Testing\TestResponse;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Words\FontBook;
use Lupine\Core\Words\Glyph;
use Lupine\Core\Words\ShapedText;
use Lupine\Core\Words\TextSetter;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Fonts of one's own, out of files as their makers publish them. */
final class FontsTest extends TestCase
{
    private const FIGTREE = 'node_modules/@expo-google-fonts/figtree/700Bold/Figtree_700Bold.ttf';
    private const VARIABLE = 'node_modules/@fontsource-variable/figtree/files/figtree-latin-wght-normal.woff2';

    public function testAFontIsKeptReadAndUsed(): void
    {
        $font = $this->bring(self::FIGTREE)->assertCreated()->json();
        self::assertMatchesRegularExpression('/^own-figtree-bold-[0-9a-f]{16}$/', $font['id']);
        self::assertSame(['Figtree', 'installable', []], [$font['family'], $font['embedding'], $font['axes']]);
        self::assertStringContainsString('SIL Open Font License', $font['licence']);
        self::assertContains('Latin', $font['scripts']);
        // The same file once more is the same font.
        self::assertSame($font['id'], $this->bring(self::FIGTREE)->json('id'));
        self::assertSame(1, Font::query()->count());
        // It sets texts as the same font does that ships.
        self::assertSame(
            $this->pathOf('figtree-bold', 'Mended 1,204'),
            $this->pathOf($font['id'], 'Mended 1,204'),
        );
    }

    /** A variable font on one of its named styles is what its maker publishes as a file of that style. */
    public function testAVariableFontIsCut(): void
    {
        $font = $this->bring(self::VARIABLE)->assertCreated()->json();
        self::assertSame(['wght'], array_column($font['axes'], 'tag'));
        self::assertSame([300.0, 900.0], [$font['axes'][0]['min'], $font['axes'][0]['max']]);
        self::assertContains('Bold', array_column($font['named'], 'name'));
        $bold = $this->postJson('/api/fonts/'.$font['id'].'/cut', ['axes' => ['wght' => 700]])->assertCreated()->json();
        self::assertSame('Figtree Bold', $bold['name']);
        self::assertNotSame($font['id'], $bold['id']);
        // The two files are of different releases: 3 thousandths of the size apart at most.
        $static = $this->numbersOf($this->pathOf('figtree-bold', 'Hamburg 38'));
        $cut = $this->numbersOf($this->pathOf($bold['id'], 'Hamburg 38'));
        self::assertCount(count($static), $cut);
        self::assertLessThan(3.0, max(array_map(static fn (float $a, float $b): float => abs($a - $b), $static, $cut)));
        // What is beyond an axis is its end.
        $wide = $this->postJson('/api/fonts/'.$font['id'].'/cut', ['axes' => ['wght' => 5000, 'none' => 1]])->json();
        self::assertEquals(['wght' => 900], $wide['values']);
    }

    /** Hebrew from right to left, its signs lent to the font of one's own; and kept once it is set. */
    public function testTextsFromRightToLeftAreSet(): void
    {
        $font = (string) $this->bring(self::FIGTREE)->json('id');
        $setter = $this->app->make(FontBook::class)->shaped($font, 'Tea שלום', ['tnum' => true], 0.0);
        $names = array_map(static fn (Glyph $glyph): string => explode(' ', $glyph->name)[0], $setter->glyphs ?? []);
        self::assertSame([...array_fill(0, 3, $font), ...array_fill(0, 4, 'noto-hebrew')], $names);
        self::assertCount(1, glob($this->folder.'/framework/shaped/*.json') ?: []);
        // What is kept is read, and asks nobody: this would be another text.
        $kept = (glob($this->folder.'/framework/shaped/*.json') ?: [''])[0];
        file_put_contents($kept, json_encode(['width' => 7, 'glyphs' => [['a', 'M0 0Z', 5, 2]]]));
        $again = $this->app->make(FontBook::class)->shaped($font, 'Tea שלום', ['tnum' => true], 0.0);
        self::assertFalse($setter?->isFromRight);
        self::assertEquals(new ShapedText(7, [new Glyph('a', 'M0 0Z', 5, 2)]), $again);
        // One that is spoilt is set anew.
        file_put_contents($kept, '{"width":');
        $anew = $this->app->make(FontBook::class)->shaped($font, 'Tea שלום', ['tnum' => true], 0.0);
        self::assertEquals($setter, $anew);
    }

    public function testFilesThatAreNoFontsAreRefusedInWords(): void
    {
        foreach ([
            'not a font at all' => 'is not a TTF, OTF or WOFF2 font',
            "wOF2\0\1\0\0broken" => 'is a broken WOFF2 file',
            "wOFF\0\1\0\0" => 'is a WOFF file of the first version',
            "ttcf\0\1\0\0" => 'holds several fonts',
            "\0\1\0\0\0\0\0\0" => 'is a broken font',
            substr((string) file_get_contents(base_path(self::FIGTREE)), 0, 5000) => 'Studio.ttf',
        ] as $bytes => $said) {
            $refused = $this->send((string) $bytes, 'Studio.ttf')->assertStatus(422);
            self::assertStringContainsString($said, (string) $refused->json('message'));
            self::assertStringStartsWith('“Studio.ttf” ', (string) $refused->json('message'));
        }
        self::assertSame(0, Font::query()->count());
        self::assertSame([], glob(storage_path('app/fonts/*.new*')) ?: []);
    }

    public function testAFontThatIsUsedStaysAndOneThatIsNotHereIsSaid(): void
    {
        $id = (string) $this->bring(self::FIGTREE)->json('id');
        $piece = self::small();
        $piece['words'][0]['font'] = $id;
        $this->postJson('/api/pieces', ['document' => $piece])->assertCreated();
        $this->deleteJson('/api/fonts/'.$id)->assertStatus(422)->assertJsonFragment(['message' => sprintf(
            '“Figtree Bold” is used by “%s”. Choose another font there first.',
            $piece['title'],
        )]);
        $piece['words'][0]['font'] = 'own-studio-sans-bold-0123456789abcdef';
        $checks = $this->postJson('/api/compute/proof', ['document' => $piece])->assertOk()->json('checks');
        self::assertContains(
            'The font “Studio Sans Bold” is not on this machine; its texts are set in Figtree semibold. '
                .'Bring the font in again, or choose another.',
            array_column($checks, 'message'),
        );
    }

    public function testEveryFontShowsAText(): void
    {
        $id = (string) $this->bring(self::FIGTREE)->json('id');
        $samples = $this->postJson('/api/fonts/samples', ['text' => 'Mended'])->assertOk()->json('samples');
        self::assertSame($id, $samples[0]['font']);
        self::assertCount(27, $samples);
        foreach ($samples as $sample) {
            self::assertStringStartsWith('M', $sample['path']);
            self::assertGreaterThan(1000, $sample['width']);
        }
    }

    /** @return TestResponse<Response> */
    private function bring(string $file): TestResponse
    {
        return $this->send((string) file_get_contents(base_path($file)), basename($file));
    }

    /** @return TestResponse<Response> */
    private function send(string $bytes, string $name): TestResponse
    {
        return $this->call(
            'POST',
            '/api/fonts?name='.$name,
            server: ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'],
            content: $bytes,
        );
    }

    private function pathOf(string $font, string $text): string
    {
        return (new TextSetter($this->app->make(FontBook::class)))->run($text, new TextStyle($font, 100, null))->path();
    }

    /** @return list<float> */
    private function numbersOf(string $path): array
    {
        preg_match_all('/-?[\d.]+/', $path, $numbers);

        return array_map(floatval(...), $numbers[0]);
    }
}
