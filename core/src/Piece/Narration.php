<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The script: the lines that are said, and the recordings of them, of which one may be in use. */
final readonly class Narration
{
    /**
     * @param list<ScriptLine> $lines
     * @param list<Recording> $recordings
     */
    private function __construct(public array $lines, public array $recordings, public ?Recording $inUse)
    {
    }

    public static function read(Field $field): self
    {
        $lines = array_map(ScriptLine::read(...), $field->get('lines')->items(400));
        Unique::ids($lines, $field->get('lines'));
        $recordings = array_map(Recording::read(...), $field->get('recordings')->items(12));
        Unique::ids($recordings, $field->get('recordings'));
        $inUse = null;
        if (!$field->get('recording')->isNull()) {
            $wanted = $field->get('recording')->id();
            foreach ($recordings as $recording) {
                $inUse = $recording->id === $wanted ? $recording : $inUse;
            }
            if ($inUse === null) {
                throw $field->get('recording')->wrong(sprintf('names “%s”, which is none of the recordings', $wanted));
            }
        }

        return new self($lines, $recordings, $inUse);
    }

    public function line(string $id): ?ScriptLine
    {
        foreach ($this->lines as $line) {
            if ($line->id === $id) {
                return $line;
            }
        }

        return null;
    }
}
