<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Desk\ComputedPiece;
use App\Models\HandOff;
use App\Models\WorkStatus;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Files for editors and for the web, each read by another program than the one that wrote it. */
final class FilesTest extends TestCase
{
    private const WIDTH = 320;
    private const HEIGHT = 180;

    /** @return iterable<string, array{string, string, float}> kind, codec as ffprobe has it, decibels to the frames */
    public static function loops(): iterable
    {
        yield 'GIF' => ['gif', 'gif', 28.0];
        yield 'APNG' => ['apng', 'apng', 90.0];
    }

    /** Sources: ffprobe and ffmpeg as readers of GIF89a and APNG; the frames of the same piece as PNG. */
    #[DataProvider('loops')]
    public function testAPictureThatPlaysHasTheFramesOfTheFilm(string $kind, string $codec, float $near): void
    {
        $file = $this->made(['kind' => $kind, 'perSecond' => 12.5]);
        $stream = $this->streams($file)[0];
        self::assertSame([$codec, self::WIDTH, self::HEIGHT, '5'], [
            $stream['codec_name'],
            $stream['width'],
            $stream['height'],
            $stream['nb_read_frames'],
        ]);
        // 29.97 frames a second, of which 12.5 are taken: what is seen at 0, 80, 160 ms and so on.
        $frames = $this->pixels($this->framesOf($this->made(['kind' => 'zip']), [0, 2, 4, 7, 9]));
        self::assertGreaterThan($near, self::decibels($this->pixels($file), $frames));
        $small = $this->streams($this->made(['kind' => $kind, 'width' => 160, 'perSecond' => 10, 'loops' => false]))[0];
        self::assertSame([160, 90, '4'], [$small['width'], $small['height'], $small['nb_read_frames']]);
    }

    /** Source: WebP Container Specification: RIFF, VP8X with the flag of animation, ANIM, ANMF (ffmpeg reads none). */
    public function testAWebPIsAnAnimation(): void
    {
        $bytes = (string) file_get_contents($this->made(['kind' => 'webp', 'perSecond' => 12.5]));
        self::assertSame(['RIFF', 'WEBP', 'VP8X'], [substr($bytes, 0, 4), substr($bytes, 8, 4), substr($bytes, 12, 4)]);
        self::assertSame(2, ord($bytes[20]) & 2, 'it says that it moves');
        self::assertSame([self::WIDTH, self::HEIGHT], [
            1 + (unpack('V', substr($bytes, 24, 3)."\0")[1] ?? 0),
            1 + (unpack('V', substr($bytes, 27, 3)."\0")[1] ?? 0),
        ]);
        $durations = [];
        for ($at = 12; $at + 8 <= strlen($bytes); $at += 8 + $length + $length % 2) {
            $length = (int) (unpack('V', substr($bytes, $at + 4, 4))[1] ?? 0);
            if (substr($bytes, $at, 4) === 'ANIM') {
                self::assertSame(0, unpack('v', substr($bytes, $at + 12, 2))[1] ?? null, 'it has no end');
            }
            if (substr($bytes, $at, 4) === 'ANMF') {
                $durations[] = (int) (unpack('V', substr($bytes, $at + 20, 3)."\0")[1] ?? 0);
            }
        }
        self::assertSame(400, array_sum($durations), 'five pictures of 80 ms');
    }

    public function testAMatteIsTheTransparencyOfTheFrames(): void
    {
        $matte = $this->made(['kind' => 'matte'], true);
        self::assertSame(['prores', 'yuv422p10le', '12'], [
            $this->streams($matte)[0]['codec_name'],
            $this->streams($matte)[0]['pix_fmt'],
            $this->streams($matte)[0]['nb_read_frames'],
        ]);
        $greys = self::greys($matte, 'scale=in_range=tv:out_range=pc');
        $folder = $this->framesOf($this->made(['kind' => 'zip16'], true), [11]);
        self::assertSame(16, ord((string) file_get_contents($folder.'/00000.png')[24]), 'the depth that IHDR says');
        $alphas = self::greys($folder.'/00000.png', 'alphaextract');
        $last = substr($greys, -strlen($alphas));
        self::assertGreaterThan(35, self::decibels($last, $alphas));
        self::assertGreaterThan(250, max(array_map(ord(...), str_split($last))));
        $id = $this->stored(false);
        $refused = $this->postJson("/api/pieces/$id/hand-offs", ['kind' => 'matte'])->assertUnprocessable();
        self::assertStringContainsString('white all over', (string) $refused->json('message'));
    }

    public function testADraftIsSmallAndSaysItsTimecodeInThePicture(): void
    {
        $draft = $this->made(['kind' => 'draft']);
        $stream = $this->streams($draft)[0];
        self::assertSame(['h264', 160, 90, '12'], [
            $stream['codec_name'],
            $stream['width'],
            $stream['height'],
            $stream['nb_read_frames'],
        ]);
        // The plate of the timecode is dark below white letters; without it the corner is plain.
        $corner = static fn (string $file, string $crop): string => self::greys($file, $crop.',scale=160:-1', 1);
        $spread = static fn (string $greys): int => max(array_map(ord(...), str_split($greys)))
            - min(array_map(ord(...), str_split($greys)));
        self::assertGreaterThan(120, $spread($corner($draft, 'crop=30:6:4:78')));
        self::assertLessThan(40, $spread($corner($this->made(['kind' => 'mp4']), 'crop=60:12:8:156')));
    }

    public function testAFilmSaysWhatItIsAndWhereItsLinesBegin(): void
    {
        $document = self::moving();
        $document['script'] = ['lines' => [
            ['id' => 'l1', 'text' => 'Mended; or not = “both”.', 'begin' => 0, 'end' => 5],
            ['id' => 'l2', 'text' => 'Or #2.', 'begin' => 6, 'end' => 12],
        ]];
        $document['words'][] = [
            ...$document['words'][0], 'id' => 'src', 'text' => 'Counted at the door', 'role' => 'source',
        ];
        $file = $this->made(['kind' => 'mp4', 'chapters' => true], document: $document);
        $probe = json_decode((new Process(
            ['ffprobe', '-v', 'error', '-show_chapters', '-show_format', '-of', 'json', $file],
        ))->mustRun()->getOutput(), true);
        self::assertSame(['Mended; or not = “both”.', 'Or #2.'], array_map(
            static fn (array $chapter): string => $chapter['tags']['title'],
            $probe['chapters'],
        ));
        self::assertEqualsWithDelta(6 * 1001 / 30_000, (float) $probe['chapters'][1]['start_time'], 0.002);
        $tags = $probe['format']['tags'];
        self::assertSame('Mended or not', $tags['title']);
        self::assertStringContainsString('chart of', $tags['description']);
        self::assertSame('Counted at the door', $tags['comment']);
        self::assertArrayNotHasKey('encoder', $tags, 'nothing of the machine is said');
    }

    /** Sources: Content Security Policy Level 3, for the hashes; RFC 1952, by PHP's own reader, for the reels. */
    public function testAPageHasAllThatItNeedsInItself(): void
    {
        $document = self::demo();
        $document['title'] = 'A </script><b>title</b>';
        $id = $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
        $made = $this->ordered((string) $id, [
            'kind' => 'page', 'everyShape' => true, 'from' => 30, 'to' => 400, 'sound' => false,
        ]);
        $html = (string) file_get_contents($this->folder.'/app/hand-offs/'.$made->file);
        $page = new \DOMDocument();
        @$page->loadHTML('<?xml encoding="UTF-8">'.$html);
        $path = new \DOMXPath($page);
        $policy = (string) $path->evaluate('string(//meta[@http-equiv]/@content)');
        $script = (string) $path->evaluate('string(//script[not(@type)])');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringContainsString("'sha256-".base64_encode(hash('sha256', $script, true))."'", $policy);
        self::assertSame(0, preg_match('/(src|href)="(?!#|data:)/', $html), 'nothing is loaded');
        self::assertSame('A </script><b>title</b>', $path->evaluate('string(//h1)'));

        $reels = $path->query('//script[@class="reel"]');
        self::assertNotFalse($reels);
        self::assertSame(1 + count($document['shapes'] ?? []), $reels->length);
        $reel = json_decode((string) gzdecode(base64_decode((string) $reels->item(0)?->textContent)), true);
        self::assertSame([30, 400, 1], [$reel['from'], $reel['to'], $reel['samples']]);
        $data = json_decode((string) $path->evaluate('string(//script[@id="piece"])'), true);
        self::assertCount($reels->length, $data['shapes']);
        // What is said of a figure on a frame is what the desk says of it.
        $placed = app(ComputedPiece::class)->read(json_encode($document, JSON_THROW_ON_ERROR));
        foreach ([40, 180, 230, 399] as $frame) {
            $now = json_decode(app(ComputedPiece::class)->atText($placed, $frame), true)['charts'];
            foreach ($data['figures'] as $course) {
                $at = max(array_keys(array_filter($course['frames'], static fn (int $one): bool => $one <= $frame)));
                $its = $now[$course['chart']][$course['figure']];
                self::assertSame([$its['reading'], $its['value'], $its['share']], $course['said'][$at]);
            }
        }
        $cells = $path->query('//table/tbody/tr[1]/*');
        self::assertNotFalse($cells);
        self::assertSame(['Small appliances', '512', '431'], array_map(
            static fn (\DOMNode $cell): string => trim($cell->textContent),
            iterator_to_array($cells),
        ));
        $this->get("/api/hand-offs/{$made->id}/file?play=1")->assertOk()->assertHeader(
            'Content-Security-Policy',
            "sandbox allow-scripts; default-src 'none'; script-src 'unsafe-inline'; style-src 'unsafe-inline'; img-src data:; media-src data:; frame-ancestors 'none'",
        );
    }

    /** Each by its own specification; ffmpeg still decodes what had something put into it. */
    public function testPicturesSayWhatTheyAre(): void
    {
        $document = self::moving();
        $document['title'] = 'Mended & not';
        $small = ['width' => 160, 'perSecond' => 10];
        foreach (['poster', 'apng'] as $kind) {
            $file = $this->made(['kind' => $kind, ...$small], document: $document);
            self::assertSame('Mended & not', self::textsOfPng($file)['Title'] ?? null, $kind);
            (new Process(['ffmpeg', '-v', 'error', '-xerror', '-i', $file, '-f', 'null', '-']))->mustRun();
        }
        $gif = $this->made(['kind' => 'gif', ...$small], document: $document);
        $probe = new Process(['ffprobe', '-v', 'error', '-show_entries', 'format_tags=comment', '-of', 'json', $gif]);
        $comment = json_decode($probe->mustRun()->getOutput(), true)['format']['tags']['comment'];
        self::assertStringStartsWith("Title: Mended & not\nDescription: ", $comment);

        $webp = (string) file_get_contents($this->made(['kind' => 'webp', ...$small], document: $document));
        self::assertSame(strlen($webp) - 8, unpack('V', $webp, 4)[1] ?? 0);
        self::assertSame(0x04, ord($webp[20]) & 0x04, 'it says that there is XMP');
        $xmp = new \DOMDocument();
        self::assertTrue($xmp->loadXML(rtrim(substr($webp, (int) strrpos($webp, 'XMP ') + 8), "\0")));
        $titles = $xmp->getElementsByTagNameNS('http://purl.org/dc/elements/1.1/', 'title');
        self::assertSame('Mended & not', $titles->item(0)?->textContent);
    }

    /**
     * Source: Portable Network Graphics (Third Edition), 5.3 and 11.3.3.4.
     *
     * @return array<string, string> by keyword
     */
    private static function textsOfPng(string $file): array
    {
        $bytes = (string) file_get_contents($file);
        $texts = [];
        for ($at = 8; $at < strlen($bytes); $at += 12 + $length) {
            $length = (int) (unpack('N', $bytes, $at)[1] ?? 0);
            $chunk = substr($bytes, $at + 4, $length + 4);
            self::assertSame(crc32($chunk), unpack('N', $bytes, $at + 8 + $length)[1] ?? 0);
            if (str_starts_with($chunk, 'iTXt')) {
                [$keyword, $rest] = explode("\0", substr($chunk, 4), 2);
                self::assertStringStartsWith("\0\0\0\0", $rest, 'not compressed, of no language');
                $texts[$keyword] = substr($rest, 4);
            }
        }

        return $texts;
    }

    public function testAProofNamesTheFilmsOfTheSamePiece(): void
    {
        $id = $this->stored(false);
        $film = $this->ordered($id, ['kind' => 'mp4']);
        $this->ordered($id, ['kind' => 'mp4', 'captions' => false, 'name' => 'Of another document']);
        $proof = $this->ordered($id, ['kind' => 'proof']);
        $rows = array_filter(
            array_map(str_getcsv(...), file($this->folder.'/app/hand-offs/'.$proof->file) ?: []),
            static fn (array $row): bool => $row[0] === 'film',
        );
        $print = hash_file('sha256', $this->folder.'/app/hand-offs/'.$film->file);
        self::assertSame([[$print, $film->fileName()]], array_map(
            static fn (array $row): array => array_slice($row, 2, 2),
            array_values($rows),
        ));
        $this->ordered($id, ['kind' => 'proof-pdf']);
    }

    public function testAnAnimatedSvgSaysWhatItIs(): void
    {
        $svg = new \DOMDocument();
        self::assertTrue($svg->load($this->made(['kind' => 'svg', 'loops' => false])));
        $path = new \DOMXPath($svg);
        $path->registerNamespace('s', 'http://www.w3.org/2000/svg');
        self::assertSame('Mended or not', $path->evaluate('string(/s:svg/s:title)'));
        self::assertStringContainsString('chart of', (string) $path->evaluate('string(/s:svg/s:desc)'));
        self::assertSame((float) count(self::moving()['tables'][0]['rows']), $path->evaluate('count(//*[@data-figure])'));
        self::assertSame(0.0, $path->evaluate('count(//*[@repeatCount])'));
        self::assertGreaterThan(3.0, $path->evaluate('count(//s:animate[@fill="freeze"])'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'wider than the stage' => [['kind' => 'gif', 'width' => 4000], 'width'];
        yield 'too fast' => [['kind' => 'gif', 'perSecond' => 90], 'perSecond'];
        yield 'no such kind' => [['kind' => 'flipbook'], 'kind'];
    }

    /** @param array<string, mixed> $order */
    #[DataProvider('wrong')]
    public function testWhatCannotBeIsRefusedByName(array $order, string $where): void
    {
        $id = $this->stored(false);
        $this->postJson("/api/pieces/$id/hand-offs", $order)->assertUnprocessable()->assertJsonPath('where', $where);
        self::assertSame(0, HandOff::query()->count());
    }

    /**
     * @param array<string, mixed> $order
     * @param array<string, mixed>|null $document
     *
     * @return string the path of the file
     */
    private function made(array $order, bool $isOpen = false, ?array $document = null): string
    {
        $made = $this->ordered($this->stored($isOpen, $document), $order);

        return $this->folder.'/app/hand-offs/'.$made->file;
    }

    /** @param array<string, mixed>|null $document */
    private function stored(bool $isOpen, ?array $document = null): string
    {
        $document ??= self::moving();
        if ($isOpen) {
            $document['backdrop']['kind'] = 'transparent';
        }

        return (string) $this->postJson('/api/pieces', ['document' => $document])->assertCreated()->json('id');
    }

    /** @param array<string, mixed> $order */
    private function ordered(string $id, array $order): HandOff
    {
        $made = $this->postJson("/api/pieces/$id/hand-offs", $order)->assertCreated()->json('id');
        $this->makeFiles();
        $film = HandOff::query()->findOrFail($made);
        self::assertSame(WorkStatus::Done, $film->status, (string) $film->message);

        return $film;
    }

    /** @return list<array<string, mixed>> */
    private function streams(string $file): array
    {
        $probe = new Process(['ffprobe', '-v', 'error', '-count_frames', '-show_streams', '-of', 'json', $file]);

        return json_decode($probe->mustRun()->getOutput(), true)['streams'];
    }

    /**
     * @param list<int> $frames
     *
     * @return string a folder with those frames of a ZIP, numbered from 0
     */
    private function framesOf(string $file, array $frames): string
    {
        $folder = $this->folder.'/frames-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $zip = new \ZipArchive();
        self::assertTrue($zip->open($file));
        foreach ($frames as $place => $frame) {
            file_put_contents(sprintf('%s/%05d.png', $folder, $place), $zip->getFromName(sprintf('%05d.png', $frame)));
        }

        return $folder;
    }

    /** RGB of all frames of a file, or of a folder of PNG files. */
    private function pixels(string $file): string
    {
        $input = is_dir($file) ? ['-f', 'image2', '-i', $file.'/%05d.png'] : ['-i', $file];

        return (new Process(
            ['ffmpeg', '-v', 'error', ...$input, '-f', 'rawvideo', '-pix_fmt', 'rgb24', '-vsync', 'passthrough', '-'],
        ))->mustRun()->getOutput();
    }

    /** A grey for each pixel of a file's frames. */
    private static function greys(string $file, string $filter, int $frames = 1000): string
    {
        $raw = ['-frames:v', (string) $frames, '-f', 'rawvideo', '-pix_fmt', 'gray', '-'];

        return (new Process(['ffmpeg', '-v', 'error', '-i', $file, '-vf', $filter, ...$raw]))->mustRun()->getOutput();
    }

    /** Peak signal-to-noise ratio of bytes. */
    private static function decibels(string $one, string $other): float
    {
        self::assertSame(strlen($other), strlen($one));
        $sum = 0;
        for ($at = 0, $end = strlen($one); $at < $end; ++$at) {
            $sum += (ord($one[$at]) - ord($other[$at])) ** 2;
        }

        return $sum === 0 ? 100.0 : 10 * log10(65_025 * strlen($one) / $sum);
    }
}
