<?php

declare(strict_types=1);

namespace Tests\Hostile;

/**
 * Files that are offered as recordings and mean harm, or are merely odd, each made when it is asked for. The ending of
 * each name is what somebody would choose to be let in.
 */
final class Sounds
{
    /**
     * @param string $secret a file of the machine that nobody may hear
     * @param string $pipe a pipe that nobody writes to
     *
     * @return \Generator<string, \Closure(): string> bytes by the name of the file
     */
    public static function all(string $secret, string $pipe): \Generator
    {
        yield from self::lists($secret, $pipe);
        yield from self::waves();
        yield from self::frames();
        yield from self::boxes();
        yield from self::others();
    }

    /** @return \Generator<string, \Closure(): string> files that name others, which a player would open */
    private static function lists(string $secret, string $pipe): \Generator
    {
        $list = "#EXTM3U\n#EXT-X-TARGETDURATION:10\n%s#EXTINF:10,\n%s\n%s";
        foreach (['a file' => 'file://'.$secret, 'a path' => $secret, 'a pipe' => $pipe, 'an address' => 'http://127.0.0.1:9/a.wav',
            'a part of a file' => 'subfile,,start,0,end,100,,:'.$secret, 'two files' => 'concat:'.$secret.'|'.$secret,
            'data' => 'data:audio/wav;base64,UklGRg=='] as $what => $address) {
            foreach (['m3u8', 'wav', 'mp3'] as $ending) {
                yield "a list that names $what.$ending" => static fn (): string => sprintf($list, '', $address, "#EXT-X-ENDLIST\n");
            }
        }
        yield 'a list that never ends.wav' => static fn (): string => sprintf($list, '', $secret, '');
        yield 'a list with a key.mp3' => static fn (): string => sprintf(
            $list,
            '#EXT-X-KEY:METHOD=AES-128,URI="file://'.$secret."\"\n",
            $secret,
            "#EXT-X-ENDLIST\n",
        );
        yield 'a list of files.wav' => static fn (): string => "ffconcat version 1.0\nfile '$secret'\n";
        $option = "ffconcat version 1.0\nfile '$secret'\noption safe 0\n";
        yield 'a list with an option.wav' => static fn (): string => $option;
        $session = "v=0\no=- 0 0 IN IP4 127.0.0.1\ns=a\nc=IN IP4 127.0.0.1\nt=0 0\nm=audio 9999 RTP/AVP 0\n";
        yield 'a session.mp3' => static fn (): string => $session;
        yield 'a manifest.m4a' => static fn (): string => '<?xml version="1.0"?><MPD xmlns="urn:mpeg:dash:schema:mpd:2011" '
            .'type="static"><Period><AdaptationSet mimeType="audio/mp4"><Representation id="1"><BaseURL>file://'.$secret
            .'</BaseURL></Representation></AdaptationSet></Period></MPD>';
        yield 'a picture that reads a file.flac' => static fn (): string => '<svg xmlns="http://www.w3.org/2000/svg"><image href="file://'.$secret.'"/></svg>';
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function waves(): \Generator
    {
        foreach ([
            '64 channels' => [64, 8000, 16, 1],
            'no channels' => [0, 8000, 16, 1],
            '65,535 channels' => [65_535, 8000, 16, 1],
            'nine channels' => [9, 8000, 16, 1],
            'a rate of nothing' => [1, 0, 16, 1],
            'a rate without end' => [1, 4_294_967_295, 16, 1],
            'a rate of forty' => [1, 40, 16, 1],
            'no bits' => [1, 8000, 0, 1],
            'too many bits' => [1, 8000, 60_000, 1],
            'a kind that is none' => [1, 8000, 16, 0xABCD],
        ] as $what => [$channels, $rate, $bits, $kind]) {
            yield $what.'.wav' => static fn (): string => self::wav(self::tone(400), $channels, $rate, $bits, $kind);
        }
        yield 'numbers that are none.wav' => static fn (): string => self::wav(
            str_repeat(pack('g', NAN).pack('g', INF).pack('g', -INF).pack('g', 1e38), 2000),
            1,
            8000,
            32,
            3,
        );
        yield 'a length without end.wav' => static fn (): string => self::wav(self::tone(4000), told: 0xFFFFFFFF);
        yield 'a length of nothing.wav' => static fn (): string => self::wav(self::tone(4000), told: 0);
        yield 'more than there is.wav' => static fn (): string => self::wav(self::tone(40_000), told: 800_000);
        yield 'no samples.wav' => static fn (): string => self::wav('');
        yield 'one sample.wav' => static fn (): string => self::wav("\1\2");
        yield 'half a sample.wav' => static fn (): string => self::wav("\1");
        yield 'silence.wav' => static fn (): string => self::wav(str_repeat("\0\0", 8000));
        yield 'one level.wav' => static fn (): string => self::wav(str_repeat("\0\x20", 8000));
        yield 'a chunk without end.wav' => static fn (): string => substr(self::wav(''), 0, 12).'LIST'.pack('V', 0xFFFFFFF0).'x';
        yield 'ten thousand chunks.wav' => static fn (): string => substr(self::wav(''), 0, 36)
            .str_repeat('junk'.pack('V', 2).'ab', 10_000).'data'.pack('V', 8000).self::tone(4000);
        $whole = self::wav(self::tone(4000));
        foreach ([4, 11, 12, 20, 35, 43, 45] as $bytes) {
            yield "cut after $bytes bytes.wav" => static fn (): string => substr($whole, 0, $bytes);
        }
        yield 'a name that is no sound.wav' => static fn (): string => str_repeat('kettles and lamps ', 4000);
        yield 'nothing.wav' => static fn (): string => '';
        yield 'one byte.wav' => static fn (): string => 'R';
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function frames(): \Generator
    {
        yield 'only a tag.mp3' => static fn (): string => "ID3\4\0\0\0\0\0\x0A".str_repeat("\0", 10);
        yield 'a tag without end.mp3' => static fn (): string => "ID3\4\0\0\x7F\x7F\x7F\x7Fabc";
        yield 'a tag and a list.mp3' => static fn (): string => "ID3\4\0\0\0\0\0\0#EXTM3U\n/etc/passwd\n";
        yield 'frames of noise.mp3' => static fn (): string => str_repeat("\xFF\xFB\x90\x64".self::noise(413), 200);
        yield 'one frame.mp3' => static fn (): string => "\xFF\xFB\x90\x64".str_repeat("\0", 413);
        yield 'zeros after a frame.mp3' => static fn (): string => "\xFF\xFB\x90\x64".str_repeat("\0", 3_000_000);
        yield 'a beginning of FLAC.flac' => static fn (): string => 'fLaC';
        yield 'FLAC and noise.flac' => static fn (): string => 'fLaC'.self::noise(50_000);
        yield 'a block without end.flac' => static fn (): string => "fLaC\x84\xFF\xFF\xFF".self::noise(2000);
        yield 'FLAC of nothing.flac' => static fn (): string => "fLaC\x80\0\0\x22".str_repeat("\0", 34);
        $year = "fLaC\x80\0\0\x22\x10\0\x10\0\0\0\0\0\0\0\x0A\xC4\x42\xFF\xFF\xFF\xFF\xFF".str_repeat("\0", 16)
            .self::noise(9000);
        yield 'FLAC that says a year.flac' => static fn (): string => $year;
        yield 'Ogg and noise.ogg' => static fn (): string => 'OggS'.self::noise(50_000);
        yield 'a page of nothing.ogg' => static fn (): string => "OggS\0\2".str_repeat("\0", 20)."\0";
        $page = "OggS\0\0".str_repeat("\xFF", 20)."\1\0";
        yield 'ten thousand pages.ogg' => static fn (): string => str_repeat($page, 10_000);
        $opus = "OggS\0\2".str_repeat("\0", 20)."\1\x13OpusHead\1\xFF\0\0\x80\xBB\0\0\0\0\0";
        yield 'Opus without more.ogg' => static fn (): string => $opus;
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function boxes(): \Generator
    {
        $type = "\0\0\0\x18ftypM4A \0\0\0\0M4A mp42";
        yield 'only its kind.m4a' => static fn (): string => $type;
        yield 'its kind and noise.m4a' => static fn (): string => $type.self::noise(50_000);
        yield 'sound without its table.m4a' => static fn (): string => $type.self::box('mdat', self::noise(60_000));
        yield 'a box without end.m4a' => static fn (): string => $type."\xFF\xFF\xFF\xFFmoov".self::noise(500);
        yield 'a box of nothing.m4a' => static fn (): string => $type."\0\0\0\0moov";
        $longer = "\0\0\0\1moov\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF";
        yield 'a box of a longer length.m4a' => static fn (): string => $type.$longer;
        yield 'boxes in boxes.m4a' => static function () use ($type): string {
            $box = '';
            for ($depth = 0; $depth < 2000; ++$depth) {
                $box = pack('N', strlen($box) + 8).'moov'.$box;
            }

            return $type.$box;
        };
        yield 'a film that names a file.mov' => static fn (): string => $type.pack('N', 60).'moov'.pack('N', 52).'trak'
            .pack('N', 44).'alis'.str_pad('/etc/passwd', 36, "\0");
    }

    /** @return \Generator<string, \Closure(): string> */
    private static function others(): \Generator
    {
        foreach ([
            'a picture.wav' => "\x89PNG\r\n\x1A\n\0\0\0\rIHDR\0\0\xFF\xFF\0\0\xFF\xFF\x08\6\0\0\0",
            'a photograph.mp3' => "\xFF\xD8\xFF\xE0\0\x10JFIF\0",
            'a document.wav' => "%PDF-1.7\n",
            'an archive.wav' => "PK\3\4",
            'a program.wav' => "\x7FELF\2\1\1",
            'a script.mp3' => "#!/bin/sh\nffmpeg\n",
            'notes.wav' => "MThd\0\0\0\6\0\1\0\1\0\x60MTrk\0\0\0\4\0\xFF\x2F\0",
            'another film.mp4' => "\x1A\x45\xDF\xA3\x42\x86\x81\1",
            'an old film.wav' => "RIFF\x10\0\0\0AVI LIST",
            'raw sound.wav' => "\xFF\xF1\x50\x80\x02\x1F\xFC",
            'words.mp3' => "WEBVTT\n\n00:00.000 --> 00:01.000\nKettles\n",
            'metadata.wav' => ";FFMETADATA1\ntitle=a\n",
            'a pattern %05d.wav' => 'x',
            "a name with 'quotes' \"and\" \$(more) ; -i.wav" => 'x',
            '-i.wav' => 'x',
            'pipe:0' => 'x',
            'concat:a|b' => 'x',
        ] as $name => $bytes) {
            yield $name => static fn (): string => $bytes;
        }
    }

    private static function wav(
        string $samples,
        int $channels = 1,
        int $rate = 8000,
        int $bits = 16,
        int $kind = 1,
        ?int $told = null,
    ): string {
        $frame = ($channels * intdiv($bits, 8)) & 0xFFFF;
        $format = pack('vvVVvv', $kind, $channels, $rate, ($rate * $frame) & 0xFFFFFFFF, $frame, $bits);
        $told ??= strlen($samples);

        $head = 'RIFF'.pack('V', ($told + 36) & 0xFFFFFFFF).'WAVEfmt '.pack('V', 16).$format;

        return $head.'data'.pack('V', $told).$samples;
    }

    private static function box(string $name, string $contents): string
    {
        return pack('N', strlen($contents) + 8).$name.$contents;
    }

    private static function tone(int $samples): string
    {
        $tone = [];
        for ($at = 0; $at < $samples; ++$at) {
            $tone[] = (int) (9000 * sin($at / 3));
        }

        return pack('v*', ...$tone);
    }

    private static function noise(int $length): string
    {
        $noise = '';
        for ($block = 0; strlen($noise) < $length; ++$block) {
            $noise .= hash('sha512', (string) $block, true);
        }

        return substr($noise, 0, $length);
    }
}
