<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Proof;

use Lupine\Core\Acts\Acts;
use Lupine\Core\Acts\Mend;
use Lupine\Core\Form\Forms;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Legibility\Mending;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is offered to mend something does mend it, in one act; and what would change nothing is not offered. */
final class MendingTest extends TestCase
{
    private const NOTE = [
        'id' => 'note1', 'text' => 'A note', 'role' => 'note', 'x' => 300.0, 'y' => 1000.0, 'width' => 400.0,
        'align' => 'left', 'upperCase' => false, 'font' => 'figtree-bold', 'size' => 48.0, 'colour' => '#ffffff',
    ];

    private const CAPTIONS = ['y' => 1000, 'width' => 1500, 'font' => 'figtree-bold', 'size' => 44,
        'colour' => '#ffffff', 'placedBy' => 'rule', 'fade' => 0];

    /** @return iterable<string, array{string, string, array<string, mixed>, 3?: string}> the last: figures */
    public static function faults(): iterable
    {
        yield 'small type' => ['larger', '“A note” is 9 pixels high', ['words.1' => [...self::NOTE, 'size' => 9.0]]];
        yield 'dark on dark' => ['ink', '“A note” has too little contrast', [
            'words.1' => [...self::NOTE, 'colour' => '#22302c'],
        ]];
        yield 'white on pale' => ['plate', '“Pale” has too little contrast', [
            'words.1' => [...self::NOTE, 'text' => 'Pale', 'x' => 880.0, 'y' => 470.0, 'size' => 30.0],
            'charts.0.own' => ['r1' => ['colour' => '#f4f4f0']],
        ]];
        yield 'dark on a part' => ['plate', '“Dark” has too little contrast', [
            'words.1' => [
                ...self::NOTE, 'text' => 'Dark', 'x' => 880.0, 'y' => 470.0, 'size' => 30.0, 'colour' => null,
            ],
            'charts.0.own' => ['r1' => ['colour' => '#f4f4f0']],
        ]];
        yield 'a title over the edge' => ['arranged', 'runs over the edge', [
            'words.0.placedBy' => 'hand', 'words.0.x' => -150,
        ]];
        yield 'a chart over the edge' => ['arranged', 'is cut by the edge', [
            'charts.0.place' => ['x' => 100, 'y' => 540, 'placedBy' => 'hand'],
        ]];
        $many = "Kind\tThings\n".implode("\n", array_map(static fn (int $row): string => "Kind of thing {$row}\t"
            .(400 - $row * 12), range(1, 30)));
        yield 'labels without room' => ['legend', 'no room for a label', [
            'charts.0.words.labels.show' => 'beside', 'charts.0.words.labels.text' => 'both',
            'charts.0.words.labels.size' => 60,
        ], $many];
        yield 'many parts' => ['combine', 'hard to tell apart; about five work well', [], $many];
        yield 'a quick caption' => ['longer', 'Show it longer or split it.', [
            'captions' => self::CAPTIONS,
            'script.lines' => [['id' => 'line1', 'text' => 'All of this is said, and cannot be read as quickly as that.',
                'begin' => 20, 'end' => 50]],
        ]];
        yield 'a line after the end' => ['lengthen', 'The film ends before', [
            'script.lines' => [['id' => 'line1', 'text' => 'This is said.', 'begin' => 200, 'end' => 320]],
        ]];
        yield 'a guessed title' => ['keep', 'was guessed from the table', ['words.0.guessed' => true]];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('faults')]
    public function testWhatIsOfferedMendsIt(
        string $what,
        string $said,
        array $changes,
        string $figures = Sample::FIGURES,
    ): void {
        $document = json_decode((string) json_encode(Sample::document($figures, $changes)));
        \assert($document instanceof \stdClass);
        $piece = Piece::fromDocument($document, Forms::shipped());
        $found = self::found($piece, $said);
        self::assertNotNull($found, $said);
        $mending = $found->about?->mending;
        self::assertSame($what, $mending?->what);
        $act = self::act($mending);
        self::assertTrue($act->isOfUse($document, $piece, Forms::shipped()));
        [$mended] = Acts::doOne($act, $document, $piece, Forms::shipped());
        $after = Piece::fromDocument($mended, Forms::shipped());
        self::assertNull(self::found($after, $said), $said.' still');
        self::assertFalse($act->isOfUse($mended, $after, Forms::shipped()) && $what !== 'larger', 'it is done');
    }

    public function testWhatWouldChangeNothingIsNotOfUse(): void
    {
        $document = json_decode((string) json_encode(Sample::document(changes: [
            'words.1' => [...self::NOTE, 'colour' => null],
        ])));
        \assert($document instanceof \stdClass);
        $piece = Piece::fromDocument($document, Forms::shipped());
        foreach ([['ink', 'note1', 'words'], ['arranged', 'note1', 'words'], ['larger', 'gone', 'words']] as $with) {
            self::assertFalse((new Mend(...$with))->isOfUse($document, $piece, Forms::shipped()), $with[0]);
        }
    }

    private static function act(Mending $mending): Mend
    {
        return new Mend($mending->what, $mending->of, $mending->kind, $mending->by);
    }

    private static function found(Piece $piece, string $said): ?Check
    {
        foreach (Sample::prove($piece)->checks() as $check) {
            if (!$check->ok && str_contains($check->message, $said)) {
                return $check;
            }
        }

        return null;
    }
}
