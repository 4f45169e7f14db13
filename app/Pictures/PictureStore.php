<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Disk\FullDisk;
use App\Disk\Kept;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use Lupine\Core\Piece\Picture;
use Symfony\Component\Process\Process;

/** The pictures that pieces use: files beside the database, each by its fingerprint. */
final readonly class PictureStore
{
    /** of a file, in bytes */
    public const MOST_BYTES = 20_000_000;

    /** days that a picture is kept which nothing speaks of: a piece in a file may still come back with it */
    private const DAYS = 30;

    private const ENDINGS = ['.png', '.jpg'];
    private const TYPES = ['image/png', 'image/jpeg', 'image/webp', 'image/svg+xml', 'text/xml', 'text/plain',
        'application/xml', 'text/html'];
    private const SECONDS = 30;

    /** pixels of a picture, at most: twice what the largest stage has, four times over */
    private const MOST_PIXELS = 80_000_000;

    public function __construct(private Kept $kept)
    {
    }

    /**
     * Keeps a picture as it is painted: no larger than needed, an SVG as pixels.
     *
     * @return array{file: string, width: int, height: int, colours: string}
     *
     * @throws PictureFailed where it is none, or too large
     * @throws FullDisk
     */
    public function keep(string $bytes, string $name): array
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw new PictureFailed(
                sprintf('“%s” is larger than 20 MB. Export it smaller, or as JPEG, and add that.', $name),
            );
        }
        if (!in_array((new \finfo(FILEINFO_MIME_TYPE))->buffer($bytes), self::TYPES, true)) {
            throw new PictureFailed(sprintf('“%s” is not a PNG, JPEG, WebP or SVG picture. Export it as one.', $name));
        }
        [$width, $height] = @getimagesizefromstring($bytes) ?: [0, 0];
        if ($width * $height > self::MOST_PIXELS) {
            throw new PictureFailed(sprintf(
                '“%s” is %d × %d pixels; the limit is 80 million. Export it smaller.',
                $name,
                $width,
                $height,
            ));
        }
        if (OwnSvg::isMeant($bytes)) {
            $bytes = OwnSvg::of($bytes) ?? throw self::unreadable($name);
        }
        $source = $this->kept->room(hash('sha256', $bytes), '.new');
        $made = $source.'.made';
        try {
            if (@file_put_contents($source, $bytes) !== strlen($bytes)) {
                throw new FullDisk();
            }
            $said = self::painted($source, $made, $name);
            $file = hash_file('sha256', $made);
            $ending = $said['type'] === 'png' ? self::ENDINGS[0] : self::ENDINGS[1];
            if ($file === false || !@rename($made, $this->kept->room($file, $ending))) {
                throw new FullDisk();
            }

            return [
                'file' => $file,
                'width' => $said['width'],
                'height' => $said['height'],
                'colours' => $said['colours'],
            ];
        } finally {
            @unlink($source);
            @unlink($made);
        }
    }

    private static function unreadable(string $name): PictureFailed
    {
        return new PictureFailed(
            sprintf('“%s” cannot be read as a picture. Open it in another program and export it again.', $name),
        );
    }

    /** @return array{width: int, height: int, type: string, colours: string} */
    private static function painted(string $source, string $target, string $name, int $blur = 0): array
    {
        $process = new Process(
            [
                config('lupine.node'),
                base_path('renderer/dist/picture.js'),
                $source,
                $target,
                (string) Picture::LONGEST,
                (string) $blur,
            ],
            base_path(),
            timeout: self::SECONDS,
        );
        $process->run();
        $said = json_decode($process->getOutput(), true);
        if (!$process->isSuccessful() || !is_array($said) || !is_int($said['width']) || !is_int($said['height'])) {
            throw self::unreadable($name);
        }

        return [
            'width' => $said['width'],
            'height' => $said['height'],
            'type' => $said['type'] ?? 'jpeg',
            'colours' => $said['colours'] ?? '',
        ];
    }

    /**
     * Where the file of a picture is; null where it is not on this machine. One that is out of focus is made when it is
     * first asked for.
     *
     * @param int $blur standard deviation in thousandths of its width; 0: sharp
     *
     * @throws FullDisk
     */
    public function path(string $file, int $blur = 0): ?string
    {
        foreach ($blur > 0 ? [self::softEnding($blur)] : self::ENDINGS as $ending) {
            $path = $this->kept->find($file, $ending);
            if ($path !== null) {
                return $path;
            }
        }
        $sharp = $blur > 0 ? $this->path($file) : null;
        if ($sharp === null) {
            return null;
        }
        $path = $this->kept->room($file, self::softEnding($blur));
        $made = $path.'.'.Kept::newUlid();
        try {
            self::painted($sharp, $made, 'The picture', $blur);
            if (!@rename($made, $path)) {
                throw new FullDisk();
            }
        } finally {
            @unlink($made);
        }

        return $path;
    }

    private static function softEnding(int $blur): string
    {
        return '.soft'.$blur.'.png';
    }

    public static function typeOf(string $path): string
    {
        return str_ends_with($path, '.png') ? 'image/png' : 'image/jpeg';
    }

    /** The picture within an SVG; one that is gone is a clear one of a pixel. */
    public function dataUri(string $file, int $blur = 0): string
    {
        $path = $this->path($file, $blur);

        return $path === null
            ? 'data:image/gif;base64,R0lGODlhAQABAAAAACH5BAEKAAEALAAAAAABAAEAAAICTAEAOw=='
            : 'data:'.self::typeOf($path).';base64,'.base64_encode((string) file_get_contents($path));
    }

    /** @return int how many went that no piece, no step of undo, no film and no kit speaks of */
    public function sweep(CarbonInterface $now): int
    {
        $gone = 0;
        $limit = $now->copy()->subDays(self::DAYS)->getTimestamp();
        foreach (glob($this->kept->folder.'/*') ?: [] as $path) {
            $id = explode('.', basename($path))[0];
            if ((int) @filemtime($path) < $limit && !self::isUsed($id)) {
                $gone += @unlink($path) ? 1 : 0;
            }
        }

        return $gone;
    }

    private static function isUsed(string $id): bool
    {
        foreach (['revisions', 'hand_offs', 'kits'] as $table) {
            if (DB::table($table)->where('document', 'like', '%'.$id.'%')->exists()) {
                return true;
            }
        }

        return false;
    }
}
