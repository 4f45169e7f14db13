<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Kit;

use Lupine\Core\Acts\Acts;
use Lupine\Core\Form\Forms;
use Lupine\Core\Kit\Kit;
use Lupine\Core\Kit\KitChanges;
use Lupine\Core\Kit\KitOf;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Kits on documents; rules of this house. */
final class KitTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function kits(): iterable
    {
        foreach (Kits::names() as $name) {
            yield $name => [$name];
        }
    }

    /** A piece that took a kit is as the kit has it, can be read, and its look kept as a kit is the same look. */
    #[DataProvider('kits')]
    public function testWhatIsTakenIsTheKitsAndCanBeKept(string $name): void
    {
        $kit = Kits::kit($name);
        $all = array_keys(Kit::PARTS);
        foreach (Forms::shipped()->names() as $form) {
            $before = Kits::piece($form);
            $dressed = Kits::dressed($before, $kit);
            Piece::fromDocument($dressed, Forms::shipped());
            self::assertSame([], KitChanges::of($dressed, $kit, $all, Forms::shipped()), $form);
            self::assertEquals($dressed, Kits::dressed($dressed, $kit), $form.' taken twice');
            $kept = Kit::fromDocument(KitOf::document($dressed, 'Ours', Forms::shipped()), Forms::shipped());
            self::assertEquals($dressed, Kits::dressed($before, $kept), $form.' in the kit that was kept of it');
        }
    }

    public function testWhatAKitDoesNotSayStays(): void
    {
        $before = Kits::piece('donut');
        $plain = Kit::fromDocument((object) ['lupineKit' => 1, 'name' => 'Bare', 'ground' => 'dark'], Forms::shipped());
        self::assertEquals($before, Kits::dressed($before, $plain));
    }

    public function testOnlyWhatIsTickedIsTaken(): void
    {
        $before = Kits::piece('donut');
        $kit = Kits::kit('print-shop');
        $type = Kits::dressed($before, $kit, ['type']);
        self::assertSame('anton-regular', $type->words[0]->font);
        self::assertEquals($before->backdrop, $type->backdrop);
        self::assertEquals($before->charts[0]->finish, $type->charts[0]->finish);
        $colours = Kits::dressed($before, $kit, ['colours']);
        self::assertSame($before->words[0]->font, $colours->words[0]->font);
        self::assertSame($kit->colours?->swatches, $colours->charts[0]->finish->swatches);
        self::assertObjectNotHasProperty('panels', $colours);
        $ground = Kits::dressed($before, $kit, ['backdrop']);
        self::assertCount(1, $ground->panels);
        // The next kit's shapes come in place of those, and shapes of one's own stay.
        $ground->panels[] = (object) ['id' => 'mine', 'kind' => 'ring', 'x' => 1, 'y' => 1, 'width' => 9, 'height' => 9,
            'colour' => '#000000'];
        $next = Kits::dressed($ground, Kits::kit('chalk'), ['backdrop']);
        self::assertSame(['rule', 'ring'], array_column($next->panels, 'kind'));
    }

    public function testWhatPartsHaveOfTheirOwnStaysUntilItIsLetGo(): void
    {
        $before = Kits::piece('donut');
        $before->charts[0]->own = (object) ['r2' => (object) [
            'colour' => '#123456', 'glows' => [(object) ['reach' => 9]], 'label' => (object) ['text' => 'Light'],
        ]];
        $kept = Kits::dressed($before, Kits::kit('cloth'));
        self::assertEquals($before->charts[0]->own, $kept->charts[0]->own);
        $let = Kits::dressed($before, Kits::kit('cloth'), isLettingGo: true);
        self::assertSame(['label'], array_keys(get_object_vars($let->charts[0]->own->r2)));
    }

    public function testLengthsFollowTheStage(): void
    {
        $kit = Kits::kit('cloth');
        $full = Kits::dressed(Kits::piece('donut'), $kit);
        $half = Kits::dressed(Kits::piece('donut', 5, 960, 540), $kit);
        $tall = Kits::dressed(Kits::piece('donut', 5, 1080, 1920), $kit);
        self::assertEqualsWithDelta($full->words[0]->size / 2, $half->words[0]->size, 0.01);
        // An upright stage is looked at on a small screen.
        self::assertEqualsWithDelta($full->words[0]->size * 1.2, $tall->words[0]->size, 0.01);
        self::assertEqualsWithDelta(
            $full->charts[0]->finish->shadows[0]->reach / 2,
            $half->charts[0]->finish->shadows[0]->reach,
            0.01,
        );
    }

    public function testMonthsAreOneColourAndTheOneThatTheTitleNamesIsSeenFirst(): void
    {
        $dressed = Kits::dressed(Kits::piece('columns', 12), Kits::kit('print-shop'));
        self::assertSame('one', $dressed->charts[0]->finish->colours);
        $draw = Sample::drawPiece();
        $colours = static fn (\stdClass $document): array => $draw->timings->of(
            Sample::arrange()->piece(Piece::fromDocument($document, Forms::shipped())),
        )['chart1']->colours;
        $count = array_count_values($colours($dressed));
        self::assertSame([11, 1], array_values($count));
        self::assertSame('#1c1a22', $colours($dressed)['r11'], 'November');
        $dressed->words[0]->text = 'A quiet august';
        self::assertSame('#1c1a22', $colours($dressed)['r8']);
        $dressed->words[0]->text = 'A year';
        self::assertSame('#1c1a22', $colours($dressed)['r11'], 'where none is named, the largest');
        $dressed->charts[0]->finish->accent->of = 'part';
        $dressed->charts[0]->finish->accent->part = 'r2';
        self::assertSame('#1c1a22', $colours($dressed)['r2']);
        $dressed->charts[0]->finish->accent->of = 'none';
        self::assertCount(1, array_unique($colours($dressed)));
    }

    public function testWhatIsSaidIsSaidOnce(): void
    {
        $bars = Kits::dressed(Kits::piece('bars'), Kits::kit('lamplight'));
        self::assertSame(['beside', 'line'], [$bars->charts[0]->words->labels->show, $bars->charts[0]->form->axis]);
        $line = Kits::dressed(Kits::piece('line', 12), Kits::kit('lamplight'));
        self::assertSame(['none', 'ticks'], [$line->charts[0]->words->labels->show, $line->charts[0]->form->axis]);
        $donut = Kits::piece('donut');
        $ledger = Kits::dressed($donut, Kits::kit('ledger'));
        self::assertNull($ledger->charts[0]->words->legend);
        self::assertSame('both', $ledger->charts[0]->words->labels->text);
        $many = Kits::dressed(Kits::piece('donut', 12), Kits::kit('ledger'));
        self::assertNotNull($many->charts[0]->words->legend, 'twelve names have no room at their parts');
        $act = static fn (array $with, \stdClass $document): \stdClass => Acts::do(
            'say-once',
            Field::root((object) ['chart' => 'chart1', ...$with]),
            $document,
            Piece::fromDocument($document, Forms::shipped()),
            Forms::shipped(),
        )[0];
        $back = $act(['names' => 'legend'], $ledger);
        self::assertSame('none', $back->charts[0]->words->labels->show);
        self::assertSame($ledger->charts[0]->words->labels->font, $back->charts[0]->words->legend->font);
        $axis = $act(['values' => 'axis'], $bars);
        self::assertSame(['none', 'ticks'], [$axis->charts[0]->words->labels->show, $axis->charts[0]->form->axis]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function broken(): iterable
    {
        yield 'no kit' => [['lupine' => 5], 'not a kit'];
        yield 'newer' => [['lupineKit' => 9], 'newer Lupine'];
        $title = static fn (array $said): array => ['words' => (object) ['title' => (object) $said]];
        yield 'a font' => [$title(['font' => 'gone']), '“words.title.font” must be'];
        yield 'a name' => [$title(['fnt' => 1]), '“words.title.fnt” is not known'];
        yield 'a form' => [['forms' => (object) ['bagel' => (object) []]], '“forms.bagel” is not a form'];
        yield 'a setting' => [['forms' => (object) ['pie' => (object) ['axis' => 'line']]], '“forms.pie.axis” is not'];
        yield 'a colour' => [['colours' => (object) ['swatches' => ['red']]], '“colours.swatches.0” must be a colour'];
        yield 'motion' => [['motion' => (object) ['*' => (object) ['frames' => -1]]], '“motion.*.frames” is -1'];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('broken')]
    public function testABrokenKitSaysWhatAndWhere(array $said, string $message): void
    {
        $plain = ['lupineKit' => 1, 'name' => 'A', 'ground' => 'dark'];
        $document = (object) [...isset($said['lupine']) ? [] : $plain, ...$said];
        try {
            Kit::fromDocument($document, Forms::shipped());
            self::fail('It was taken.');
        } catch (BadPiece $reason) {
            self::assertStringContainsString($message, $reason->getMessage());
        }
    }
}
