<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What a page from elsewhere, open in the same browser, could try; sources: W3C Fetch Metadata, WHATWG Fetch. */
final class OwnPagesTest extends TestCase
{
    /** @return iterable<string, array{array<string, string>, int}> */
    public static function foreign(): iterable
    {
        $json = ['CONTENT_TYPE' => 'application/json'];
        yield 'a name that was made to point here' => [[...$json, 'HTTP_HOST' => 'elsewhere.example:8000'], 421];
        yield 'another port of this machine' => [[...$json, 'HTTP_HOST' => '127.0.0.1:9999'], 421];
        yield 'another site' => [[...$json, 'HTTP_SEC_FETCH_SITE' => 'cross-site'], 403];
        yield 'another port, which is the same site' => [[...$json, 'HTTP_SEC_FETCH_SITE' => 'same-site'], 403];
        yield 'another origin' => [[...$json, 'HTTP_ORIGIN' => 'http://elsewhere.example:8000'], 403];
        yield 'no origin that it would name' => [[...$json, 'HTTP_ORIGIN' => 'null'], 403];
        foreach (['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data; boundary=x'] as $simple) {
            yield 'a simple form, '.$simple => [['CONTENT_TYPE' => $simple], 415];
        }
        yield 'a body without a type' => [[], 415];
    }

    /** @param array<string, string> $server */
    #[DataProvider('foreign')]
    public function testIsRefusedAndChangesNothing(array $server, int $status): void
    {
        $id = (string) $this->postJson('/api/pieces', ['document' => self::small()])->json('id');
        $body = (string) json_encode(['text' => "Kettles\t3\nLamps\t5"]);
        $this->raw('POST', '/api/pieces', $server, $body)->assertStatus($status);
        $this->raw('POST', "/api/pieces/$id/hand-offs", $server, '{}')->assertStatus($status);
        $this->raw('DELETE', "/api/pieces/$id", $server, '{}')->assertStatus($status);
        $this->assertSame(1, $this->raw('GET', '/api/pieces', [], '')->json('count'));
        $this->assertSame([], $this->raw('GET', '/api/hand-offs', [], '')->json('handOffs'));
    }

    public function testAForeignPageCannotReadEither(): void
    {
        $this->raw('GET', '/api/pieces', ['HTTP_HOST' => 'elsewhere.example'], '')->assertStatus(421);
        $this->raw('GET', '/', ['HTTP_HOST' => 'elsewhere.example'], '')->assertStatus(421);
        $this->raw('GET', '/api/pieces', ['HTTP_SEC_FETCH_SITE' => 'cross-site'], '')->assertForbidden();
    }

    public function testOwnPagesAndProgramsAreAnswered(): void
    {
        foreach ([['HTTP_HOST' => 'localhost:8000'], ['HTTP_SEC_FETCH_SITE' => 'same-origin'], []] as $server) {
            $this->raw('GET', '/api/pieces', $server, '')->assertOk();
        }
        $own = ['HTTP_ORIGIN' => 'http://127.0.0.1:8000', 'CONTENT_TYPE' => 'application/json; charset=utf-8'];
        $this->raw('POST', '/api/pieces', $own, '{"text":"Kettles\\t3\\nLamps\\t5"}')->assertCreated();
    }

    public function testNothingMakesARequestAnotherThanItIs(): void
    {
        $id = (string) $this->postJson('/api/pieces', ['document' => self::small()])->json('id');
        $json = ['CONTENT_TYPE' => 'application/json'];
        $this->raw('POST', "/api/pieces/$id?_method=DELETE", $json, '{"_method":"DELETE"}')->assertStatus(405);
        $this->raw(
            'POST',
            "/api/pieces/$id",
            [...$json, 'HTTP_X_HTTP_METHOD_OVERRIDE' => 'DELETE'],
            '{}',
        )->assertStatus(405);
        $this->getJson("/api/pieces/$id")->assertOk();
    }

    public function testEveryAnswerSaysWhatMayBeLoadedAndByWhom(): void
    {
        $this->withoutVite();
        foreach (['/', '/api/pieces', '/api/nowhere', '/up'] as $path) {
            $answer = $this->get($path);
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            $this->assertStringContainsString("default-src 'none'", $policy, $path);
            $this->assertStringContainsString("frame-ancestors 'none'", $policy, $path);
            $this->assertStringNotContainsString('unsafe', $policy, $path);
            $answer->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('Referrer-Policy', 'no-referrer');
            $answer->assertHeaderMissing('X-Powered-By')->assertHeaderMissing('Set-Cookie');
        }
        $this->assertStringNotContainsString('<script>', (string) $this->get('/')->getContent());
    }

    public function testWantedVersions(): void
    {
        $id = (string) $this->postJson('/api/pieces', ['document' => self::small()])->json('id');
        $wanted = [
            '' => 428,
            '*' => 412,
            'W/"1"' => 412,
            '"1", "2"' => 412,
            '1' => 412,
            '"1' => 412,
            "\"\u{FF11}\"" => 412,
            '"2"' => 412,
        ];
        foreach ($wanted as $tag => $status) {
            foreach ([['PUT', ''], ['POST', '/undo'], ['POST', '/redo']] as [$method, $step]) {
                $this->raw(
                    $method,
                    "/api/pieces/$id$step",
                    [
                        'CONTENT_TYPE' => 'application/json',
                        'HTTP_IF_MATCH' => (string) $tag,
                    ],
                    (string) json_encode(['document' => [...self::small(), 'title' => 'Overwritten']]),
                )->assertStatus($status);
            }
        }
        $this->assertSame('Mended or not', $this->getJson("/api/pieces/$id")->json('document.title'));
    }

    /**
     * @param array<string, string> $server
     *
     * @return TestResponse<Response>
     */
    private function raw(string $method, string $path, array $server, string $body): TestResponse
    {
        $path = 'http://'.($server['HTTP_HOST'] ?? '127.0.0.1:8000').$path;

        return $this->call($method, $path, [], [], [], ['HTTP_ACCEPT' => 'application/json', ...$server], $body);
    }
}
