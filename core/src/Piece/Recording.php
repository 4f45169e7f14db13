<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/**
 * A narration of the script: a sound, where it stands in the piece, and when its words are said. One without a sound is
 * a timing alone, as subtitles bring it or a hand taps it.
 */
final readonly class Recording
{
    /** of a recording, in seconds: half an hour */
    public const LONGEST = 1800;

    public const LOUDEST = 4.0;

    /** part of a frame: moments are kept to a tenth of a millisecond */
    private const HAIR = 0.005;

    /** @param array<string, list<HeardWord>> $heard by line */
    private function __construct(
        public string $id,
        public string $name,
        /** the fingerprint of its file (SHA-256); null where there is none */
        public ?string $sound,
        /** all of it, before anything is trimmed */
        public float $seconds,
        /** the frame on which it begins */
        public int $begin,
        /** what is trimmed before and after, in milliseconds of the whole */
        public float $from,
        public float $to,
        /** how loud: 1 as it was recorded, 0 silent */
        public float $level,
        public ?ScratchVoice $scratch,
        public array $heard,
    ) {
    }

    public static function read(Field $field): self
    {
        $seconds = $field->get('seconds')->number(0, self::LONGEST);
        $from = $field->get('from')->number(0, HeardWord::MOST_MILLISECONDS, 0.0);
        $to = $field->get('to')->number(0, HeardWord::MOST_MILLISECONDS, $seconds * 1000);
        if ($to <= $from) {
            throw $field->get('to')->wrong('has to come after where the recording begins; nothing would be left of it');
        }
        $sound = $field->get('sound')->isNull() ? null : $field->get('sound')->text(64);
        if ($sound !== null && preg_match('/^[0-9a-f]{64}$/', $sound) !== 1) {
            throw $field->get('sound')->wrong('has to be the 64 hexadecimal digits of a sound’s fingerprint');
        }
        $heard = [];
        foreach ($field->get('heard')->items(400) as $line) {
            $heard[$line->get('line')->id()] = array_map(HeardWord::read(...), $line->get('words')->items(400));
        }

        return new self(
            $field->get('id')->id(),
            $field->get('name')->text(200),
            $sound,
            $seconds,
            $field->get('begin')->whole(0, Stage::MAX_FRAMES, 0),
            $from,
            $to,
            $field->get('level')->number(0, self::LOUDEST, 1.0),
            ScratchVoice::read($field->get('scratch')),
            $heard,
        );
    }

    /** The frame in which a moment of the sound is heard; what is trimmed away counts as its beginning or its end. */
    public function frameAt(float $milliseconds, Stage $stage): int
    {
        $seconds = (max($this->from, min($this->to, $milliseconds)) - $this->from) / 1000;

        // A hair is added, so that a moment that is the beginning of a frame is in that frame.
        return $this->begin + (int) floor(($seconds * $stage->rateNumerator) / $stage->rateDenominator + self::HAIR);
    }

    /** The moment of the sound at the beginning of a frame, in milliseconds, before and after the sound too. */
    public function millisecondsAt(int $frame, Stage $stage): float
    {
        return $this->from + (($frame - $this->begin) * 1000 * $stage->rateDenominator) / $stage->rateNumerator;
    }
}
