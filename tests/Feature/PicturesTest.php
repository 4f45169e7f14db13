<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Pictures\PictureStore;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Lupine\Core\Piece\Picture;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Pictures come in as they are, are kept as they are painted, and what is none is refused in words. */
final class PicturesTest extends TestCase
{
    /** @return iterable<string, array{\Closure(): string, int, int, string}> bytes, sides and type as it is kept */
    public static function pictures(): iterable
    {
        $png = static fn (int $width, int $height, bool $isClear): string => self::painted($width, $height, $isClear);
        yield 'a PNG that can be seen through' => [static fn (): string => $png(30, 20, true), 30, 20, 'image/png'];
        yield 'a PNG that cannot' => [static fn (): string => $png(30, 20, false), 30, 20, 'image/jpeg'];
        yield 'a large one' => [static fn (): string => $png(4000, 1000, false), Picture::LONGEST, 640, 'image/jpeg'];
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20"><circle cx="20" cy="10" r="9"/></svg>';
        yield 'an SVG' => [static fn (): string => $svg, Picture::LONGEST, Picture::LONGEST / 2, 'image/png'];
        $told = '<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" width="50px" height="100px"/>';
        yield 'one that tells its sides' => [
            static fn (): string => $told, Picture::LONGEST / 2, Picture::LONGEST, 'image/png',
        ];
    }

    #[DataProvider('pictures')]
    public function testAPictureIsKeptAsItIsPainted(\Closure $bytes, int $width, int $height, string $type): void
    {
        $kept = $this->send($bytes())->assertCreated()->json();
        self::assertSame([$width, $height], [$kept['width'], $kept['height']]);
        $file = $this->get('/api/pictures/'.$kept['file'])->assertOk()->assertHeader('Content-Type', $type);
        self::assertSame('nosniff', $file->headers->get('X-Content-Type-Options'));
        self::assertSame($kept, $this->send($bytes())->json(), 'the same one is kept once');
        self::assertCount(1, File::files($this->folder.'/app/pictures'));
    }

    public function testWhatIsNoPictureIsRefusedInWords(): void
    {
        foreach ([
            'Figures,512' => 'cannot be read as a picture',
            '' => 'is not a PNG, JPEG, WebP or SVG',
            "%PDF-1.4\n%âãÏÓ\n1 0 obj" => 'is not a PNG, JPEG, WebP or SVG',
            substr(self::painted(300, 200, false), 0, 60) => 'cannot be read as a picture',
            '<svg xmlns="http://www.w3.org/2000/svg"><g></svg>' => 'cannot be read as a picture',
            self::told(20_000, 20_000) => '20000 × 20000 pixels; the limit is 80 million',
        ] as $bytes => $message) {
            $refused = $this->send((string) $bytes)->assertUnprocessable();
            self::assertStringContainsString($message, (string) $refused->json('message'));
        }
        $this->send(str_repeat('a', PictureStore::MOST_BYTES + 1))->assertStatus(413);
        self::assertSame([], glob($this->folder.'/app/pictures/*'));
        $this->get('/api/pictures/'.str_repeat('0', 64))->assertNotFound();
        $this->get('/api/pictures/..%2F..%2Flupine')->assertNotFound();
    }

    /** An SVG names files of the machine, or runs what it holds: nothing of that is in the picture. */
    public function testAnSvgReachesNothingOutsideOfIt(): void
    {
        $secret = $this->folder.'/secret.png';
        File::put($secret, self::painted(100, 100, false));
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 100 100">'
            .'<style>@import url(file://'.$secret.');</style><script>while(true){}</script>'
            .'<rect width="100" height="100" style="fill:url(file://'.$secret.')" fill="none" onload="x()"/><image width="100" height="100" xlink:href="file://'.$secret.'"/>'
            .'<image width="100" height="100" href="'.$secret.'"/></svg>';
        $kept = $this->send($svg)->assertCreated()->json();
        $path = app(PictureStore::class)->path($kept['file']);
        $picture = imagecreatefrompng((string) $path);
        self::assertNotFalse($picture);
        $middle = intdiv($kept['width'], 2);
        self::assertSame(127, (imagecolorat($picture, $middle, $middle) >> 24) & 0x7F, 'all of it is clear');
    }

    /** However an SVG writes it, what it refers to within itself stays. */
    public function testAnSvgKeepsItsOwnGradients(): void
    {
        $gradient = '<linearGradient id="g"><stop stop-color="#00ff00"/></linearGradient>';
        foreach (['url(#g)', "url('#g')", 'url(&quot;#g&quot;)', "url( '#g' )"] as $fill) {
            $rect = '<rect width="10" height="10" fill="'.$fill.'"/>';
            $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10">'.$gradient.$rect.'</svg>';
            $kept = $this->send($svg)->assertCreated()->json();
            $picture = imagecreatefrompng((string) app(PictureStore::class)->path($kept['file']));
            self::assertNotFalse($picture);
            self::assertSame(0x00FF00, imagecolorat($picture, 9, 9), $fill);
        }
    }

    public function testOneOutOfFocusIsMadeOnceAndIsSmall(): void
    {
        $kept = $this->send(self::painted(1200, 800, false))->json();
        $soft = '/api/pictures/'.$kept['file'].'?blur=20';
        $this->get($soft)->assertOk()->assertHeader('Content-Type', 'image/png');
        $store = app(PictureStore::class);
        $path = (string) $store->path($kept['file'], 20);
        $made = File::lastModified($path);
        [$width, $height] = getimagesize($path) ?: [0, 0];
        // Eight pixels are 20 thousandths of 400.
        self::assertSame([400, 267], [$width, $height]);
        $this->get($soft)->assertOk();
        self::assertSame([$path, $made], [$store->path($kept['file'], 20), File::lastModified($path)]);
        self::assertStringStartsWith('data:image/png;base64,', $store->dataUri($kept['file'], 20));
        self::assertCount(2, File::files($this->folder.'/app/pictures'));
        foreach (['101', '-1', '2.5', 'much', ''] as $bad) {
            $said = $this->getJson('/api/pictures/'.$kept['file'].'?blur='.$bad)->assertUnprocessable()->json('message');
            self::assertSame('“blur” must be a whole number from 0 to 100.', $said);
        }
        $this->get('/api/pictures/'.str_repeat('0', 64).'?blur=20')->assertNotFound();
    }

    public function testWhatNothingSpeaksOfGoesAfterAMonth(): void
    {
        $kept = $this->send(self::painted(30, 20, true))->json();
        $store = app(PictureStore::class);
        $store->path($kept['file'], 40);
        self::assertSame(0, $store->sweep(now()->addDays(20)));
        self::assertSame(2, $store->sweep(now()->addDays(40)));
        self::assertNull($store->path($kept['file']));
        self::assertStringStartsWith('data:image/gif', $store->dataUri($kept['file']), 'an SVG is still one');
    }

    /** @return TestResponse<Response> */
    private function send(string $bytes): TestResponse
    {
        return $this->call('POST', '/api/pictures?name=picture', [], [], [], [
            'CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json',
        ], $bytes);
    }

    private static function painted(int $width, int $height, bool $isClear): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagesavealpha($image, true);
        imagefill($image, 0, 0, (int) imagecolorallocatealpha($image, 200, 90, 40, $isClear ? 60 : 0));
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** A PNG that says that it is so large, and ends there. */
    private static function told(int $width, int $height): string
    {
        $head = 'IHDR'.pack('NN', $width, $height)."\x08\x02\0\0\0";

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$head.pack('N', crc32($head));
    }
}
