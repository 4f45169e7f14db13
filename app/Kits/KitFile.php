<?php

declare(strict_types=1);

namespace App\Kits;

use App\Fonts\FontStore;
use App\Pictures\PictureStore;
use Lupine\Core\Form\Forms;
use Lupine\Core\Kit\Kit;
use Lupine\Core\Piece\Fonts;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Json;

/**
 * A kit as one file: a ZIP with `kit.json` (docs/kit.schema.json), the pictures that it shows, each under `pictures/`
 * by its fingerprint, and the fonts of one's own that it sets words in, each under `fonts/` by its id, with the values
 * of its axes beside it. A font whose maker forbids embedding stays out.
 */
final readonly class KitFile
{
    /** of the file, of all that is in it, and of its JSON, in bytes; and how many things it may hold */
    public const MOST_BYTES = 20_000_000;
    private const MOST_INSIDE = 40_000_000;
    private const MOST_JSON = 2_000_000;
    private const MOST_ENTRIES = 60;

    private const JSON = 'kit.json';
    private const PICTURES = 'pictures/';
    private const FONTS = 'fonts/';

    public function __construct(private PictureStore $pictures, private FontStore $fonts, private Forms $forms)
    {
    }

    /** What a file is called that holds a kit of a name, without its ending. */
    public static function nameOf(string $name): string
    {
        $plain = trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', $name), '-');

        return strtolower($plain === '' ? 'kit' : $plain);
    }

    public function write(\stdClass $kit): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'kit');
        try {
            $zip = new \ZipArchive();
            $zip->open($path, \ZipArchive::OVERWRITE);
            $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;
            $zip->addFromString(self::JSON, json_encode($kit, $flags | JSON_PRESERVE_ZERO_FRACTION)."\n");
            foreach (Json::objects($kit->pictures ?? null) as $picture) {
                $file = $this->pictures->path(Json::text($picture, 'file'), 0);
                if ($file !== null) {
                    $zip->addFile($file, self::PICTURES.basename($file));
                }
            }
            foreach (self::fontsOf($kit) as $id) {
                $font = $this->fonts->find($id);
                $file = $font === null || ($font->told['embedding'] ?? '') === 'restricted'
                    ? null
                    : $this->fonts->path($font->source);
                if ($font !== null && $file !== null) {
                    $zip->addFile($file, self::FONTS.$id.'.otf');
                    $zip->addFromString(self::FONTS.$id.'.json', json_encode((object) $font->axes, $flags));
                }
            }
            $zip->close();

            return (string) file_get_contents($path);
        } finally {
            @unlink($path);
        }
    }

    /** @throws BadPiece where it is no kit, is broken or too large: what, and how to mend it */
    public function read(string $bytes): \stdClass
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw self::wrong('is larger than 20 MB. Make its pictures smaller, and export it again');
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'kit');
        try {
            file_put_contents($path, $bytes);

            return $this->readZip($path);
        } finally {
            @unlink($path);
        }
    }

    private function readZip(string $path): \stdClass
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw self::wrong('is no ZIP archive, or is broken. Export the kit again where it was made');
        }
        try {
            self::bounded($zip);
            $kit = self::json($zip);
            foreach (Json::objects($kit->pictures ?? null) as $picture) {
                $this->picture($zip, $picture);
            }
            Kit::fromDocument($kit, $this->forms);
            foreach (self::fontsOf($kit) as $id) {
                $this->font($zip, $id);
            }

            return $kit;
        } finally {
            $zip->close();
        }
    }

    /** What the archive says of itself is looked at before anything is unpacked. */
    private static function bounded(\ZipArchive $zip): void
    {
        $inside = 0;
        for ($index = 0; $index < min($zip->numFiles, self::MOST_ENTRIES + 1); ++$index) {
            $inside += $zip->statIndex($index)['size'] ?? 0;
        }
        if ($zip->numFiles > self::MOST_ENTRIES || $inside > self::MOST_INSIDE) {
            throw self::wrong('holds more than a kit does: at most 60 files and 40 MB. Take out what is none of it');
        }
    }

    private static function json(\ZipArchive $zip): \stdClass
    {
        $text = self::entry($zip, self::JSON, self::MOST_JSON)
            ?? throw self::wrong('has no kit.json. Choose the file that Lupine exported');
        try {
            $kit = json_decode($text, false, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $reason) {
            throw self::wrong(sprintf('has a kit.json that is not JSON (%s). Export it again', $reason->getMessage()));
        }

        return $kit instanceof \stdClass
            ? $kit
            : throw self::wrong('has a kit.json that is no object. Export it again');
    }

    /** A picture is kept as any other that comes in: looked at, and by the fingerprint of what is painted. */
    private function picture(\ZipArchive $zip, \stdClass $picture): void
    {
        $file = Json::text($picture, 'file');
        if ($this->pictures->path($file, 0) !== null) {
            return;
        }
        foreach (['.png', '.jpg'] as $ending) {
            $bytes = self::entry($zip, self::PICTURES.$file.$ending, PictureStore::MOST_BYTES);
            if ($bytes !== null) {
                foreach ($this->pictures->keep($bytes, Json::text($picture, 'name')) as $name => $value) {
                    $picture->{$name} = $value;
                }

                return;
            }
        }
        throw self::wrong(sprintf('misses the picture “%s”. Export the kit again', Json::text($picture, 'name')));
    }

    /**
     * A font is kept as any other that comes in. One that is not in the archive is said by the proof of the pieces that
     * use it.
     */
    private function font(\ZipArchive $zip, string $id): void
    {
        $bytes = $this->fonts->find($id) === null
            ? self::entry($zip, self::FONTS.$id.'.otf', FontStore::MOST_BYTES)
            : null;
        if ($bytes === null) {
            return;
        }
        $given = json_decode((string) self::entry($zip, self::FONTS.$id.'.json', 10_000), true, 4);
        $axes = array_map(floatval(...), array_filter(is_array($given) ? $given : [], is_numeric(...)));
        $this->fonts->keep($bytes, Fonts::nameOf($id), array_combine(array_map(strval(...), array_keys($axes)), $axes));
    }

    /** @return list<string> ids of fonts of one's own that a kit sets words in */
    private static function fontsOf(\stdClass $kit): array
    {
        preg_match_all('/"(own-[a-z0-9-]{1,96})"/', json_encode($kit, JSON_THROW_ON_ERROR), $found);

        return array_values(array_unique(array_filter($found[1], Fonts::isOwn(...))));
    }

    private static function entry(\ZipArchive $zip, string $name, int $most): ?string
    {
        $stream = $zip->getStream($name);
        if ($stream === false) {
            return null;
        }
        // Whatever the archive says of its size.
        $text = (string) stream_get_contents($stream, $most + 1);
        fclose($stream);

        return strlen($text) > $most ? throw self::wrong(sprintf('has a %s that is too large', $name)) : $text;
    }

    private static function wrong(string $what): BadPiece
    {
        return new BadPiece('This file '.$what.'.', 'file');
    }
}
