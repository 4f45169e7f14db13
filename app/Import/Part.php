<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Import\UnreadableFile;

/** One XML part of a zipped file, read node by node. What it lacks, or no spreadsheet has, is refused in words. */
final readonly class Part
{
    /** @throws UnreadableFile where it is broken, or declares entities, which could grow without end */
    public function __construct(public \XMLReader $xml, private Archive $archive, private string $entry)
    {
        // On to its outermost element; what declares entities would stand before it.
        do {
            $isThere = $this->read();
            if (!$isThere || $xml->nodeType === \XMLReader::DOC_TYPE) {
                throw $this->broken();
            }
        } while ($xml->nodeType !== \XMLReader::ELEMENT);
    }

    /**
     * On to the next node.
     *
     * @return bool whether there is one
     *
     * @throws UnreadableFile where the part is broken
     */
    public function read(): bool
    {
        try {
            $isThere = @$this->xml->read();
        } catch (\ErrorException) {
            $isThere = false;
        }

        return $isThere || libxml_get_last_error() === false ? $isThere : throw $this->broken();
    }

    /** An attribute that is a whole number from 0 on; the other number where it is missing or none that is counted. */
    public function count(string $attribute, int $otherwise): int
    {
        $text = $this->xml->getAttribute($attribute);

        // Nine digits are more than any sheet has of anything, and fit.
        return $text !== null && preg_match('/^\s*0*(\d{1,9})\s*$/D', $text, $found) === 1
            ? (int) $found[1]
            : $otherwise;
    }

    public function isOn(string $attribute): bool
    {
        return in_array($this->xml->getAttribute($attribute), ['1', 'true', 'on'], true);
    }

    public function close(): void
    {
        $this->xml->close();
    }

    public function broken(): UnreadableFile
    {
        return $this->archive->broken($this->entry);
    }
}
