<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Sides;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\Json;

/**
 * A document on a stage of another size: what a hand has placed keeps its place in proportion, and texts that the rule
 * places keep their size in proportion to the shorter side. What the rule places follows by itself.
 *
 * What a number was on the stage that it was set for is kept in `reshaped`, so that there and back is the same
 * document, in any order of shapes. A number that has been changed since is one of the stage that it was changed on.
 */
final class Reshape
{
    /** @var array<string, array{float|int, int, int, float|int}> by path: number, width, height, what became of it */
    private array $kept = [];

    /** @param array<string, array{float|int, int, int, float|int}> $before what was kept so far, by path */
    private function __construct(
        private readonly Stage $stage,
        private readonly int $width,
        private readonly int $height,
        private readonly array $before,
    ) {
    }

    /**
     * @param \stdClass $document as docs/piece.schema.json describes it; it is changed
     * @param Stage $stage that it has so far
     */
    public static function change(\stdClass $document, Stage $stage, Sides $sides): void
    {
        $kept = self::kept($document->reshaped ?? null);
        (new self($stage, $sides->width, $sides->height, $kept))->changeAll($document);
    }

    private function changeAll(\stdClass $document): void
    {
        $stage = ['width' => $this->width, 'height' => $this->height];
        $document->stage = (object) [...(array) ($document->stage ?? []), ...$stage];
        foreach (Json::objects($document->words ?? null) as $words) {
            $this->text($words, 'words/'.self::id($words), ['x' => 'across', 'width' => 'across', 'y' => 'down']);
        }
        if (($document->captions ?? null) instanceof \stdClass) {
            $this->text($document->captions, 'captions', ['width' => 'across', 'y' => 'down']);
        }
        foreach (Json::objects($document->panels ?? null) as $panel) {
            $this->panel($panel, 'panels/'.self::id($panel));
        }
        foreach (Json::objects($document->charts ?? null) as $chart) {
            $this->chart($chart, 'charts/'.self::id($chart));
        }
        unset($document->reshaped);
        if ($this->kept !== []) {
            $document->reshaped = (object) $this->kept;
        }
    }

    private function chart(\stdClass $chart, string $path): void
    {
        $words = $chart->words ?? null;
        if ($words instanceof \stdClass && ($words->legend ?? null) instanceof \stdClass) {
            $this->text($words->legend, $path.'/legend', ['x' => 'across', 'width' => 'across', 'y' => 'down']);
        }
        $place = $chart->place ?? null;
        if ($place instanceof \stdClass && ($place->placedBy ?? 'hand') === 'hand') {
            $isPlain = !isset($place->size);
            $place->size ??= 1;
            $this->scale($place, $path, ['x' => 'across', 'y' => 'down', 'size' => 'size']);
            if ($isPlain || isset($this->before[$path.'/plain'])) {
                // It had no size of its own, and has none again where it is as it was.
                if ($place->size === 1) {
                    unset($place->size);
                } else {
                    $this->kept[$path.'/plain'] = [1, $this->width, $this->height, 1];
                }
            }

            return;
        }
        foreach (['labels', 'names', 'centre', 'axis'] as $part) {
            if ($words instanceof \stdClass && ($words->{$part} ?? null) instanceof \stdClass) {
                $this->scale($words->{$part}, $path.'/'.$part, ['size' => 'text']);
            }
        }
    }

    /** What is as long as a side goes with that side; what is as wide as it is high stays so. */
    private function panel(\stdClass $panel, string $path): void
    {
        $kind = $panel->kind ?? '';
        $isSquare = in_array($kind, Panel::SQUARE, true);
        $this->scale($panel, $path, [
            'x' => 'across',
            'y' => 'down',
            'width' => $isSquare ? 'size' : 'across',
            'height' => $isSquare || $kind === 'rule' ? 'size' : 'down',
            'thickness' => 'text',
            'radius' => 'text',
            'padding' => 'text',
        ]);
    }

    /** @param array<string, string> $byHand what a hand has placed goes by, by field */
    private function text(\stdClass $text, string $path, array $byHand): void
    {
        $this->scale($text, $path, ($text->placedBy ?? 'hand') === 'hand'
            ? [...$byHand, 'size' => 'size']
            : ['size' => 'text', 'width' => 'text']);
    }

    /** @param array<string, string> $factors what each field goes by */
    private function scale(\stdClass $object, string $path, array $factors): void
    {
        foreach ($factors as $field => $by) {
            $now = $object->{$field} ?? null;
            if (!is_int($now) && !is_float($now)) {
                continue;
            }
            $key = $path.'/'.$field;
            [$number, $width, $height] = $this->first($key, $now);
            if ([$width, $height] === [$this->width, $this->height]) {
                $object->{$field} = $number;
                continue;
            }
            $object->{$field} = round($number * $this->factor($by, $width, $height), 4);
            $this->kept[$key] = [$number, $width, $height, $object->{$field}];
        }
    }

    /** @return array{float|int, int, int} a number as it was set, and the width and the height of its stage */
    private function first(string $key, float|int $now): array
    {
        [$number, $width, $height, $made] = $this->before[$key] ?? [$now, 0, 0, $now];

        return abs($made - $now) < 1e-9 && $width > 0 && $height > 0
            ? [$number, $width, $height]
            : [$now, $this->stage->width, $this->stage->height];
    }

    private function factor(string $by, int $width, int $height): float
    {
        $across = $this->width / $width;
        $down = $this->height / $height;

        return match ($by) {
            'across' => $across,
            'down' => $down,
            'size' => min($across, $down),
            default => min($this->width, $this->height) / min($width, $height),
        };
    }

    /** @return array<string, array{float|int, int, int, float|int}> what of it can be read */
    private static function kept(mixed $reshaped): array
    {
        $kept = [];
        foreach ($reshaped instanceof \stdClass ? get_object_vars($reshaped) : [] as $key => $one) {
            $numbers = is_array($one) ? array_values(array_filter(
                $one,
                static fn (mixed $number): bool => is_int($number) || is_float($number),
            )) : [];
            if (count($numbers) === 4) {
                $kept[(string) $key] = [$numbers[0], (int) $numbers[1], (int) $numbers[2], $numbers[3]];
            }
        }

        return $kept;
    }

    private static function id(\stdClass $object): string
    {
        return isset($object->id) && is_string($object->id) ? $object->id : '';
    }
}
