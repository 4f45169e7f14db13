<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Import\UnreadableFile;

/** A zipped file of a spreadsheet, looked at before anything of it is unpacked. */
final readonly class Archive
{
    /** bytes that all of it may be, unpacked; what one entry may be, as a multiple of its packed size */
    private const MOST_BYTES = 400_000_000;
    private const MOST_PACKED = 250;
    private const MOST_ENTRIES = 5000;

    /** packed bytes below which nothing can grow to be a danger */
    private const SMALL = 200_000;

    private const MACROS = '#(^|/)vbaProject\.bin$|^Basic/|^Scripts/#i';

    private function __construct(private string $path, public string $name, private \ZipArchive $zip)
    {
    }

    /** @throws UnreadableFile */
    public static function open(string $path, string $name): self
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new UnreadableFile(
                sprintf('“%s” is broken: it begins like a spreadsheet and cannot be unpacked. Save it again.', $name),
                $name,
            );
        }
        $bytes = 0;
        for ($index = 0; $index < $zip->numFiles; ++$index) {
            $entry = $zip->statIndex($index);
            if ($entry === false) {
                continue;
            }
            $bytes += $entry['size'];
            $isBomb = $entry['size'] > self::SMALL && $entry['size'] > self::MOST_PACKED * max(1, $entry['comp_size']);
            if ($bytes > self::MOST_BYTES || $isBomb || $index > self::MOST_ENTRIES) {
                throw new UnreadableFile(
                    sprintf('“%s” unpacks to far more than a table has, so it is not read. Save it as CSV.', $name),
                    $name,
                );
            }
            if (($entry['encryption_method'] ?? 0) !== 0) {
                throw self::locked($name);
            }
            if (preg_match(self::MACROS, $entry['name']) === 1) {
                throw new UnreadableFile(
                    sprintf('“%s” has macros in it, and is not read. Save it without them, as XLSX or ODS.', $name),
                    $name,
                );
            }
        }

        return new self($path, $name, $zip);
    }

    public static function locked(string $name): UnreadableFile
    {
        return new UnreadableFile(
            sprintf('“%s” is locked with a password. Take it off in the spreadsheet, and save it again.', $name),
            $name,
        );
    }

    public function has(string $entry): bool
    {
        return $this->zip->locateName($entry) !== false;
    }

    public function text(string $entry): string
    {
        return $this->has($entry) ? (string) $this->zip->getFromName($entry) : '';
    }

    /** @throws UnreadableFile where there is no such entry */
    public function xml(string $entry): \XMLReader
    {
        $reader = new \XMLReader();
        $address = 'zip://'.$this->path.'#'.$entry;
        if (!$this->has($entry) || @$reader->open($address, null, LIBXML_NONET | LIBXML_COMPACT) !== true) {
            throw $this->broken($entry);
        }

        return $reader;
    }

    public function broken(string $entry): UnreadableFile
    {
        return new UnreadableFile(
            sprintf(
                '“%s” is broken: “%s” in it cannot be read. Open it in a spreadsheet and save it again.',
                $this->name,
                $entry,
            ),
            $this->name,
        );
    }
}
