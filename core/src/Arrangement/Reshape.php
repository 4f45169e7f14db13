<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Piece\BadPiece;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Stage;

/**
 * A document on a stage of another size: what a hand has placed keeps its place in proportion, and texts that the rule
 * places keep their size in proportion to the shorter side. What the rule places follows by itself.
 */
final readonly class Reshape
{
    private float $across;
    private float $down;

    /** of what stands by hand */
    private float $size;

    /** of what the rule places */
    private float $text;

    public function __construct(Stage $stage, private int $width, private int $height)
    {
        $this->across = $width / $stage->width;
        $this->down = $height / $stage->height;
        $this->size = min($this->across, $this->down);
        $this->text = min($width, $height) / min($stage->width, $stage->height);
    }

    /**
     * @param \stdClass $document as docs/piece.schema.json describes it
     * @param Piece $piece the same document, read
     *
     * @return \stdClass a copy of it
     *
     * @throws BadPiece where the stage cannot have that size
     */
    public static function document(\stdClass $document, Piece $piece, int $width, int $height): \stdClass
    {
        $copy = json_decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        \assert($copy instanceof \stdClass);
        (new self($piece->stage, $width, $height))->change($copy);

        return $copy;
    }

    private function change(\stdClass $document): void
    {
        $stage = ['width' => $this->width, 'height' => $this->height];
        $document->stage = (object) [...(array) ($document->stage ?? []), ...$stage];
        foreach (self::objects($document->words ?? null) as $words) {
            $this->text($words, ['x' => $this->across, 'width' => $this->across, 'y' => $this->down]);
        }
        if (($document->captions ?? null) instanceof \stdClass) {
            $this->text($document->captions, ['width' => $this->across, 'y' => $this->down]);
        }
        foreach (self::objects($document->charts ?? null) as $chart) {
            $this->chart($chart);
        }
    }

    private function chart(\stdClass $chart): void
    {
        $words = $chart->words ?? null;
        if ($words instanceof \stdClass && ($words->legend ?? null) instanceof \stdClass) {
            $this->text($words->legend, ['x' => $this->across, 'width' => $this->across, 'y' => $this->down]);
        }
        $place = $chart->place ?? null;
        if ($place instanceof \stdClass && ($place->placedBy ?? 'hand') === 'hand') {
            $place->size ??= 1;
            self::scale($place, ['x' => $this->across, 'y' => $this->down, 'size' => $this->size]);

            return;
        }
        foreach (['labels', 'names', 'centre', 'axis'] as $part) {
            if ($words instanceof \stdClass && ($words->{$part} ?? null) instanceof \stdClass) {
                self::scale($words->{$part}, ['size' => $this->text]);
            }
        }
    }

    /** @param array<string, float> $byHand factors of what a hand has placed, by field */
    private function text(\stdClass $text, array $byHand): void
    {
        self::scale($text, ($text->placedBy ?? 'hand') === 'hand'
            ? [...$byHand, 'size' => $this->size]
            : ['size' => $this->text, 'width' => $this->text]);
    }

    /** @param array<string, float> $factors by field */
    private static function scale(\stdClass $object, array $factors): void
    {
        foreach ($factors as $field => $factor) {
            if (is_numeric($object->{$field} ?? null)) {
                $object->{$field} = round($object->{$field} * $factor, 4);
            }
        }
    }

    /** @return list<\stdClass> */
    private static function objects(mixed $list): array
    {
        return array_values(
            array_filter(is_array($list) ? $list : [], static fn (mixed $one): bool => $one instanceof \stdClass),
        );
    }
}
