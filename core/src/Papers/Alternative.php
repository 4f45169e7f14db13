<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

use Lupine\Core\Desk\ChartSheet;
use Lupine\Core\Desk\FigureNow;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Drawing\BoundWords;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Story\ChartTiming;

/**
 * What is said to those who do not see the picture: in short, as beside a picture on a page, and at length. What
 * nobody has written is made from figures and script.
 *
 * Source: W3C, Web Accessibility Initiative, Images Tutorial, “Complex Images”: a short description that names the kind
 * of chart and what it is about, and a long one with the figures and their course.
 */
final readonly class Alternative
{
    /** parts that are named in short */
    private const NAMED = 5;

    /** parts of a chart that are named at length; more are told by the table beside it */
    private const MOST = 60;

    private function __construct(public string $short, public string $long)
    {
    }

    /** @param array<string, ChartTiming> $timings by chart id */
    public static function of(Piece $piece, array $timings): self
    {
        $made = self::made($piece, $timings);
        $own = $piece->alternative;

        return new self(
            $own === null || $own->short === '' ? $made->short : $own->short,
            $own === null || $own->long === '' ? $made->long : $own->long,
        );
    }

    /**
     * As it is where nobody has written any.
     *
     * @param array<string, ChartTiming> $timings by chart id
     */
    public static function made(Piece $piece, array $timings): self
    {
        $frame = MoveSheet::finished($timings, $piece->stage->frames);
        $now = ChartSheet::at($timings, $frame);
        $said = array_map(
            static fn (FreeText $text): string => self::shown($piece, $text, $timings, $frame),
            array_values(array_filter(
                $piece->words,
                static fn (FreeText $text): bool => !$text->isHidden && trim($text->text) !== '',
            )),
        );
        $title = self::titled($piece, $timings, $frame);
        $short = [self::ended($title)];
        $long = [self::ended($title)];
        foreach ($piece->charts as $chart) {
            $its = self::parts($timings[$chart->id], $now[$chart->id] ?? [], false);
            $more = count($its) - self::NAMED;
            $short[] = sprintf(
                '%s: %s%s.',
                self::kind($piece, $chart, count($its)),
                implode(', ', array_slice($its, 0, $more === 1 ? self::NAMED + 1 : self::NAMED)),
                $more > 1 ? sprintf(' and %d more', $more) : '',
            );
            array_push($long, ...self::atLength($piece, $chart, $timings));
        }
        $others = array_values(array_filter($said, static fn (string $text): bool => $text !== $title));
        if ($others !== []) {
            $long[] = 'Also on screen: '.implode(' / ', $others).'.';
        }
        $script = implode(' ', array_map(
            static fn (object $line): string => trim($line->text),
            $piece->narration->captioned(),
        ));
        if ($script !== '') {
            $long[] = 'The narrator says: “'.$script.'”';
        }

        return new self(implode(' ', $short), implode("\n\n", $long));
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<string> paragraphs
     */
    private static function atLength(Piece $piece, Chart $chart, array $timings): array
    {
        $timing = $timings[$chart->id];
        $listed = static function (int $frame) use ($chart, $timing): string {
            $parts = self::parts($timing, ChartSheet::at([$chart->id => $timing], $frame)[$chart->id] ?? [], true);

            return implode('; ', array_slice($parts, 0, self::MOST)).(
                count($parts) > self::MOST ? sprintf('; and %d more', count($parts) - self::MOST) : ''
            ).'.';
        };
        $moments = SeenTable::moments($piece, $timing);
        $last = $moments[count($moments) - 1];
        $kind = self::kind($piece, $chart, count($timing->figures()->list));
        if (count($moments) === 1) {
            return [$kind.': '.$listed($last)];
        }
        [$from, $to] = array_map($timing->story->columnNameAt(...), [$moments[0], $last]);

        return [
            sprintf('%s, from %s to %s.', $kind, $from, $to),
            $from.': '.$listed($moments[0]),
            $to.': '.$listed($last),
        ];
    }

    /** @return list<string> where the figures are from, as the picture says it, each on one line */
    public static function sources(Piece $piece): array
    {
        $sources = array_filter(
            $piece->words,
            static fn (FreeText $text): bool => $text->role === 'source' && !$text->isHidden,
        );

        return array_values(array_map(
            static fn (FreeText $text): string => trim((string) preg_replace('/\s+/u', ' ', $text->text)),
            $sources,
        ));
    }

    /**
     * The parts of a chart with what they are, as they stand in the table.
     *
     * @param array<string, FigureNow> $now by figure id
     *
     * @return list<string>
     */
    private static function parts(ChartTiming $timing, array $now, bool $isWhole): array
    {
        $parts = [];
        foreach ($timing->figures()->list as $figure) {
            $its = $now[$figure->id] ?? null;
            if ($its === null) {
                continue;
            }
            $reading = $its->reading !== '' ? $its->reading : $its->value;
            $share = $isWhole && !$timing->isOnScale && !str_contains($reading, '%') ? ' ('.$its->share.')' : '';
            $value = $isWhole && $its->value !== $reading && str_contains($reading, '%') ? ' ('.$its->value.')' : '';
            $parts[] = $figure->fullLabel().' '.$reading.$share.$value;
        }

        return $parts;
    }

    private static function kind(Piece $piece, Chart $chart, int $parts): string
    {
        $form = ucfirst($chart->form->kind).' chart';
        $name = Markers::named($piece, $chart);

        return ($name === $chart->form->kind ? $form : sprintf('%s “%s”', $form, $name))
            .sprintf(' of %d part%s', $parts, $parts === 1 ? '' : 's');
    }

    /**
     * The title that is seen, or that of the piece.
     *
     * @param array<string, ChartTiming> $timings by chart id
     */
    private static function titled(Piece $piece, array $timings, int $frame): string
    {
        foreach ($piece->words as $text) {
            if ($text->role === 'title' && !$text->isHidden && trim($text->text) !== '') {
                return self::shown($piece, $text, $timings, $frame);
            }
        }

        return $piece->title;
    }

    /**
     * What a text says, on one line.
     *
     * @param array<string, ChartTiming> $timings by chart id
     */
    private static function shown(Piece $piece, FreeText $text, array $timings, int $frame): string
    {
        $chart = $piece->chartOf($text);
        $said = $chart === null
            ? $text->text
            : (new BoundWords($timings[$chart->id], $chart->words->reading))->at($text->text, $frame);

        return trim((string) preg_replace('/\s+/u', ' ', $said));
    }

    private static function ended(string $sentence): string
    {
        return preg_match('/[.!?…]$/u', $sentence) === 1 ? $sentence : $sentence.'.';
    }
}
