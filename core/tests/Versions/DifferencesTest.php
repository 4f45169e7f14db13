<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Versions;

use Lupine\Core\Form\Forms;
use Lupine\Core\Settings\Json;
use Lupine\Core\Versions\Difference;
use Lupine\Core\Versions\Differences;
use PHPUnit\Framework\TestCase;

/** What is said of two versions; rules of this house. */
final class DifferencesTest extends TestCase
{
    public function testTheSameSaysNothingHoweverItIsWritten(): void
    {
        $demo = self::demo();
        $again = Json::copy($demo);
        $again->charts[0]->place->x = (float) $again->charts[0]->place->x;
        $again->panels = [];
        self::assertSame([], self::said($demo, $again));
    }

    /** @return iterable<string, array{\Closure(\stdClass): void, string, list<string>}> */
    public static function changes(): iterable
    {
        yield 'a figure' => [
            static function (\stdClass $piece): void {
                $piece->tables[0]->rows[0]->cells[0] = '498';
            },
            'figures',
            ['Small appliances, Last year: 512 → 498'],
        ];
        yield 'rows come and go' => [
            static function (\stdClass $piece): void {
                $piece->tables[0]->rows[4]->id = 'r99';
                $piece->tables[0]->rows[4]->label = 'Umbrellas';
            },
            'figures',
            ['Umbrellas new', 'Toys removed'],
        ];
        yield 'rows in another order' => [
            static function (\stdClass $piece): void {
                $piece->tables[0]->rows = array_reverse($piece->tables[0]->rows);
            },
            'figures',
            ['Rows in another order'],
        ];
        yield 'a title' => [
            static function (\stdClass $piece): void {
                $piece->words[0]->text = 'A year of mending';
            },
            'words',
            ['Title: “A year of mending”'],
        ];
        yield 'three seconds less' => [
            static function (\stdClass $piece): void {
                $piece->stage->frames = 480;
            },
            'timing',
            ['Length 00:00:19:00 → 00:00:16:00'],
        ];
        yield 'one move later' => [
            static function (\stdClass $piece): void {
                $piece->moves[0]->begin += 10;
                $piece->moves[0]->pin = null;
            },
            'timing',
            ['1 move re-timed'],
        ];
        yield 'another form' => [
            static function (\stdClass $piece): void {
                $piece->charts[0]->form->kind = 'pie';
            },
            'looks',
            ['Form: donut → pie'],
        ];
        yield 'a part pulled out, and the backdrop' => [
            static function (\stdClass $piece): void {
                $piece->charts[0]->own->{$piece->tables[0]->rows[2]->id} = (object) ['out' => 26];
                $piece->backdrop->vignette = 0.125;
            },
            'looks',
            ['Clothing pulled out', 'Backdrop: vignette'],
        ];
        yield 'another stage' => [
            static function (\stdClass $piece): void {
                [$piece->stage->width, $piece->stage->height] = [1080, 1080];
            },
            'stage',
            ['Stage 1920 × 1080 → 1080 × 1080'],
        ];
    }

    /**
     * @param \Closure(\stdClass): void $change
     * @param list<string> $said
     */
    #[\PHPUnit\Framework\Attributes\DataProvider('changes')]
    public function testAChangeIsSaidInWordsAndIsNothingElse(\Closure $change, string $about, array $said): void
    {
        $before = self::demo();
        $after = self::demo();
        $change($after);
        $wanted = array_map(static fn (string $text): array => [$about, $text], $said);
        self::assertSame($wanted, self::said($before, $after));
        self::assertCount(count($said), self::said($after, $before), 'as many the other way round');
    }

    /** @return list<array{string, string}> */
    private static function said(\stdClass $before, \stdClass $after): array
    {
        return array_map(
            static fn (Difference $one): array => [$one->about, $one->text],
            Differences::between($before, $after, Forms::shipped()),
        );
    }

    private static function demo(): \stdClass
    {
        $text = (string) file_get_contents(__DIR__.'/../../../demo/plain/the-mending-room.json');
        $demo = json_decode($text);
        \assert($demo instanceof \stdClass);

        return $demo;
    }
}
