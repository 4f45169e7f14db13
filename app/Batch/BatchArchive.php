<?php

declare(strict_types=1);

namespace App\Batch;

use App\Disk\FullDisk;
use App\Models\Batch;
use App\Models\HandOff;
use App\Models\WorkStatus;
use App\Papers\Csv;
use Illuminate\Support\Facades\Storage;
use Lupine\Core\Papers\Table;

/** All files of a batch in one ZIP, with a manifest that says what each is. */
final readonly class BatchArchive
{
    private const HEADS = [
        'File', 'Table', 'Kind', 'Shape', 'First frame', 'Frames', 'Bytes', 'SHA-256 of the file', 'SHA-256 of the piece',
        'Status',
    ];

    /**
     * @return string a file that whoever asked deletes
     *
     * @throws FullDisk
     */
    public static function of(Batch $batch): string
    {
        $disk = Storage::disk('hand-offs');
        $file = (string) tempnam(storage_path('app/rendering'), 'batch');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        $rows = [];
        $taken = [];
        /** @var iterable<HandOff> $films */
        $films = $batch->files()->orderBy('id')->cursor();
        foreach ($films as $film) {
            $isDone = $film->status === WorkStatus::Done && $film->file !== null && $disk->exists($film->file);
            $name = self::free($film->fileName(), $taken);
            $path = $isDone ? $disk->path((string) $film->file) : null;
            if ($path !== null) {
                $zip->addFile($path, $name);
                // Films and pictures do not become smaller.
                $zip->setCompressionName($name, \ZipArchive::CM_STORE);
            }
            $rows[] = self::row($film, $name, $path);
        }
        $zip->addFromString('manifest.csv', Csv::of(new Table(self::HEADS, $rows)));

        return $zip->close() ? $file : throw new FullDisk();
    }

    /** @return list<string|int|null> */
    private static function row(HandOff $film, string $name, ?string $path): array
    {
        return [
            $name,
            $film->filling ?? '',
            $film->kind->value,
            $film->shape ?? '',
            $film->first_frame,
            $film->frames_total,
            $path === null ? null : $film->bytes,
            $path === null ? '' : (string) hash_file('sha256', $path),
            hash('sha256', $film->document),
            $path === null ? ($film->message ?? $film->status->value) : 'made',
        ];
    }

    /**
     * A name that no other file in it has.
     *
     * @param array<string, true> $taken
     */
    private static function free(string $name, array &$taken): string
    {
        ['filename' => $stem, 'extension' => $ending] = pathinfo($name) + ['extension' => ''];
        for ($number = 1;; ++$number) {
            $free = $number === 1 ? $name : "$stem-$number.$ending";
            if (!isset($taken[mb_strtolower($free)])) {
                $taken[mb_strtolower($free)] = true;

                return $free;
            }
        }
    }
}
