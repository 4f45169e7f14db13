<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;

/** The script: the lines that are said, and the recordings of them, of which one may be in use. */
#[Described('The narration.', name: 'Script')]
final readonly class Narration implements Checked
{
    public const MAX_LINES = 400;

    public ?Recording $inUse;

    public function __construct(
        /** @var list<ScriptLine> */
        #[Several(new Part(ScriptLine::class), max: self::MAX_LINES)]
        public array $lines,
        /** @var list<Recording> */
        #[Several(new Part(Recording::class), max: 12)]
        #[Detail(isOptional: true)]
        public array $recordings,
        #[Id]
        #[Detail('the one in use; null: none', isOptional: true, name: 'recording')]
        ?string $used,
    ) {
        $this->inUse = array_column($recordings, null, 'id')[$used ?? ''] ?? null;
    }

    public function check(Field $field): void
    {
        Unique::ids($this->lines, $field->get('lines'));
        Unique::ids($this->recordings, $field->get('recordings'));
        $used = $field->get('recording');
        if (!$used->isNull() && $this->inUse === null) {
            throw $used->wrong(sprintf('names “%s”, which is none of the recordings', $used->id()));
        }
    }

    /** The lines that have a second language, in it; no recording says them. */
    public function inSecondLanguage(): self
    {
        $lines = array_filter($this->captioned(), static fn (ScriptLine $line): bool => trim($line->other) !== '');

        $said = static fn (ScriptLine $one): ScriptLine => new ScriptLine(
            $one->id,
            $one->other,
            $one->begin,
            $one->end,
        );

        return new self(array_values(array_map($said, $lines)), [], null);
    }

    /** @return list<ScriptLine> those that captions show: not what the recording in use leaves out */
    public function captioned(): array
    {
        return array_values(array_filter(
            $this->lines,
            fn (ScriptLine $line): bool => !($this->inUse?->leavesOut($line->id) ?? false),
        ));
    }

    /**
     * Lines that captions show, as far as they are said from a frame to another.
     *
     * @return list<array{int, int, string}> first frame, the one after the last, and text
     */
    public function within(int $from, int $to): array
    {
        $lines = [];
        foreach ($this->captioned() as $line) {
            if ($line->end > $from && $line->begin <= $to) {
                $lines[] = [max($line->begin, $from), min($line->end, $to + 1), $line->text];
            }
        }

        return $lines;
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
