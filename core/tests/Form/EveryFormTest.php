<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Form;
use Lupine\Core\Form\Forms;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Standing;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Piece\ReadingSettings;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;
use Lupine\Core\Proof\Measurement;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Story\ChartState;
use Lupine\Core\Story\StateReadings;
use Lupine\Core\Tests\Rounds;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A thousand seeded tables for every form: what is measured on the outlines is what the figures say. */
final class EveryFormTest extends TestCase
{
    private const TABLES = 150;
    private const MANY_TABLES = 1000;

    /** Settings that are tried by turns, beside the usual ones. */
    private const SETTINGS = [
        'pie' => [
            ['gap' => 6],
            ['gap' => 6, 'gapKeeps' => 'areas'],
            ['corner' => 14],
            ['direction' => 'counterclockwise'],
            ['sweepDegrees' => 180],
        ],
        'donut' => [
            ['gap' => 9, 'corner' => 10],
            ['gap' => 4, 'gapKeeps' => 'areas', 'hole' => 0.5],
            ['corner' => 400],
            ['hole' => 0.2, 'startDegrees' => 77],
        ],
        'dial' => [
            ['ends' => 'flat'],
            ['sweepDegrees' => 360, 'hole' => 0],
            ['direction' => 'counterclockwise'],
        ],
        'rings' => [['ends' => 'flat'], ['equal' => 'length'], ['first' => 'inside', 'sweepDegrees' => 360]],
        'bars' => [['corner' => 0], ['corners' => 'both', 'corner' => 200], ['spacing' => 0]],
        'columns' => [['corner' => 0], ['corners' => 'both', 'corner' => 200], ['track' => 'plain']],
        'line' => [['between' => 'smooth'], ['between' => 'stepped'], ['points' => 30], ['thickness' => 60]],
        'area' => [['between' => 'smooth'], ['between' => 'stepped']],
        'strip' => [['bend' => 1], ['bend' => 0.37, 'gap' => 5], ['ends' => 'round']],
        'ribbon' => [
            ['curve' => 'spiral'],
            ['shows' => 'amounts', 'thickness' => 8, 'spacing' => 1],
            ['curve' => 'path', 'path' => 'M0 0C40 0 60 80 100 80s30-90 80-40a50 30 10 0 1 60 60'],
            ['curve' => 'points', 'ends' => 'round', 'bend' => 0.6],
        ],
        'tilted' => [
            ['hole' => 0.5, 'tilt' => 80],
            ['apart' => 30, 'startDegrees' => 77],
            ['direction' => 'counterclockwise', 'sweepDegrees' => 250],
        ],
    ];

    /** @return iterable<string, array{Form}> */
    public static function forms(): iterable
    {
        foreach (Forms::shipped()->all() as $form) {
            yield $form->name() => [$form];
        }
    }

    #[DataProvider('forms')]
    public function testMeasuresAreWhatTheFiguresSay(Form $form): void
    {
        $random = new Randomizer(new Mt19937(20261125));
        $variants = [[], ...self::SETTINGS[$form->name()]];
        for ($number = 0; $number < Rounds::of(self::TABLES, self::MANY_TABLES); ++$number) {
            $settings = FormSettings::read(
                Field::root(['kind' => $form->name(), ...$variants[$number % count($variants)]]),
                Forms::shipped(),
            );
            $values = self::values($random, $form->name());
            $moment = self::moment($form, $settings, $values);
            $layout = $form->layout($settings, new Point(960, 540), $moment);
            $note = sprintf('%s, table %d: %s', $form->name(), $number, implode(' ', $values));
            $largest = max(array_map(static fn (Standing $one): float => abs($one->fraction), $moment->standings));
            $presence =
                $number % 3 === 0
                    ? Presence::opening(
                        // Where it is asked for, a part runs past its figure, as far as there is room beyond it.
                        $number % 4 === 0
                            ? self::between($random, 1, $layout->measure()->room($largest))
                            : self::between($random, 0, 1),
                        ['forward', 'backward', 'middle'][($number % 7) % 3],
                    )
                    : Presence::full();
            self::check($layout, $moment, $presence, $note);
            self::checkNothingOverlaps($layout, $moment, $note);
        }
    }

    private static function check(Layout $layout, Moment $moment, Presence $presence, string $note): void
    {
        $measure = $layout->measure();
        foreach ($moment->standings as $standing) {
            $outline = $layout->shape($standing->figureId, $presence, 0.0)->outline();
            // The grammar of SVG path data, as far as marks use it; no NAN, no INF, no empty command.
            $number = '-?\d+(\.\d+)?(e-?\d+)?';
            self::assertMatchesRegularExpression(
                "/^(M{$number} {$number}((L{$number} {$number})|(A{$number} {$number} 0 0 [01] {$number} {$number}))*Z)*$/",
                $outline,
                $note,
            );
            $measured = Measurement::of(
                $measure->value,
                $outline,
                $layout->whole($standing->figureId),
                $layout->pivot(),
            )->share;
            self::assertEqualsWithDelta(
                self::wanted($layout, $moment, $standing, $presence, $outline),
                $measured,
                1e-6,
                $note.' '.$outline,
            );
        }
    }

    private static function wanted(
        Layout $layout,
        Moment $moment,
        Standing $standing,
        Presence $presence,
        string $outline,
    ): float {
        $tip = $layout->tip($standing->figureId, $presence);
        if ($tip === null) {
            return abs($standing->fraction) * $presence->amount;
        }
        // What leads to a figure ends at it.
        $tip = $presence->to >= 1.0 && $presence->amount > 0 ? $standing->fraction : $tip;

        return match (true) {
            $outline === '' => 0.0,
            $layout->measure() === Measure::Level => $moment->scale->place(0.0) + $tip,
            default => abs($tip),
        };
    }

    /** Parts fill the whole between them; bars, rings and bands have a place each. */
    private static function checkNothingOverlaps(Layout $layout, Moment $moment, string $note): void
    {
        $measure = $layout->measure();
        $sum = array_sum(
            array_map(static fn ($standing): float => abs($standing->fraction), $moment->standings),
        );
        if ($moment->scale->ticks === []) {
            self::assertEqualsWithDelta(1.0, $sum, 1e-9, $note);
        }
        if ($measure !== Measure::Width && $measure !== Measure::Height) {
            return;
        }
        $ends = [];
        foreach ($layout->order() as $id) {
            $middle = $layout->shape($id, Presence::full(), 0.0)->middle();
            $ends[] = $measure === Measure::Width ? $middle->y : $middle->x;
        }
        $sorted = $ends;
        sort($sorted);
        self::assertSame($sorted, $ends, $note);
    }

    /** @return list<string> zeros, tiny and huge ones, ties, one row of everything, below zero where that is allowed */
    private static function values(Randomizer $random, string $form): array
    {
        $count = $form === 'dial' ? 1 : $random->getInt(1, 60);
        $values = [];
        $kind = $random->getInt(0, 5);
        for ($row = 0; $row < $count; ++$row) {
            $value = match ($kind) {
                0 => (string) $random->getInt(0, 5),
                1 => number_format(10 ** self::between($random, -6, 9), 6, '.', ''),
                2 => $row === 0 ? '1000000' : '0',
                3 => '7',
                default => number_format(self::between($random, 0, 1000), 2, '.', ''),
            };
            $isBelow = in_array($form, ['bars', 'columns', 'line', 'area'], true) && $random->getInt(0, 3) === 0;
            $values[] = $isBelow && (float) $value > 0 ? '-'.$value : $value;
        }
        if (array_filter($values, static fn (string $value): bool => (float) $value !== 0.0) === []) {
            $values[0] = '1';
        }

        return $values;
    }

    private static function between(Randomizer $random, float $least, float $most): float
    {
        return $least + (($most - $least) * $random->getInt(0, 1_000_000)) / 1_000_000;
    }

    /** @param list<string> $values */
    private static function moment(Form $form, FormSettings $settings, array $values): Moment
    {
        $rows = [];
        foreach ($values as $index => $value) {
            $rows[] = new Row('r'.($index + 1), 'Row '.($index + 1), [$value]);
        }
        $table = new Table('table1', '', [new Column('c1', '')], $rows, null, null);
        $figures = Figures::of($form->needs($settings), $table, 'c1');
        $readings = new StateReadings($figures, Group::of(ReadingSettings::class)->read(Field::root([])));

        return ChartState::of($form, $settings, 'sheet', $figures, $readings, null)->moment();
    }
}
