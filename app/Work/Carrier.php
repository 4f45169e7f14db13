<?php

declare(strict_types=1);

namespace App\Work;

use App\Disk\FullDisk;
use App\Film\FilmFailed;
use App\Fonts\FetchedFaces;
use App\Fonts\FontStore;
use Illuminate\Contracts\Filesystem\Filesystem;

/** Brings what films are made of to whoever makes them, over the disk that the machines share. */
final readonly class Carrier
{
    /** where it stands on that disk, by fingerprint */
    public const FOLDER = 'luggage';

    private const SOUNDS = 'app/sounds/';
    private const PICTURES = 'app/pictures/';
    private const FONTS = 'app/fonts/';

    public function __construct(
        private Filesystem $disk,
        private FontStore $fonts,
        private FetchedFaces $fetched,
        private bool $isShared,
    ) {
    }

    /**
     * Puts on the shared disk what is not there yet. Where nothing is shared nothing is carried.
     *
     * @throws FullDisk
     */
    public function pack(string $document): Luggage
    {
        if (!$this->isShared) {
            return new Luggage();
        }
        $files = [];
        foreach ($this->spokenOf($document) as $place) {
            $path = storage_path($place);
            $print = is_file($path) ? (string) hash_file('sha256', $path) : null;
            // What is missing here is missing in the film as well; it says so where that matters.
            if ($print !== null) {
                $files[$place] = $print;
                $this->put($path, $print);
            }
        }

        return new Luggage($files, $this->faces($document));
    }

    /**
     * Fetches what is not here yet.
     *
     * @throws FilmFailed where it is not on the shared disk, or not whole
     */
    public function unpack(Luggage $luggage): void
    {
        $this->fetched->add($luggage->faces);
        foreach ($luggage->files as $place => $print) {
            $path = storage_path($place);
            if (!is_file($path)) {
                @mkdir(dirname($path), 0775, true);
                $what = sprintf('A file that this piece needs (%s)', basename($path));
                Fetching::to($path, $this->disk, self::FOLDER.'/'.$print, $print, $what);
            }
        }
    }

    /** Lets go of all that was carried. For when nothing waits to be made. */
    public function sweep(): int
    {
        $files = $this->isShared ? $this->disk->files(self::FOLDER) : [];
        $this->disk->delete($files);

        return count($files);
    }

    private function put(string $path, string $print): void
    {
        $there = self::FOLDER.'/'.$print;
        if ($this->disk->exists($there) && $this->disk->size($there) === filesize($path)) {
            return;
        }
        $file = fopen($path, 'r');
        if ($file === false || !$this->disk->put($there, $file)) {
            throw new FullDisk();
        }
    }

    /** @return list<string> places of files */
    private function spokenOf(string $document): array
    {
        preg_match_all('/(?<![0-9a-f])[0-9a-f]{64}(?![0-9a-f])/', $document, $found);
        $places = [];
        foreach (array_unique($found[0]) as $print) {
            array_push($places, self::PICTURES.$print.'.png', self::PICTURES.$print.'.jpg');
        }
        $sound = self::soundOf($document);
        if ($sound !== null) {
            $places[] = self::SOUNDS.$sound.'.flac';
        }
        foreach ($this->faces($document) as $id => $face) {
            $places[] = self::FONTS.basename((string) $this->fonts->packPath($id));
            $places[] = self::FONTS.$face['source'].'.otf';
        }

        return $places;
    }

    /** The sound of the recording in use. */
    private static function soundOf(string $document): ?string
    {
        $script = json_decode($document, true)['script'] ?? [];
        $recordings = array_column($script['recordings'] ?? [], 'sound', 'id');
        $sound = $recordings[$script['recording'] ?? ''] ?? null;

        return is_string($sound) ? $sound : null;
    }

    /** @return array<string, array{source: string, axes: array<string, float>}> own fonts, by id */
    private function faces(string $document): array
    {
        preg_match_all('/"(own-[a-z0-9-]+-[0-9a-f]{16})"/', $document, $found);
        $faces = [];
        foreach (array_unique($found[1]) as $id) {
            $face = $this->fonts->face($id);
            if ($face !== null) {
                $faces[$id] = ['source' => $face->source, 'axes' => $face->axes];
            }
        }

        return $faces;
    }
}
