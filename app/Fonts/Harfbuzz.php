<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Disk\Kept;
use Lupine\Core\Words\BadFont;
use Lupine\Core\Words\Glyph;
use Lupine\Core\Words\ShapedText;
use Lupine\Core\Words\Shaper;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/**
 * Sets texts by HarfBuzz (fonts/shape.mjs), which is started when the first text needs it and asked line by line. What
 * it answered is kept, since few texts are new at a time.
 */
final class Harfbuzz implements Shaper
{
    private const SECONDS = 30;
    private const ENDING = '.json';

    private ?Process $process = null;
    private ?InputStream $input = null;

    public function __construct(private readonly Kept $kept, private readonly FontStore $store)
    {
    }

    public function shape(array $fonts, string $text, array $features, float $spacing): ShapedText
    {
        $asked = json_encode([
            'fonts' => array_map($this->file(...), $fonts),
            'text' => $text,
            'features' => (object) array_map(intval(...), array_filter($features)),
            'spacing' => $spacing,
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $id = hash('sha256', $asked);
        $path = $this->kept->find($id, self::ENDING);
        $known = $path === null ? null : self::read((string) file_get_contents($path));
        if ($known !== null) {
            return $known;
        }
        $answer = $this->ask($asked);
        $said = self::read($answer) ?? throw new BadFont(sprintf('“%s” could not be set: %s', $text, $answer));
        $this->kept->keep($id, $answer, self::ENDING);

        return $said;
    }

    /** @return array<string, mixed> */
    private function file(string $id): array
    {
        $face = $this->store->face($id);

        return $face === null
            ? ['id' => $id]
            : ['id' => $id, 'file' => $this->store->path($face->source), 'axes' => (object) $face->axes];
    }

    /** @throws BadFont where there is no answer */
    private function ask(string $line): string
    {
        if ($this->process === null || $this->input === null || !$this->process->isRunning()) {
            $this->input = new InputStream();
            $this->process = new Process(
                [config('lupine.node'), base_path('fonts/shape.mjs')],
                base_path(),
                input: $this->input,
            );
            $this->process->start();
        }
        // So long for each text, however long it has been asked already.
        $this->process->setTimeout(microtime(true) - $this->process->getStartTime() + self::SECONDS);
        $this->input->write($line."\n");
        $answer = '';
        try {
            $this->process->waitUntil(static function (string $type, string $said) use (&$answer): bool {
                $answer .= $type === Process::OUT ? $said : '';

                return str_ends_with($answer, "\n");
            });
        } catch (ProcessTimedOutException) {
            throw new BadFont('A text from right to left takes too long to set. Choose another font for it.');
        }

        return trim($answer) !== ''
            ? trim($answer)
            : throw new BadFont('Texts from right to left cannot be set: '.trim($this->process->getErrorOutput()));
    }

    private static function read(string $answer): ?ShapedText
    {
        $said = json_decode($answer, true, 16);
        if (!is_array($said) || !is_numeric($said['width'] ?? null) || !is_array($said['glyphs'] ?? null)) {
            return null;
        }
        /** @var list<array{string, string, float, float}> $glyphs as fonts/shape.mjs writes them */
        $glyphs = $said['glyphs'];

        return new ShapedText((float) $said['width'], array_map(
            static fn (array $one): Glyph => new Glyph($one[0], $one[1], (float) $one[2], (float) $one[3]),
            $glyphs,
        ), ($said['fromRight'] ?? false) === true);
    }
}
