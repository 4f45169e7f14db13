<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\BackdropGround;
use Lupine\Core\Lettering\MarkGround;
use Lupine\Core\Lettering\PanelsGround;
use Lupine\Core\Lettering\PlateGround;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Move;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\PlateSettings;
use Lupine\Core\Piece\Properties;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Story\BackdropOverTime;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Story\PanelOverTime;
use Lupine\Core\Story\StyleOverTime;

/**
 * All words of a piece, looked at on every frame on which they, marks or the ground change: what stands in the way of
 * reading them, each with where it is first, as long as it lasts long enough to be seen.
 */
final class Sightings
{
    /** frames that are looked at; of a piece in which more than that change, every second, third … of them */
    private const MOST = 1500;
    /** pixels by which boxes of words may meet */
    private const MEET = 3.0;
    /** WCAG 2.2, 1.4.3: contrast of large type, and of other; what is large, in pixels */
    private const LARGE_CONTRAST = 3.0;
    private const CONTRAST = 4.5;
    private const LARGE = 24.0;
    /** the least size of type, as a fraction of the stage's shorter side (common practice, no source) */
    private const LEAST = 0.0145;
    /** seconds that something lasts at least, before it is in anybody's way (common practice, no source) */
    private const LASTS = ['over' => 0.15, 'marks' => 0.15, 'contrast' => 0.3, 'outside' => 0.5, 'small' => 0.5,
        'cut' => 0.5];
    /** what mends it, and the setting that does */
    private const MENDED = ['marks' => ['Move them', 'x'], 'contrast' => ['Set their colour', 'colour'],
        'outside' => ['Make them smaller', 'size'], 'small' => ['Make them larger', 'size'],
        'cut' => ['Make them smaller', 'size']];
    /** opacity from which on words are read, and from which on they are there in full */
    private const READ = 0.35;
    private const FULL = 0.9;
    /** frames after which what stands still is looked at again */
    private const AGAIN = 4;
    /** things of one kind that are named one by one */
    private const NAMED = 12;

    /** @var array<string, array<string, array{string, int, Box, int, About}>> message, frame, box, frames, mending */
    private array $found = [];

    /** @var array<int, array{string, int, array<string, string>}> by text: how it was, frames left, findings */
    private array $seen = [];

    /** @var array<int, ShownWord> those of the frame before */
    private array $last = [];

    /** @var array<int, array<int, true>> which of them stood over which */
    private array $met = [];

    /** @var array<string, array{int, int, string, int, Box}> frames, signs, text, first frame, box, by text block */
    private array $stays = [];

    /** @var list<int> those that were looked at */
    public readonly array $frames;

    /** whether those are all on which anything changes */
    public readonly bool $isWhole;

    /** @var array<string, Chart> by id */
    private readonly array $charts;

    private readonly BackdropGround $ground;

    private readonly PlateGround $plates;

    /** @var array<string, MarkGround> by chart */
    private array $markGrounds = [];

    /** @var array<string, Track<TextStyle>|null> by what kind of words they are of, and whose */
    private array $styles = [];

    /**
     * @param array<string, ChartTiming> $timings by chart id
     * @param (\Closure(): void)|null $meanwhile is called now and then, for this can take seconds
     */
    public function __construct(
        private readonly Piece $piece,
        private readonly array $timings,
        private readonly ShownWords $words,
        private readonly Behind $behind,
        private readonly BackdropOverTime $backdrop,
        private readonly PanelsGround $panels,
        private readonly Moves $moves,
        ?\Closure $meanwhile,
    ) {
        $this->charts = array_column($piece->charts, null, 'id');
        $this->ground = BackdropGround::of($piece);
        $this->plates = new PlateGround(array_column($piece->pictures, null, 'id'));
        $last = $piece->stage->frames - 1;
        $range = FrameRange::within($piece->stage->frames);
        $changes = array_filter(
            [
                ...$words->changes(),
                ...$behind->changes($range),
                ...$backdrop->sights($range),
                ...$this->platesChange(),
                ...array_merge([], ...array_map(
                    static fn (PanelOverTime $panel): array => $panel->changes($range),
                    $panels->panels,
                )),
            ],
            static fn (int $frame): bool => $frame >= 0 && $frame <= $last,
        );
        $changes = array_values(array_unique($changes));
        sort($changes);
        $step = max(1, (int) ceil(count($changes) / self::MOST));
        $this->isWhole = $step === 1;
        $frames = array_filter($changes, static fn (int $at): bool => $at % $step === 0, ARRAY_FILTER_USE_KEY);
        $this->frames = array_values(array_unique([...$frames, $last]));
        foreach ($this->frames as $place => $frame) {
            $meanwhile?->__invoke();
            $this->look($frame, ($this->frames[$place + 1] ?? $last + 1) - $frame);
        }
    }

    /**
     * @param string $kind over, marks, contrast, outside, small or cut
     *
     * @return list<Check> one for each thing that is in the way, or that nothing is
     */
    public function checks(string $kind, string $right): array
    {
        $stage = $this->piece->stage;
        $least = min(
            $stage->frames,
            max(1, (int) round(self::LASTS[$kind] * $stage->rateNumerator / $stage->rateDenominator)),
        );
        $found = array_values(array_filter(
            $this->found[$kind] ?? [],
            static fn (array $one): bool => $one[3] >= $least,
        ));
        $checks = array_map(
            static fn (array $one): Check => Check::wrong($one[0], $one[1], $one[2], $one[4]),
            array_slice($found, 0, self::NAMED),
        );
        if (count($found) > self::NAMED) {
            $checks[] = Check::wrong(sprintf('And the same of %d more.', count($found) - self::NAMED));
        }

        return $checks !== [] ? $checks : [Check::right($right)];
    }

    /**
     * Texts that go before they can be read.
     *
     * @param int $quickest signs that are read in a second
     *
     * @return list<Check>
     */
    public function tooShort(int $quickest): array
    {
        $stage = $this->piece->stage;
        $short = [];
        foreach ($this->stays as [$frames, $signs, $text, $frame, $box]) {
            $seconds = $frames * $stage->rateDenominator / $stage->rateNumerator;
            // Of a film that is shorter itself, no text is there for longer.
            if ($frames < $stage->frames && $signs > $seconds * $quickest) {
                $short[] = Check::wrong(sprintf(
                    '“%s” is there for %.1f seconds; it takes about %.1f to read.',
                    mb_strimwidth($text, 0, 40, '…'),
                    $seconds,
                    $signs / $quickest,
                ), $frame, $box);
            }
        }

        return $short !== []
            ? array_slice($short, 0, self::NAMED)
            : [Check::right('Texts stay long enough to be read.')];
    }

    /** @param array<int, ShownWord> $words on a frame */
    private function stay(array $words, int $frame, int $lasts): void
    {
        $now = [];
        foreach ($words as $word) {
            if ($word->kind === 'words' && $word->opacity >= self::READ) {
                $now[$word->owner][] = $word;
            }
        }
        foreach ($now as $owner => $lines) {
            $text = implode(' ', array_map(static fn (ShownWord $one): string => $one->text, $lines));
            $known = $this->stays[$owner] ?? [0, 0, $text, $frame, $lines[0]->box];
            $signs = mb_strlen($text);
            $this->stays[$owner] = [
                $known[0] + $lasts,
                max($known[1], $signs),
                $signs > $known[1] ? $text : $known[2],
                $known[3],
                $known[4],
            ];
        }
    }

    private function look(int $frame, int $lasts): void
    {
        $words = $this->words->at($frame);
        $this->stay($words, $frame, $lasts);
        $isSame = [];
        foreach ($words as $leaf => $word) {
            $isSame[$leaf] = ($this->last[$leaf] ?? null) === $word;
            $this->ofOne($leaf, $word, $isSame[$leaf], $frame, $lasts);
        }
        $this->last = $words;
        $read = array_filter($words, static fn (ShownWord $word): bool => $word->opacity >= self::READ);
        $met = [];
        foreach ($read as $leaf => $word) {
            foreach ($read as $next => $other) {
                // Of two that stand still it is known.
                if ($next > $leaf && ($isSame[$leaf] && $isSame[$next]
                    ? isset($this->met[$leaf][$next])
                    : $word->over($other) > self::MEET)) {
                    $met[$leaf][$next] = true;
                    $this->note(
                        'over',
                        $word->key().'/'.$other->key(),
                        sprintf('%s and %s overlap.', $word->named(), $other->named()),
                        $frame,
                        $word->box->joinedWith($other->box),
                        $lasts,
                        About::style($word->kind, $word->owner, 'Make them smaller', 'size')
                            ->with(Mending::arranged($word->kind === 'words' ? $word : $other)),
                    );
                }
            }
        }
        $this->met = $met;
    }

    private function ofOne(int $leaf, ShownWord $word, bool $isSame, int $frame, int $lasts): void
    {
        [$before, $left, $found] = $this->seen[$leaf] ?? ['', 0, []];
        $now = $isSame ? $before : implode(' ', [
            $word->text,
            $word->box->left,
            $word->box->top,
            $word->box->width,
            $word->opacity >= self::READ,
            $word->opacity >= self::FULL,
        ]);
        // What stands still is looked at again now and then, for what is behind it may move.
        if ($before !== $now || $left <= 0) {
            $found = $this->foundOf($word, $frame);
            $left = self::AGAIN;
        }
        $this->seen[$leaf] = [$now, $left - $lasts, $found];
        foreach ($found as $kind => $message) {
            [$does, $setting] = self::MENDED[$kind];
            $about = About::style($word->kind, $word->owner, $does, $setting)
                ->with($this->mending($kind, $word, $frame));
            $this->note($kind, $word->key(), $message, $frame, $word->box, $lasts, $about);
        }
    }

    private function mending(string $kind, ShownWord $word, int $frame): Mending
    {
        $least = self::LEAST * min($this->piece->stage->width, $this->piece->stage->height);

        return match ($kind) {
            'small' => Mending::larger($word, ceil($least) / $word->size),
            'contrast' => $this->isOnMarks($word, $frame) ? Mending::plate($word) : Mending::ink($word),
            default => Mending::arranged($word),
        };
    }

    private function isOnMarks(ShownWord $word, int $frame): bool
    {
        foreach ($word->points() as $point) {
            if ($this->behind->at($point, $frame) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, string> messages by kind */
    private function foundOf(ShownWord $word, int $frame): array
    {
        $stage = $this->piece->stage;
        $found = [];
        $least = self::LEAST * min($stage->width, $stage->height);
        if ($word->size < $least - 0.01) {
            $found['small'] = sprintf(
                '%s is %.0f pixels high, too small for a small screen; use at least %.0f.',
                $word->named(),
                $word->size,
                ceil($least),
            );
        }
        if (str_ends_with($word->text, '…') && !$this->isTyped($word->text)) {
            $found['cut'] = $word->named().' is cut off.';
        }
        if ($word->isNear || $word->opacity < self::READ) {
            return $found;
        }
        $box = $word->box;
        $isOut = $box->left < -1 || $box->top < -1 || $box->right() > $stage->width + 1
            || $box->bottom() > $stage->height + 1;
        if ($isOut) {
            $found['outside'] = $word->named().' runs over the edge of the stage.';
        }
        $points = $word->points();
        $marks = array_map(fn (Point $point): ?array => $this->behind->at($point, $frame)[0] ?? null, $points);
        $onMarks = $this->onMarks($word, $marks);
        if ($onMarks !== null) {
            $found['marks'] = $onMarks;
        }
        $contrast = $this->contrast($word, $points, $marks, $frame);
        $wanted = $word->size >= self::LARGE ? self::LARGE_CONTRAST : self::CONTRAST;
        if ($contrast < $wanted && $word->opacity >= self::FULL) {
            $found['contrast'] = sprintf(
                '%s has too little contrast with its background: %.1f to 1; at least %.1f is needed.',
                $word->named(),
                $contrast,
                $wanted,
            );
        }

        return $found;
    }

    private function markGround(string $chart): MarkGround
    {
        return $this->markGrounds[$chart] ??= new MarkGround(
            $this->timings[$chart],
            new Box(0, 0, $this->piece->stage->width, $this->piece->stage->height),
            array_column($this->piece->pictures, null, 'id'),
        );
    }

    /**
     * The least contrast of a text with what is behind its points.
     *
     * @param list<Point> $points
     * @param list<array{string, string}|null> $marks chart and figure behind each of them
     */
    private function contrast(ShownWord $word, array $points, array $marks, int $frame): float
    {
        $plate = $this->plateOf($word, $frame);
        $contrast = INF;
        $backdrop = $this->backdrop->at($frame);
        $grounds = [];
        foreach ($points as $place => $point) {
            $mark = $marks[$place];
            $behind = [];
            foreach ($this->ground->all($backdrop, $point) as $ground) {
                array_push($behind, ...$this->panels->at($point, $frame, PanelsGround::OF_CHART, $ground));
            }
            if ($mark !== null) {
                $own = $this->markGround($mark[0]);
                $behind = array_merge([], ...array_map(
                    static fn (?Colour $below): array => $own->at($mark[1], $point, $frame, $below),
                    $own->isSeenThrough($mark[1], $frame) ? $behind : [$behind[0]],
                ));
            }
            $layers = match ($word->kind) {
                'words' => ['between'],
                'caption' => ['between', 'front'],
                default => [],
            };
            foreach ($behind as $colour) {
                array_push($grounds, ...$this->panels->at($point, $frame, $layers, $colour));
            }
        }
        if ($plate !== null) {
            $grounds = array_merge([], ...array_map(
                fn (?Colour $below): array => $this->plates->colours($plate, $below, $word->size, $word->box),
                $grounds,
            ));
        }
        $edge = $word->edge === null ? null : Colour::hex($word->edge);
        foreach ($word->colours as $hex) {
            $own = Colour::hex($hex);
            // Letters with a line around them are told from that, where not from what is behind both.
            $least = $edge?->contrastWith($own) ?? 0.0;
            foreach (array_filter($grounds) as $ground) {
                $contrast = min($contrast, max($least, $own->contrastWith($ground)));
            }
        }

        return $contrast;
    }

    /** @return list<int> frames on which moves change plates behind words */
    private function platesChange(): array
    {
        $all = $this->moves->all();
        $frames = [];
        foreach ($this->piece->moves as $move) {
            if (str_contains($move->change->property ?? '', Properties::OF_PLATE)) {
                array_push($frames, ...$all[$move->id]->changes(FrameRange::within($this->piece->stage->frames)));
            }
        }

        return $frames;
    }

    /** The plate that a text stands on; null where it has none. */
    private function plateOf(ShownWord $word, int $frame): ?PlateSettings
    {
        $key = $word->kind.' '.$word->owner;
        if (!array_key_exists($key, $this->styles)) {
            $this->styles[$key] = $this->styleOf($word);
        }

        return $this->styles[$key]?->at($frame)->plate;
    }

    /** @return Track<TextStyle>|null how a text is set over time, where that has a plate */
    private function styleOf(ShownWord $word): ?Track
    {
        $words = ($this->charts[$word->owner] ?? null)?->words;
        $text = array_column($this->piece->words, null, 'id')[$word->owner] ?? null;
        [$of, $style] = match ($word->kind) {
            'label' => ['labels', $words?->labels->style],
            'name' => ['names', $words?->names?->style],
            'legend' => ['legend', $words?->legend?->style],
            'centre' => ['centre', $words?->centre?->style],
            'axis' => ['axis', $words?->axis?->style],
            'caption' => ['', $this->piece->captions?->style],
            'words' => ['', $text?->style],
            default => ['', null],
        };
        $range = FrameRange::within($this->piece->stage->frames);

        return match (true) {
            $style?->plate === null => null,
            $of !== '' => $this->timings[$word->owner]->styles->track($of, $style, $range),
            default => StyleOverTime::of($text->id ?? Move::CAPTIONS, $style, $this->moves)->track($range),
        };
    }

    /**
     * What is to be said of words that belong beside marks and stand on them; of words of a mark on another one; of
     * words across an edge; null where that is nothing.
     *
     * @param list<array{string, string}|null> $marks chart and figure behind each of its points
     */
    private function onMarks(ShownWord $word, array $marks): ?string
    {
        $others = array_values(array_filter($marks, static fn (?array $mark): bool => $mark !== null
            && ($mark[0] !== $word->owner || $mark[1] !== $word->figure)));
        $isOnOne = count($others) === count($marks)
            && count(array_unique(array_map(static fn (array $one): string => implode('/', $one), $others))) === 1;
        // Words wholly on one mark were put there.
        if ($others === [] || $word->kind === 'centre' || ($word->kind === 'words' && $isOnOne)) {
            return null;
        }
        $name = '“'.$this->timings[$others[0][0]]->figure($others[0][1])->fullLabel().'”';

        return match ($word->kind) {
            'label', 'name' => sprintf('%s, which belongs to another mark, stands on %s.', $word->named(), $name),
            'legend' => sprintf('The legend’s %s overlaps %s.', $word->named(), $name),
            'caption' => sprintf('The caption %s overlaps %s.', $word->named(), $name),
            default => sprintf('%s stands across the edge of %s.', $word->named(), $name),
        };
    }

    private function note(
        string $kind,
        string $key,
        string $message,
        int $frame,
        Box $box,
        int $lasts,
        About $about,
    ): void {
        $known = $this->found[$kind][$key] ?? null;
        $this->found[$kind][$key] = $known === null
            ? [$message, $frame, $box, $lasts, $about]
            : [$known[0], $known[1], $known[2], $known[3] + $lasts, $known[4]];
    }

    private function isTyped(string $text): bool
    {
        foreach ($this->piece->tables as $table) {
            foreach ($table->rows as $row) {
                if ($row->label === $text) {
                    return true;
                }
            }
        }
        foreach ([...$this->piece->words, ...$this->piece->narration->lines] as $typed) {
            if (str_ends_with(trim($typed->text), '…')) {
                return true;
            }
        }

        return false;
    }
}
