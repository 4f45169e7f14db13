<?php

declare(strict_types=1);

namespace App\Desk;

use Lupine\Core\Piece\Piece;

/** A document with everything in its place on one shape of its stage, and a text that tells it from all others. */
final readonly class PlacedPiece
{
    /**
     * @param Piece $told as the document has it
     * @param string|null $shape of the stage; null: the piece's own
     */
    public function __construct(public Piece $piece, public string $text, public Piece $told, public ?string $shape)
    {
    }

    /** As it was written. */
    public function document(): \stdClass
    {
        $text = $this->shape === null ? $this->text : substr($this->text, 0, -strlen(' '.$this->shape));
        $document = json_decode($text);

        return $document instanceof \stdClass ? $document : new \stdClass();
    }
}
