<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\TimeMap;
use Lupine\Core\Piece\Fingerprint;
use Lupine\Core\Piece\HeardWord;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Recording;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Script\Laid;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Unit;

/**
 * The recording in use has another sound, put together of parts of the one before: shorter pauses, a cut, silence, a
 * new take of a line. Its words stay where they are said, lines and pins follow them, and what stands on frames of its
 * own keeps its distance to what is said around it.
 */
#[Described('Puts the recording in use together anew; words, lines, pins and moves follow what is said.')]
final readonly class SpliceRecording implements Act
{
    /** milliseconds that a word may lie over the edge of a part and still be in it */
    private const EDGE = 30.0;

    /** @param list<SplicedPart> $parts */
    public function __construct(
        #[Fingerprint]
        #[Detail('of the sound that was put together')]
        private string $sound,
        #[Number('', Unit::Milliseconds, 0, HeardWord::MOST_MILLISECONDS)]
        #[Detail('of all of it')]
        private float $length,
        #[Several(new Part(SplicedPart::class), max: 900)]
        #[Detail('from its beginning to its end')]
        private array $parts,
    ) {
    }

    public function change(Edited $edited): array
    {
        $before = $edited->piece->narration->inUse;
        $kept = $edited->recording();
        if ($before === null || $kept === null || $before->sound === null) {
            throw new BadPiece('There is no recording in use that could be edited.', 'with');
        }
        $stage = $edited->piece->stage;
        $map = $this->frames($before, $stage);
        $kept->heard = $this->heard($before);
        $unwritten = $this->moved(Json::objects($kept->unwritten ?? null));
        unset($kept->unwritten);
        if ($unwritten !== []) {
            $kept->unwritten = $unwritten;
        }
        $kept->sound = $this->sound;
        $kept->length = $kept->to = $this->length;
        $kept->from = 0.0;
        $map->move($edited, $before);
        $length = Json::object($edited->document, 'stage');
        if ($length !== null) {
            $length->frames = max(1, min(Stage::MAX_FRAMES, $map->at($stage->frames)));
        }
        $this->lay($edited);

        return [];
    }

    /** Where frames go: with what is said on them. */
    private function frames(Recording $before, Stage $stage): TimeMap
    {
        $frame = static fn (float $milliseconds): float => $milliseconds / 1000 * $stage->rateNumerator
            / $stage->rateDenominator;
        $knots = [[0, 0.0], [$before->begin, (float) $before->begin]];
        $at = 0.0;
        foreach ($this->parts as $part) {
            if ($part->from !== null) {
                $from = $before->begin + $frame($part->from - $before->from);
                $to = $before->begin + $frame($at);
                // To the frame, on both sides of what was cut.
                $first = (int) round($from);
                $knots[] = [$first, $to + $first - $from];
                $last = max($first, (int) round($from + $frame($part->length)));
                $knots[] = [$last, $to + $last - $from];
            }
            $at += $part->length;
        }
        $end = end($knots);
        if ($stage->frames > $end[0]) {
            $knots[] = [$stage->frames, max($end[1], $before->begin + $frame($at)) + $stage->frames - max(
                $end[0],
                (int) round($before->begin + $frame($before->to - $before->from)),
            )];
        }

        return new TimeMap($knots);
    }

    /** @return list<\stdClass> lines with their words, as a document has them */
    private function heard(Recording $before): array
    {
        $lines = [];
        $taken = array_map(static fn (SplicedPart $part): ?string => $part->heard?->line, $this->parts);
        foreach ($before->heard as $line => $words) {
            $words = in_array($line, $taken, true) ? [] : $this->moved(array_map(self::written(...), $words));
            if ($words !== []) {
                $lines[$line] = $words;
            }
        }
        $at = 0.0;
        foreach ($this->parts as $part) {
            if ($part->heard !== null) {
                $lines[$part->heard->line] = array_map(static function (HeardWord $word) use ($at): \stdClass {
                    $written = self::written($word);
                    [$written->at, $written->end] = [self::tenth($word->at + $at), self::tenth($word->end + $at)];

                    return $written;
                }, $part->heard->words);
            }
            $at += $part->length;
        }

        return array_map(
            static fn (string $line): \stdClass => (object) ['line' => $line, 'words' => $lines[$line]],
            array_keys($lines),
        );
    }

    private static function written(HeardWord $word): \stdClass
    {
        return (object) array_filter([
            'text' => $word->text,
            'at' => $word->at,
            'end' => $word->end,
            'sure' => $word->sure,
            'hand' => $word->isByHand ? true : null,
            'found' => $word->found,
            'unsaid' => $word->isUnsaid ? true : null,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /**
     * What is said in parts that are left, where it is said now.
     *
     * @param list<\stdClass> $said with when it begins and ends
     *
     * @return list<\stdClass>
     */
    private function moved(array $said): array
    {
        $moved = [];
        foreach ($said as $one) {
            $begin = self::number($one, 'at');
            $at = 0.0;
            foreach ($this->parts as $part) {
                $by = $at - ($part->from ?? 0.0);
                $at += $part->length;
                $isIn = $part->from !== null && $begin >= $part->from - self::EDGE
                    && $begin < $part->from + $part->length - self::EDGE;
                if (!$isIn) {
                    continue;
                }
                $one->at = self::tenth(max(0.0, $begin + $by));
                $one->end = self::tenth(max($one->at, min($at, self::number($one, 'end') + $by)));
                if (isset($one->found)) {
                    $one->found = self::tenth(max(0.0, self::number($one, 'found') + $by));
                }
                $moved[] = $one;
                break;
            }
        }

        return $moved;
    }

    private function lay(Edited $edited): void
    {
        $piece = Piece::fromDocument($edited->document, $edited->forms);
        foreach (Laid::byRecording($piece->narration, $piece->stage) as $id => ['begin' => $begin, 'end' => $end]) {
            [$edited->line($id)->begin, $edited->line($id)->end] = [$begin, $end];
        }
        $lines = $edited->lines();
        usort($lines, static fn (\stdClass $one, \stdClass $other): int => Json::whole($one, 'begin')
            <=> Json::whole($other, 'begin'));
        $edited->setLines($lines);
    }

    private static function number(\stdClass $of, string $name): float
    {
        $value = $of->{$name} ?? 0.0;

        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    /** Moments are kept to a tenth of a millisecond. */
    private static function tenth(float $milliseconds): float
    {
        return round($milliseconds, 1);
    }
}
