<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Labels;

use Lupine\Core\Arrangement\Arrange;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Form\Forms;
use Lupine\Core\Legibility\ShownWord;
use Lupine\Core\Legibility\ShownWords;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Reel\Reel;
use Lupine\Core\Tests\Rounds;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * Over forms, tables, ways of labelling and shapes of the stage: no two words overlap, none leaves the
 * stage, no label stands on a mark that is not its own, or proof says so.
 */
final class EveryLabelTest extends TestCase
{
    private const SHAPES = [
        ['id' => 'upright', 'width' => 1080, 'height' => 1920, 'own' => []],
        ['id' => 'square', 'width' => 1080, 'height' => 1080, 'own' => []],
    ];

    private const NAMES = [
        'Kettles', 'Lamps & lights', 'Clothing', 'Bicycles', 'Toys', 'Radios', 'Clocks', 'Chairs', 'Shoes', 'Umbrellas',
        'Blenders', 'Headphones', 'Bags', 'Zips', 'Toasters', 'Fans', 'Mixers', 'Watches', 'Skates', 'Printers',
        'Heaters', 'Vacuum cleaners', 'Dolls', 'Books',
    ];

    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        foreach (Forms::shipped()->names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('forms')]
    public function testWordsStandWhereTheyCanBeRead(string $form): void
    {
        mt_srand(crc32($form));
        $draw = Sample::drawPiece();
        $turn = crc32($form) % 2;
        foreach ($form === 'dial' ? [1] : [3, 5, 12, 24] as $count) {
            foreach (['on', 'beside', 'along'] as $show) {
                $piece = self::piece($form, $count, $show);
                foreach ([null, 'upright', 'square'] as $shape) {
                    if (++$turn % Rounds::of(2, 1) !== 0) {
                        continue;
                    }
                    $placed = (new Arrange($draw->timings, $draw->setter))->piece($piece, $shape);
                    $this->look($draw, $placed, $count, sprintf('%s of %d, %s, %s', $form, $count, $show, $shape ?? 'wide'));
                }
            }
        }
    }

    /** @param list<string|null> $shapes of the stage; a ribbon with two bends has no room in the narrow ones */
    #[TestWith(['pie'])]
    #[TestWith(['donut'])]
    #[TestWith(['tilted'])]
    #[TestWith(['strip'])]
    #[TestWith(['ribbon', [null]])]
    public function testTwelveLabelsKeepTheirSizeAndTheChartGivesWay(
        string $form,
        array $shapes = [null, 'upright', 'square'],
    ): void {
        mt_srand(21);
        $draw = Sample::drawPiece();
        foreach ($shapes as $shape) {
            $sides = [];
            foreach ([3, 12] as $count) {
                $arrange = new Arrange($draw->timings, $draw->setter);
                $piece = $arrange->piece(self::piece($form, $count, 'beside', 'both', 26), $shape);
                $drawing = $draw->draw($piece);
                $words = (new ShownWords(WriteReel::of($drawing)))->at($piece->stage->frames - 1);
                $labels = array_filter($words, static fn (ShownWord $word): bool => $word->kind === 'label');
                $size = $piece->charts[0]->words->labels->style->size;
                $readings = array_filter($labels, static fn (ShownWord $word): bool => abs($word->size - $size) < 0.01);
                self::assertCount($count, $readings, $form.' '.$shape);
                self::assertCount(2 * $count, $labels, $form.' '.$shape);
                self::assertGreaterThanOrEqual(0.0155 * 1080, $size);
                $timing = array_values($drawing->timings)[0];
                $sides[$count] = $timing->layouts->at($piece->stage->frames - 1)->extent()->width;
            }
            self::assertLessThanOrEqual($sides[3], $sides[12], $form.' gives way');
        }
    }

    private static function piece(string $form, int $count, string $show, string $text = '', int $size = 0): Piece
    {
        $rows = [];
        foreach (array_slice(self::NAMES, 0, $count) as $name) {
            $rows[] = $name."\t".mt_rand(1, 100);
        }
        $document = Sample::document("Kind\tThings\n".implode("\n", $rows), [
            'charts.0.place.placedBy' => 'rule',
            'words.0.placedBy' => 'rule',
            'captions.placedBy' => 'rule',
            'charts.0.words.labels.show' => $show,
            'charts.0.words.labels.text' => $text !== '' ? $text : ['reading', 'label', 'both'][mt_rand(0, 2)],
            'charts.0.words.labels.size' => $size > 0 ? $size : mt_rand(24, 44),
            'shapes' => self::SHAPES,
            // All of it is there on every frame: what is looked at is where things stand.
            'charts.0.entrance' => null,
            'stage.frames' => 20,
        ], $form);
        if (isset($document['charts'][0]['words']['legend'])) {
            $document['charts'][0]['words']['legend']['placedBy'] = 'rule';
        }

        return Piece::fromDocument($document, Forms::shipped());
    }

    private function look(DrawPiece $draw, Piece $piece, int $count, string $which): void
    {
        $drawing = $draw->draw($piece);
        $reel = WriteReel::of($drawing);
        $last = $piece->stage->frames - 1;
        $words = (new ShownWords($reel))->at($last);
        $said = self::said(Proof::of($piece, $reel, $drawing->timings, $draw->setter));
        foreach ($words as $index => $word) {
            $inside = $word->box->left >= -1 && $word->box->right() <= $piece->stage->width + 1
                && $word->box->top >= -1 && $word->box->bottom() <= $piece->stage->height + 1;
            self::assertTrue($inside || str_contains($said, 'runs over the edge'), $which.': '.$word->text.' leaves');
            foreach (array_slice($words, $index + 1) as $other) {
                if ($word->over($other) > 3.0 && !str_contains($said, 'overlap')) {
                    self::fail(sprintf('%s: “%s” over “%s”', $which, $word->text, $other->text));
                }
            }
        }
        if ($count <= 5 && !str_starts_with($which, 'rings')) {
            self::assertDoesNotMatchRegularExpression('/over|cross|edge/', $said, $which);
        }
        $this->lookAtMarks($drawing, $reel, $which, $said);
    }

    private function lookAtMarks(\Lupine\Core\Drawing\Drawing $drawing, Reel $reel, string $which, string $said): void
    {
        $last = $drawing->frames - 1;
        foreach ($drawing->timings as $timing) {
            $layout = $timing->layouts->at($last);
            $shapes = [];
            foreach ($layout->order() as $id) {
                $shapes[$id] = $layout->shape($id, $timing->moves[$id]->presenceAt($last), 0.0);
            }
            foreach ((new ShownWords($reel))->at($last) as $word) {
                foreach ($word->kind === 'label' ? $shapes : [] as $id => $shape) {
                    // A label that lies on another mark with all of its middle is on it.
                    $isOn = (string) $id !== $word->figure
                        && $shape->holds($word->box->middle(), $word->box->width * 0.6, $word->box->height * 0.6, 0.0);
                    if ($isOn && !str_contains($said, 'no room for a label')) {
                        self::fail(sprintf('%s: the label of %s stands on %s', $which, $word->figure, $id));
                    }
                }
            }
        }
    }

    private static function said(Proof $proof): string
    {
        $wrong = array_filter($proof->checks(), static fn ($check): bool => !$check->ok);

        return implode(' ', array_map(static fn ($check): string => $check->message, $wrong));
    }
}
