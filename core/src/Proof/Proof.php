<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Drawing\ChartTiming;
use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\Node;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Drawing\TextNode;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Words\TextSetter;

/**
 * The measured comparison of the picture with the figures, on every frame, and what stands in the way of reading it.
 */
final readonly class Proof implements \JsonSerializable
{
    /** A mark may be off by a hundred-thousandth of the whole: the outlines are written to that fraction of a pixel. */
    public const TOLERANCE = 1e-5;

    /**
     * @param list<FigureProof> $figures
     * @param list<array{ok: bool, message: string}> $checks
     */
    private function __construct(public array $figures, public array $checks, public int $frames)
    {
    }

    public static function of(Piece $piece, Drawing $drawing, TextSetter $setter): self
    {
        $figures = [];
        foreach ($drawing->marks() as $mark) {
            $figures[] = self::measure($mark, $drawing);
        }
        $checks = [
            self::readingsAgree($drawing),
            ...array_map(self::sharesAddUp(...), array_values($drawing->timings)),
            ...self::notTooMany($drawing),
            self::signsThere($piece, $setter),
            ...self::insideStage($drawing),
        ];

        return new self($figures, $checks, $drawing->frames);
    }

    public function isExact(): bool
    {
        return $this->largestDifference() <= self::TOLERANCE && $this->checks[0]['ok'];
    }

    public function largestDifference(): float
    {
        return max([0.0, ...array_map(static fn (FigureProof $figure): float => $figure->difference, $this->figures)]);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $off = array_values(
            array_filter(
                $this->figures,
                static fn (FigureProof $figure): bool => $figure->difference > self::TOLERANCE,
            ),
        );
        $warnings = count(array_filter($this->checks, static fn (array $check): bool => !$check['ok']));

        return [
            'exact' => $this->isExact(),
            'largestDifference' => $this->largestDifference(),
            'largestDifferenceText' => rtrim(rtrim(number_format($this->largestDifference(), 9, '.', ''), '0'), '.'),
            'tolerance' => self::TOLERANCE,
            'frames' => $this->frames,
            'word' => match (true) {
                $off !== [] => count($off) === 1 ? '“'.$off[0]->label.'” is off' : count($off).' marks are off',
                !$this->isExact() => 'a reading is off',
                $warnings > 0 => 'exact, '.($warnings === 1 ? 'one thing' : $warnings.' things').' to look at',
                default => 'exact',
            },
            'figures' => $this->figures,
            'checks' => $this->checks,
        ];
    }

    private static function measure(PathNode $node, Drawing $drawing): FigureProof
    {
        \assert($node->mark !== null);
        $mark = $node->mark;
        $timing = $drawing->timings[$mark->chartId];
        $presence = $timing->presences[$mark->figureId];
        $largest = 0.0;
        $full = 0;
        foreach ($node->outline->changes as $frame) {
            if ($frame >= $drawing->frames) {
                break;
            }
            $amount = $presence->at($frame)->amount;
            $full = $amount > $presence->at($full)->amount ? $frame : $full;
            $measured = MeasuredSector::of($node->outline->at($frame));
            $largest = max(
                $largest,
                abs($measured->share - $mark->share * $amount),
                abs(($measured->areaShare ?? $measured->share) - $measured->share),
            );
        }
        $there = MeasuredSector::of($node->outline->at($full));

        return new FigureProof(
            $mark->chartId,
            $mark->figureId,
            $mark->label,
            $mark->valueText,
            $timing->colours[$mark->figureId],
            $mark->share,
            $there->share,
            $there->areaShare,
            $largest,
            $full,
            $node->outline->at($full),
            $there->beside,
        );
    }

    /**
     * Every reading as it is set on the stage, against the outline of its mark on the same frame.
     *
     * @return array{ok: bool, message: string}
     */
    private static function readingsAgree(Drawing $drawing): array
    {
        $marks = [];
        foreach ($drawing->marks() as $node) {
            $marks[$node->mark->figureId ?? ''] = $node;
        }
        $count = 0;
        foreach (self::texts($drawing->nodes) as $text) {
            $node = $marks[$text->readingOf ?? ''] ?? null;
            if ($node?->mark === null) {
                continue;
            }
            ++$count;
            $timing = $drawing->timings[$node->mark->chartId];
            $reading = $timing->readings[$node->mark->figureId];
            $perShare = $node->mark->share > 0 ? $reading->full() / $node->mark->share : 0.0;
            // Half of the last digit for rounding; where shares are made to add up, the last digit itself may move.
            $slack = 10 ** -$reading->decimals() + 1e-3 * max(1.0, $reading->full() / 100);
            foreach ($text->run->changes as $frame) {
                if ($frame >= $drawing->frames) {
                    break;
                }
                $shown = self::number($text->run->at($frame)->text, $timing, $node->mark->figureId);
                $drawn = MeasuredSector::of($node->outline->at($frame))->share * $perShare;
                if ($shown === null || abs($shown - $drawn) > $slack) {
                    return [
                        'ok' => false,
                        'message' => sprintf(
                            'On frame %d the reading of “%s” says %s, but its mark stands at %s.',
                            $frame,
                            $node->mark->label,
                            $text->run->at($frame)->text,
                            number_format($drawn, $reading->decimals()),
                        ),
                    ];
                }
            }
        }

        return [
            'ok' => true,
            'message' => $count === 0 ? 'No readings are shown.' : 'Readings and sweeps agree on every frame.',
        ];
    }

    /** The number that a reading shows, read from its text. */
    private static function number(string $text, ChartTiming $timing, string $figureId): ?float
    {
        for ($amount = 0; $amount <= 1; ++$amount) {
            $reading = $timing->readings[$figureId];
            $frame = $reading->at((float) $amount);
            $number = number_format($reading->number((float) $amount), $reading->decimals(), '.', '');
            if ($text === $frame) {
                return (float) $number;
            }
        }
        $digits = preg_replace('/[^\d]/', '', $text);

        return $digits === '' || $digits === null
            ? null
            : (float) $digits / 10 ** $timing->readings[$figureId]->decimals();
    }

    /** @return array{ok: bool, message: string} */
    private static function sharesAddUp(ChartTiming $timing): array
    {
        $shown = $timing->figures->shownPercentages($timing->shareDecimals);
        $sum = array_sum(array_map(static fn ($percent): float => $percent->toFloat(), $shown));
        $text = rtrim(rtrim(number_format($sum, $timing->shareDecimals, '.', ''), '0'), '.');
        if (abs($sum - 100) < 1e-9) {
            return ['ok' => true, 'message' => 'Shares shown add up to 100.'];
        }

        return [
            'ok' => false,
            'message' => sprintf(
                'Shares shown add up to %s; the rest of the whole has no part. Add a row that says “rest”, if it should have one.',
                $text === '' ? '0' : $text,
            ),
        ];
    }

    /** @return list<array{ok: bool, message: string}> */
    private static function notTooMany(Drawing $drawing): array
    {
        $checks = [];
        foreach ($drawing->timings as $timing) {
            $count = count($timing->figures->list);
            if ($count > 6) {
                $checks[] = [
                    'ok' => false,
                    'message' => sprintf(
                        '%d parts are hard to tell apart; about five read well. Small ones could be put together.',
                        $count,
                    ),
                ];
            }
        }

        return $checks;
    }

    /** @return array{ok: bool, message: string} */
    private static function signsThere(Piece $piece, TextSetter $setter): array
    {
        $texts = [];
        foreach ($piece->words as $words) {
            $texts[] = [$words->text, $words->style->font];
        }
        foreach ($piece->captions === null ? [] : $piece->lines as $line) {
            $texts[] = [$line->text, $piece->captions->style->font ?? ''];
        }
        foreach ($piece->charts as $chart) {
            foreach ($piece->table($chart->table)->rows as $row) {
                $texts[] = [$row->label, $chart->words->legend->style->font ?? $chart->words->labelStyle->font];
            }
        }
        $missing = array_unique(
            array_merge(
                [],
                ...array_map(static fn (array $text): array => $setter->missing($text[0], $text[1]), $texts),
            ),
        );

        return $missing === []
            ? ['ok' => true, 'message' => 'Every sign of every text is in its font.']
            : [
                'ok' => false,
                'message' => sprintf(
                    'The font has no sign for %s; a box stands in its place.',
                    implode(' ', array_slice($missing, 0, 8)),
                ),
            ];
    }

    /** @return list<array{ok: bool, message: string}> */
    private static function insideStage(Drawing $drawing): array
    {
        foreach (self::texts($drawing->nodes) as $text) {
            $run = $text->run->at($drawing->frames - 1);
            $width = $run->width * $text->scale;
            $left =
                $text->x->at($drawing->frames - 1) -
                $width *
                    match ($text->align) {
                        'middle' => 0.5,
                        'right' => 1.0,
                        default => 0.0,
                    };
            if (
                $left < 0
                || $left + $width > $drawing->width
                || $text->y->at($drawing->frames - 1) > $drawing->height
            ) {
                return [
                    [
                        'ok' => false,
                        'message' => sprintf(
                            '“%s” runs over the edge of the stage.',
                            mb_strimwidth($run->text, 0, 40, '…'),
                        ),
                    ],
                ];
            }
        }

        return [['ok' => true, 'message' => 'All words stand inside the stage.']];
    }

    /**
     * @param list<Node> $nodes
     *
     * @return list<TextNode>
     */
    private static function texts(array $nodes): array
    {
        $texts = [];
        foreach ($nodes as $node) {
            if ($node instanceof GroupNode) {
                array_push($texts, ...self::texts($node->children));
            } elseif ($node instanceof TextNode) {
                $texts[] = $node;
            }
        }

        return $texts;
    }
}
