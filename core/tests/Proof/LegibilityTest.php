<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Proof;

use Lupine\Core\Form\Forms;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What stands in the way of reading a piece is found wherever it is, and nothing is found in pieces that read well. */
final class LegibilityTest extends TestCase
{
    private const NOTE = [
        'id' => 'note1', 'text' => 'A note', 'role' => 'note', 'x' => 300.0, 'y' => 1000.0, 'width' => 400.0,
        'align' => 'left', 'upperCase' => false, 'font' => 'figtree-bold', 'size' => 48.0, 'colour' => '#ffffff',
    ];

    /** @return iterable<string, array{array<string, mixed>, list<string>, string}> changes, what is found, form */
    public static function faults(): iterable
    {
        $move = static fn (string $property, float $to, int $begin, int $frames, array $target): array => [
            'id' => 'm'.$begin.$property, 'kind' => 'change', 'target' => $target, 'property' => $property,
            'from' => null, 'to' => $to, 'begin' => $begin, 'pin' => null, 'frames' => $frames, 'curve' => 'linear',
            'opens' => 'forward',
        ];
        yield 'a note that crosses the title for half a second, and has gone by the end' => [
            [
                'words.1' => [...self::NOTE, 'x' => 1120.0, 'y' => 980.0],
                'moves' => [
                    $move('y', 300.0, 100, 8, ['words' => 'note1']),
                    $move('y', 980.0, 118, 8, ['words' => 'note1']),
                ],
            ],
            ['“What” and “A note” overlap.'],
            'donut',
        ];
        yield 'a legend over a part that is pulled out' => [
            ['moves' => [$move('out', 400.0, 150, 20, ['chart' => 'chart1', 'figure' => 'r1'])]],
            ['overlaps “Small appliances”'],
            'donut',
        ];
        yield 'a caption against a part' => [
            [
                'script.lines' => [['id' => 'line1', 'text' => 'This is said here.', 'begin' => 100, 'end' => 200]],
                'captions' => ['y' => 790, 'width' => 1500, 'font' => 'figtree-bold', 'size' => 44,
                    'colour' => '#ffffff', 'placedBy' => 'hand', 'fade' => 0],
                'charts.0.place.x' => 960,
            ],
            ['The caption “This is said here.” overlaps'],
            'donut',
        ];
        $word = static fn (string $text, int $at, bool $isUnsaid): array => [
            'text' => $text, 'at' => $at, 'end' => $at + 100, 'sure' => 0, 'unsaid' => $isUnsaid,
        ];
        yield 'a recording that leaves a word out, and says what is not written' => [
            [
                'script.lines' => [['id' => 'line1', 'text' => 'This is said.', 'begin' => 100, 'end' => 200]],
                'script.recording' => 'reading',
                'script.recordings' => [[
                    'id' => 'reading', 'name' => 'A reading', 'sound' => null, 'length' => 9000, 'begin' => 0,
                    'from' => 0, 'to' => 9000, 'level' => 1, 'scratch' => null,
                    'heard' => [['line' => 'line1', 'words' => [
                        $word('This', 4000, false), $word('is', 4200, true), $word('said.', 4300, false),
                    ]]],
                    'unwritten' => [['at' => 5000, 'end' => 6000, 'line' => 'line1', 'word' => 3, 'again' => null]],
                ]],
            ],
            ['does not say “is”', 'After “This is said” the recording says something that is not written'],
            'donut',
        ];
        yield 'a note that states a number of no figure' => [
            ['words.1' => [...self::NOTE, 'text' => 'Of 1,300 things, 41 % were small']],
            ['“1,300” in “Of 1,300 things, 41 % were small” is nowhere in the figures'],
            'donut',
        ];
        yield 'a title that was guessed' => [
            ['words.0.guessed' => true],
            ['was guessed from the table. Keep it, or type another.'],
            'donut',
        ];
        yield 'charts on each other' => [
            ['charts.1' => 'copy', 'charts.1.id' => 'chart2', 'charts.1.place' => ['x' => 800, 'y' => 540]],
            ['stand on each other'],
            'donut',
        ];
        yield 'every text that is too small' => [
            [
                'words.1' => [...self::NOTE, 'size' => 9.0],
                'words.2' => [...self::NOTE, 'id' => 'note2', 'text' => 'Another', 'x' => 900.0, 'size' => 9.0],
            ],
            ['“A note” is 9 pixels high', '“Another” is 9 pixels high'],
            'donut',
        ];
        yield 'all pairs that look the same' => [
            ['charts.0.finish.colours' => 'set', 'charts.0.finish.swatches' => [
                '#4fb286', '#d9402b', '#4fb487', '#3f63e0', '#d9412c',
            ]],
            ['“Small appliances” and “Clothing” look the same', '“Lamps & lights” and “Toys” look the same'],
            'donut',
        ];
        yield 'a part of the ground’s own colour' => [
            [
                'backdrop' => ['kind' => 'colour', 'colour' => '#204040', 'edge' => '#204040', 'vignette' => 0],
                'charts.0.own' => ['r2' => ['colour' => '#204040']],
            ],
            ['“Lamps & lights” has about the colour of the ground'],
            'donut',
        ];
        yield 'words that are white on a pale part' => [
            [
                'words.1' => [...self::NOTE, 'text' => 'Pale', 'x' => 880.0, 'y' => 470.0, 'size' => 30.0],
                'charts.0.own' => ['r1' => ['colour' => '#f4f4f0']],
            ],
            ['“Pale” has too little contrast'],
            'donut',
        ];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $said
     */
    #[DataProvider('faults')]
    public function testIsFound(array $changes, array $said, string $form): void
    {
        $isTwo = ($changes['charts.1'] ?? null) === 'copy';
        if ($isTwo) {
            $changes['charts.1'] = Sample::document(form: $form)['charts'][0];
        }
        $checks = Sample::prove(Sample::piece(changes: $changes, form: $form))->checks();
        foreach ($said as $words) {
            $found = array_filter(
                $checks,
                static fn (Check $check): bool => !$check->ok && str_contains($check->message, $words),
            );
            self::assertNotSame([], $found, $words.' in '.json_encode($checks, JSON_UNESCAPED_UNICODE));
            self::assertNotNull(array_values($found)[0]->frame);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function pieces(): iterable
    {
        $demo = __DIR__.'/../../../demo';
        foreach ([...glob($demo.'/*.json') ?: [], ...glob($demo.'/starters/*.json') ?: []] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    /** What ships reads well, on every frame. */
    #[DataProvider('pieces')]
    public function testNothingIsFoundWhereNothingIs(string $file): void
    {
        $text = (string) file_get_contents($file);
        if (!str_contains($text, '"lupine"')) {
            $this->expectNotToPerformAssertions();

            return;
        }
        $proof = Sample::prove(Piece::fromJson($text, Forms::shipped()));
        $found = array_filter($proof->checks(), static fn (Check $check): bool => !$check->ok);
        self::assertSame([], array_map(static fn (Check $check): string => $check->message, $found));
        self::assertStringContainsString('every frame of', $proof->extent);
    }

    /** While bars pass each other, words of one step back, and none stand over others. */
    public function testWordsOfFiguresThatPassEachOtherStayReadable(): void
    {
        $table = "What\t2020\t2021\t2022\nKettles\t90\t60\t20\nLamps\t70\t80\t95\nCoats\t50\t75\t60\nBikes\t40\t30\t85";
        foreach (['bars', 'donut', 'columns'] as $form) {
            $proof = Sample::prove(Sample::piece($table, [
                'charts.0.run' => ['begin' => 60, 'frames' => 120, 'between' => 'straight', 'places' => 14,
                    'pins' => []],
                'charts.0.form.order' => 'descending',
                'charts.0.words.labels.show' => 'beside',
                'words.0.text' => '[column]',
            ], $form));
            self::assertSame([], array_values(array_filter(
                array_map(static fn (Check $check): string => $check->ok ? '' : $check->message, $proof->checks()),
                static fn (string $message): bool => str_contains($message, 'overlap'),
            )), $form);
        }
    }
}
