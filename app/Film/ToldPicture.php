<?php

declare(strict_types=1);

namespace App\Film;

use App\Disk\FullDisk;

/**
 * What a picture says of itself, put into its file: title, description and source, and nothing of the machine.
 *
 * Sources: Portable Network Graphics (Third Edition), 11.3.3.4, iTXt, and 11.3.3.1 for the keywords; GIF89a, 24,
 * comment extension; WebP Container Specification, “Extended File Format” and “Metadata”; XMP Specification Part 1,
 * with the terms of Dublin Core.
 */
final readonly class ToldPicture
{
    private const XMP_FLAG = 0x04;

    public static function write(string $file, Told $told): void
    {
        $bytes = (string) file_get_contents($file);
        $with = match (true) {
            str_starts_with($bytes, "\x89PNG") => self::inPng($bytes, $told),
            str_starts_with($bytes, 'GIF8') => self::inGif($bytes, $told),
            str_starts_with($bytes, 'RIFF') => self::inWebp($bytes, $told),
            default => $bytes,
        };
        if (@file_put_contents($file, $with) !== strlen($with)) {
            throw new FullDisk();
        }
    }

    /** @return array<string, string> what there is to say, by the keywords of PNG */
    private static function texts(Told $told): array
    {
        return array_filter([
            'Title' => $told->title,
            'Description' => $told->description,
            'Source' => $told->source,
        ], static fn (string $text): bool => $text !== '');
    }

    /** After its head: before what is painted, as the specification lets it. */
    private static function inPng(string $bytes, Told $told): string
    {
        $head = 8 + 25;
        $chunks = '';
        foreach (self::texts($told) as $keyword => $text) {
            $chunk = "iTXt$keyword\0\0\0\0\0$text";
            $chunks .= pack('N', strlen($chunk) - 4).$chunk.pack('N', crc32($chunk));
        }

        return substr($bytes, 0, $head).$chunks.substr($bytes, $head);
    }

    /** Before its end, in blocks of 255 bytes. */
    private static function inGif(string $bytes, Told $told): string
    {
        $comment = '';
        foreach (self::texts($told) as $keyword => $text) {
            $comment .= "$keyword: $text\n";
        }
        $blocks = '';
        foreach (str_split(rtrim($comment), 255) as $block) {
            $blocks .= chr(strlen($block)).$block;
        }

        return substr($bytes, 0, -1)."\x21\xFE$blocks\0\x3B";
    }

    /** A chunk of XMP at its end, and the flag that there is one; only what is extended can have it. */
    private static function inWebp(string $bytes, Told $told): string
    {
        if (substr($bytes, 12, 4) !== 'VP8X') {
            return $bytes;
        }
        $xmp = self::xmp($told);
        $bytes[20] = chr(ord($bytes[20]) | self::XMP_FLAG);
        $bytes .= 'XMP '.pack('V', strlen($xmp)).$xmp.(strlen($xmp) % 2 === 1 ? "\0" : '');

        return substr_replace($bytes, pack('V', strlen($bytes) - 8), 4, 4);
    }

    private static function xmp(Told $told): string
    {
        $escaped = static fn (string $text): string => htmlspecialchars($text, ENT_XML1 | ENT_QUOTES, 'UTF-8');
        $said = '';
        foreach (['title' => $told->title, 'description' => $told->description] as $term => $text) {
            $said .= $text === '' ? '' : "<dc:$term><rdf:Alt><rdf:li xml:lang=\"x-default\">".$escaped($text)
                ."</rdf:li></rdf:Alt></dc:$term>";
        }
        $said .= $told->source === '' ? '' : '<dc:source>'.$escaped($told->source).'</dc:source>';

        return '<rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">'
            .'<rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/">'.$said
            .'</rdf:Description></rdf:RDF>';
    }
}
