<?php

declare(strict_types=1);

namespace App\Work;

use App\Film\FileKind;
use App\Film\FileOptions;
use App\Film\FileOrder;
use App\Models\HandOff;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;

/**
 * All that there is to know to make a file, wherever it is made: what is wanted, the document itself, and by their
 * fingerprints the sounds, pictures and fonts that it speaks of.
 */
final readonly class Ticket
{
    /** @param array<string, mixed> $options */
    private function __construct(
        /** the id of the hand-off */
        public string $film,
        /** a name of this order; another one when it is tried again */
        public string $round,
        public FileKind $kind,
        public string $fileName,
        private string $packed,
        private int $from,
        private int $to,
        private ?string $shape,
        private bool $withSound,
        private array $options,
        public Luggage $luggage,
        /** which Lupine ordered it */
        public string $build,
        /** which of its parts is wanted; null: all of it */
        public ?int $part = null,
        /** @var list<Result> its parts, which are to be joined; none: it is to be made */
        public array $parts = [],
        /** @var array<string, string> SHA-256 of the films that were made of this document, by file name */
        private array $films = [],
    ) {
    }

    public static function of(HandOff $film, Luggage $luggage): self
    {
        return new self(
            $film->id,
            $film->round,
            $film->kind,
            $film->fileName(),
            base64_encode((string) gzencode($film->document, 6)),
            $film->first_frame,
            $film->first_frame + $film->frames_total - 1,
            $film->shape,
            $film->with_sound,
            $film->options ?? [],
            $luggage,
            Build::here(),
        );
    }

    /** @param array<string, string> $films SHA-256 by file name */
    public function knowing(array $films): self
    {
        return $this->with(['films' => $films]);
    }

    /** @return list<self> one for each part that it is made in */
    public function split(int $parts): array
    {
        return array_map(fn (int $part): self => $this->with(['part' => $part]), range(0, $parts - 1));
    }

    /** @param list<Result> $parts */
    public function joining(array $parts): self
    {
        return $this->with(['parts' => $parts]);
    }

    /** A name of what is made. */
    public function key(): string
    {
        return $this->part === null ? $this->round : self::keyOf($this->round, $this->part);
    }

    public static function keyOf(string $round, int $part): string
    {
        return $round.'.'.$part;
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    public function document(): string
    {
        return (string) gzdecode((string) base64_decode($this->packed, true));
    }

    /** @throws BadPiece */
    public function order(Piece $piece): FileOrder
    {
        $order = FileOrder::of(
            $piece,
            $this->kind,
            $this->from,
            $this->to,
            shape: $this->shape,
            withSound: $this->withSound,
            options: FileOptions::fromArray($this->options),
        );

        return $this->part === null
            ? $order->knowing($this->films)
            : $order->part($order->parts()[$this->part]);
    }
}
