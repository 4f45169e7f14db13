<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/**
 * A narration of the script: a sound, where it stands in the piece, and when its words are said. One without a sound is
 * a timing alone, as subtitles bring it or a hand taps it.
 */
#[Described('A narration of the script: a sound, where it stands in the piece, and when its words are said.')]
final readonly class Recording implements Checked
{
    /** of a recording, in seconds: half an hour */
    public const LONGEST = 1800;

    /** part of a frame: moments are kept to a tenth of a millisecond */
    private const HAIR = 0.005;

    public float $to;

    /** @var array<string, list<HeardWord>> by line */
    public array $heard;

    /** @param list<HeardLine> $heard */
    public function __construct(
        #[Id]
        public string $id,
        #[Text('Name', 200)]
        public string $name,
        #[Fingerprint]
        #[Detail('the fingerprint of its file (SHA-256); null: a timing without a sound')]
        public ?string $sound,
        #[Number('', Unit::Milliseconds, 0, HeardWord::MOST_MILLISECONDS)]
        #[Detail('all of it, before anything is trimmed')]
        public float $length,
        #[Whole('Starts', Unit::Frames, 0, Stage::MAX_FRAMES, 0)]
        public int $begin,
        #[Number('', Unit::Milliseconds, 0, HeardWord::MOST_MILLISECONDS, 0)]
        #[Detail('where it begins in the whole: what is before is trimmed')]
        public float $from,
        #[Number('', Unit::Milliseconds, 0, HeardWord::MOST_MILLISECONDS)]
        #[Detail('where it ends in the whole: what is after is trimmed', isNeverNull: true)]
        ?float $to,
        #[Number('Level', Unit::Fraction, 0, 4, 1, step: 5)]
        #[Detail('how loud: 1 as recorded, 0 silent')]
        public float $level,
        #[Part(ScratchVoice::class)]
        #[Detail('who reads it, where it stands in for a narrator')]
        public ?ScratchVoice $scratch,
        #[Several(new Part(HeardLine::class), max: 400)]
        array $heard,
        /** @var list<UnwrittenSpeech> */
        #[Several(new Part(UnwrittenSpeech::class), max: 200)]
        #[Detail('what it says and the script does not', isOptional: true)]
        public array $unwritten,
    ) {
        $this->to = $to ?? $length;
        $this->heard = array_column($heard, 'words', 'line');
    }

    public function check(Field $field): void
    {
        if ($this->to <= $this->from) {
            throw $field->get('to')
                ->wrong('must come after where the recording begins; nothing would be left of it');
        }
    }

    /** Whether it leaves out a whole line of the script; not, where somebody has said that the line stays as it is. */
    public function leavesOut(string $line): bool
    {
        $words = $this->heard[$line] ?? [];

        return $words !== [] && !in_array(false, array_map(
            static fn (HeardWord $word): bool => $word->isUnsaid && $word->sure < 1,
            $words,
        ), true);
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
