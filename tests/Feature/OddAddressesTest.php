<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Addresses that no page of Lupine has: a 4xx in the API's own form. */
final class OddAddressesTest extends TestCase
{
    /** @return iterable<array{string}> */
    public static function addresses(): iterable
    {
        foreach (['%ff', '%00', '%c3%28', 'a%00b', '%ff%fe', '%ed%a0%80'] as $odd) {
            yield ["/api/$odd"];
            yield ["/api/pieces/$odd"];
            yield ["/api/pieces/$odd/still.svg"];
            yield ["/api/hand-offs/$odd/file"];
            yield ["/api/uploads/$odd"];
            yield ["/api/sounds/$odd.flac"];
            yield ["/api/listenings/$odd"];
            yield ["/api/forms/$odd/properties"];
        }
        yield ['/%ff'];
        yield ['/pieces/%ff'];
        yield ['/api/pieces?search=%ff%00&after=%ff'];
        yield ['/api/hand-offs?piece=%00'];
        yield ['/api/'.str_repeat('a', 4000)];
    }

    #[DataProvider('addresses')]
    public function testIsAnsweredInTheFormOfTheApi(string $address): void
    {
        $answer = $this->get($address, ['Accept' => 'text/html']);
        if ($answer->isOk()) {
            self::assertStringContainsString('?', $address, 'only what is searched for can be odd and well');

            return;
        }
        self::assertGreaterThanOrEqual(400, $answer->status());
        self::assertLessThan(500, $answer->status());
        self::assertGreaterThan(10, strlen((string) $answer->json('message')));
        self::assertSame(['message', 'where', 'rowId'], array_keys($answer->json()));
    }
}
