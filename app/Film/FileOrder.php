<?php

declare(strict_types=1);

namespace App\Film;

use App\Http\Body;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;

/** What film is wanted of a piece. */
final readonly class FileOrder
{
    private const LONGEST_NAME = 120;

    /** frames that a long film is made of at a time */
    public const PART = 300;

    /** frames in a row of a sample; more where a frame is told by others around it */
    private const SAMPLE_RUN = 4;
    private const SAMPLE_RUN_OF_FILMS = 12;

    private function __construct(
        public FileKind $kind,
        public FrameRange $range,
        /** of the file, without its ending; empty for the title of the piece */
        public string $name,
        /** the colour that a piece without a backdrop is filmed on, where the kind has no transparency */
        public ?string $ground,
        /** the shape of the stage that is filmed; null: the piece's own */
        public ?string $shape = null,
        /** whether the narrator is heard in it */
        public bool $withSound = true,
        /** of its first frame, where files of its kind say it */
        public ?Timecode $timecode = null,
        public FileOptions $options = new FileOptions(),
        /** pixels across; null: as the stage has it */
        public ?int $width = null,
        /** pictures in a second; null: as the stage has it */
        public ?float $perSecond = null,
        /** how long it is */
        public float $seconds = 0.0,
        /** whether a few runs of its frames are made, to see what all of it will be */
        public bool $isSample = false,
        /** whether it is a part that is joined to others */
        public bool $isPart = false,
        /** @var array<string, string> SHA-256 of the films that were made of the same document, by file name */
        public array $films = [],
    ) {
    }

    /**
     * @param Body $asked kind, from, to, name, ground, shape, sound and what FileOptions reads; all can be missing
     *
     * @throws BadPiece where it cannot be made of this piece
     */
    public static function read(Body $asked, Piece $piece): self
    {
        return self::readFrom($asked->field(), $piece);
    }

    /**
     * The same, as one of several that are asked for.
     *
     * @throws BadPiece where it cannot be made of this piece
     */
    public static function readFrom(Field $asked, Piece $piece): self
    {
        $last = $piece->stage->frames - 1;
        $kinds = array_map(static fn (FileKind $kind): string => $kind->value, FileKind::cases());
        $frame = static fn (string $name, int $usual): int => $asked->get($name)->isNull()
            ? $usual
            : (int) $asked->get($name)->number(0, $last);

        return self::of(
            $piece,
            FileKind::from($asked->get('kind')->oneOf($kinds, 'mp4')),
            $frame('from', 0),
            $frame('to', $last),
            trim($asked->get('name')->text(self::LONGEST_NAME, '')),
            $asked->get('ground')->isNull() ? null : $asked->get('ground')->colour(),
            $asked->get('shape')->isNull() ? null : $asked->get('shape')->id(),
            $asked->get('sound')->flag(true),
            FileOptions::read($asked, $piece),
        );
    }

    /** @throws BadPiece where it cannot be made of this piece */
    public static function of(
        Piece $piece,
        FileKind $kind,
        int $from,
        int $to,
        string $name = '',
        ?string $ground = null,
        ?string $shape = null,
        bool $withSound = true,
        FileOptions $options = new FileOptions(),
    ): self {
        $traits = $kind->traits();
        if ($shape !== null) {
            $piece->shape($shape);
        }
        if ($to < $from) {
            throw new BadPiece(sprintf('The last frame, %d, is before the first, %d.', $to, $from), 'to');
        }
        if ($kind === FileKind::Wav && ($piece->narration->inUse->sound ?? null) === null) {
            throw new BadPiece(
                'This piece uses no recording, so there is no sound to export. Add a recording or a scratch voice below the script.',
                'kind',
            );
        }
        $isOpen = $piece->backdrop->kind === 'transparent';
        if (!$traits->hasTransparency && $isOpen && $ground === null) {
            throw new BadPiece(
                'This piece has no backdrop and a film of this kind cannot be transparent. Choose ProRes 4444, WebM or PNG frames, or set a background colour.',
                'ground',
            );
        }
        if ($kind === FileKind::Matte && !$isOpen) {
            throw new BadPiece(
                'A matte says where the picture is transparent. This piece has a backdrop, so its matte would be white all over. Make the backdrop transparent at the desk, then make film and matte.',
                'kind',
            );
        }

        $range = FrameRange::within($piece->stage->frames, $from, $to);

        // A sound has no shape, nor has what is read.
        $shape = $traits->hasShape ? $shape : null;
        $width = $shape === null ? $piece->stage->width : $piece->shape($shape)->width;

        $timecode = $traits->hasTimecode
            ? Timecode::atFrame($range->from, FrameRate::ofStage($piece->stage), $piece->stage->dropFrame)
            : null;

        return new self(
            $kind,
            $range,
            $name,
            $ground,
            $shape,
            $withSound && $traits->hasSound,
            $timecode,
            $options,
            match (true) {
                $kind === FileKind::Draft => intdiv($width, 4) * 2,
                $traits->isLoop => min($options->width ?? $width, $width),
                default => null,
            },
            $traits->isLoop ? $options->rateWithin($piece->stage) : null,
            $range->count() * $piece->stage->rateDenominator / $piece->stage->rateNumerator,
        );
    }

    /** How many pictures it has. */
    public function frameCount(): int
    {
        return $this->perSecond === null
            ? $this->range->count()
            : max(1, (int) round($this->seconds * $this->perSecond));
    }

    /** How many frames in a row a sample has. */
    public function sampleRun(): int
    {
        return in_array($this->kind, [FileKind::Mp4, FileKind::Draft, FileKind::Webm], true)
            ? self::SAMPLE_RUN_OF_FILMS
            : self::SAMPLE_RUN;
    }

    /** A little of it, without its sound. */
    public function sampled(): self
    {
        return $this->with(['withSound' => false, 'isSample' => true]);
    }

    /**
     * The ranges that it is made in, one after the other: a long film in parts, so that several machines can make it,
     * and always in the same ones, so that it is the same film wherever they are made.
     *
     * @return non-empty-list<FrameRange>
     */
    public function parts(): array
    {
        $isWhole = $this->isSample || $this->isPart || !$this->kind->traits()->isJoined;

        return $isWhole ? [$this->range] : $this->range->parts(self::PART);
    }

    /** In how many parts so many frames are made. */
    public static function partsOf(FileKind $kind, int $frames): int
    {
        return $kind->traits()->isJoined ? (int) ceil($frames / self::PART) : 1;
    }

    /** A part of it, without its sound. */
    public function part(FrameRange $range): self
    {
        return $this->with([
            'range' => $range,
            'withSound' => false,
            'isPart' => true,
            'timecode' => $this->timecode?->on($range->from),
            'seconds' => $this->seconds * $range->count() / $this->range->count(),
        ]);
    }

    /** @param array<string, string> $films SHA-256 of those that were made of the same document, by file name */
    public function knowing(array $films): self
    {
        return $this->with(['films' => $films]);
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** The document as it is filmed: on its colour, and with its captions or without. */
    public function filmed(string $document): string
    {
        if ($this->ground === null && $this->options->withCaptions) {
            return $document;
        }
        $piece = (object) json_decode($document);
        if ($this->ground !== null) {
            $ground = ['kind' => 'colour', 'colour' => $this->ground, 'vignette' => 0];
            $piece->backdrop = (object) [...(array) $piece->backdrop, ...$ground];
        }
        if (!$this->options->withCaptions) {
            $piece->captions = null;
        }

        return json_encode($piece, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
