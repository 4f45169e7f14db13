<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Import\GridBuilder;
use Lupine\Core\Import\UnreadableFile;

/** A zipped file of a spreadsheet, looked at before anything of it is unpacked. */
final readonly class Archive
{
    /** bytes that all of it may be, unpacked; what one entry may be, as a multiple of its packed size */
    private const MOST_BYTES = 200_000_000;
    private const MOST_PACKED = 250;
    private const MOST_ENTRIES = 5000;

    private const BEGINNING = 100_000;

    /** tags of one entry, ten for each cell; and remarks, which no spreadsheet writes */
    private const MOST_TAGS = 10 * GridBuilder::MOST_CELLS;
    private const MOST_REMARKS = 10_000;
    private const CHUNK = 262_144;

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
                sprintf('“%s” is damaged and cannot be opened. Save it again from the spreadsheet.', $name),
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
                    sprintf(
                        '“%s” is far larger than a table when unpacked, so it was not read. Save it as CSV.',
                        $name,
                    ),
                    $name,
                );
            }
            if (($entry['encryption_method'] ?? 0) !== 0) {
                throw self::locked($name);
            }
            if (preg_match(self::MACROS, $entry['name']) === 1) {
                throw new UnreadableFile(
                    sprintf('“%s” contains macros, so it was not read. Save it as XLSX or ODS without macros.', $name),
                    $name,
                );
            }
        }

        return new self($path, $name, $zip);
    }

    public static function locked(string $name): UnreadableFile
    {
        return new UnreadableFile(
            sprintf('“%s” is password-protected. Remove the password and save it again.', $name),
            $name,
        );
    }

    public function has(string $entry): bool
    {
        return $this->zip->locateName($entry) !== false;
    }

    /** The beginning of an entry, as far as what it says is looked for there. */
    public function beginning(string $entry): string
    {
        return $this->has($entry) ? (string) $this->zip->getFromName($entry, self::BEGINNING) : '';
    }

    /** @throws UnreadableFile where there is no such entry */
    public function part(string $entry): Part
    {
        $this->lookThrough($entry);
        $reader = new \XMLReader();
        $address = 'zip://'.$this->path.'#'.$entry;
        // A file's own errors are looked at, not printed.
        libxml_use_internal_errors(true);
        libxml_clear_errors();
        if (!$this->has($entry) || @$reader->open($address, null, LIBXML_NONET | LIBXML_COMPACT) !== true) {
            throw $this->broken($entry);
        }

        return new Part($reader, $this, $entry);
    }

    /**
     * Counts what an entry is made of before it is taken apart, which costs a hundred times as much.
     *
     * @throws UnreadableFile where it is more than a table has, or no XML as spreadsheets write it
     */
    private function lookThrough(string $entry): void
    {
        $stream = $this->has($entry) ? $this->zip->getStream($entry) : false;
        if ($stream === false) {
            throw $this->broken($entry);
        }
        $tags = $remarks = 0;
        while (($chunk = (string) @fread($stream, self::CHUNK)) !== '') {
            $tags += substr_count($chunk, '<');
            $remarks += substr_count($chunk, '<!');
            if (str_contains($chunk, "\0")) {
                throw $this->broken($entry);
            }
            if ($tags > self::MOST_TAGS || $remarks > self::MOST_REMARKS) {
                throw GridBuilder::tooLarge($this->name);
            }
        }
        fclose($stream);
    }

    public function tooManySheets(): UnreadableFile
    {
        return new UnreadableFile(
            sprintf(
                '“%s” has more than %s sheets, the limit. Keep the one that the chart shows, and save it alone.',
                $this->name,
                number_format(Book::MOST_SHEETS),
            ),
            $this->name,
        );
    }

    public function broken(string $entry): UnreadableFile
    {
        return new UnreadableFile(
            sprintf(
                '“%s” is damaged: “%s” in it cannot be read. Open it in a spreadsheet and save it again.',
                $this->name,
                mb_strimwidth(mb_scrub($entry), 0, 80, '…'),
            ),
            $this->name,
        );
    }
}
