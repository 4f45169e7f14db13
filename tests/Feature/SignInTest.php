<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\OwnAddresses;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A desk that answers under another name than the machine's own: who comes signs in. */
final class SignInTest extends TestCase
{
    private const PHRASE = 'kettles and coats';

    protected function setUp(): void
    {
        parent::setUp();
        $this->app->instance(OwnAddresses::class, new OwnAddresses(['127.0.0.1:8000', 'desk.example']));
        $this->withHeader('Host', 'desk.example');
    }

    public function testNobodyGetsAnythingWithoutSigningIn(): void
    {
        $this->somebody('bench');
        foreach (Route::getRoutes() as $route) {
            $isApi = str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/session';
            $filled = preg_replace('/\{(sound|picture)\}/', str_repeat('0', 64), $route->uri());
            $filled = preg_replace('/\{version\}/', '1', (string) $filled);
            $path = (string) preg_replace('/\{[^}]+\}/', '01m8qxd5ans1m67b39xw4cjse2', (string) $filled);
            foreach ($isApi ? array_diff($route->methods(), ['HEAD']) : [] as $method) {
                self::assertSame(401, $this->json($method, '/'.$path)->status(), "$method $path");
            }
        }
        // The page itself is nobody's secret; it says that it asks, and of whom it knows.
        $page = $this->get('/')->assertOk();
        self::assertStringContainsString('data-asks data-who=""', (string) $page->getContent());
        self::assertNull($page->getCookie('lupine'), 'who only looks has no session');
    }

    public function testOneSignsInWorksAndSignsOut(): void
    {
        $this->somebody('bench');
        $wrong = $this->signIn('bench', 'nothing of it')->assertUnprocessable();
        $nobody = $this->signIn('nobody', 'nothing of it')->assertUnprocessable();
        self::assertSame($wrong->json('message'), $nobody->json('message'), 'it does not say who there is');

        $in = $this->signIn('bench', self::PHRASE)->assertOk()->assertExactJson(['name' => 'bench']);
        $cookie = $in->getCookie('lupine');
        self::assertNotNull($cookie);
        self::assertSame([true, 'lax'], [$cookie->isHttpOnly(), $cookie->getSameSite()]);
        $this->come($in);
        $this->getJson('/api/pieces')->assertOk();
        self::assertStringContainsString('data-who="bench"', (string) $this->get('/')->getContent());
        $this->deleteJson('/api/session')->assertExactJson(['name' => null]);
        $this->forgetUser();
        $this->getJson('/api/pieces')->assertUnauthorized();

        self::assertStringStartsWith('$2y$', (string) DB::table('users')->value('password'), 'hashed');
    }

    public function testThroughAProxyWithTlsTheCookieGoesNoOtherWay(): void
    {
        $this->somebody('bench');
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.1']);
        $in = $this->withHeader('X-Forwarded-Proto', 'https')->signIn('bench', self::PHRASE)->assertOk();
        self::assertTrue($in->getCookie('lupine')?->isSecure());
    }

    public function testWhoTriesTooOftenWaits(): void
    {
        $this->somebody('bench');
        for ($try = 0; $try < 5; ++$try) {
            $this->signIn('bench', "wrong number $try")->assertUnprocessable();
        }
        $refused = $this->signIn('bench', self::PHRASE)->assertStatus(429);
        self::assertStringContainsString('That was wrong 5 times.', (string) $refused->json('message'));
        $this->travel(61)->seconds();
        $this->signIn('bench', self::PHRASE)->assertOk();
    }

    public function testOtherSessionsEndAndSoDoTheirsWhoAreRemovedOrHaveAnotherPassword(): void
    {
        $this->somebody('bench');
        $one = $this->signIn('bench', self::PHRASE);
        $other = $this->signIn('bench', self::PHRASE);
        $this->come($one);
        $this->getJson('/api/pieces')->assertOk();
        $this->come($other);
        $this->getJson('/api/pieces')->assertOk();
        $this->postJson('/api/session/others', ['password' => 'not my own'])->assertUnprocessable();
        $this->postJson('/api/session/others', ['password' => self::PHRASE])->assertOk();
        $this->forgetUser();
        $this->getJson('/api/pieces')->assertOk();
        $this->come($one);
        $this->getJson('/api/pieces')->assertUnauthorized();

        $this->come($other);
        $this->somebody('bench', 'lamps and toys, mended');
        $this->getJson('/api/pieces')->assertUnauthorized();
        $again = $this->signIn('bench', 'lamps and toys, mended')->assertOk();
        $this->come($again);
        $this->getJson('/api/pieces')->assertOk();
        self::assertSame(0, Artisan::call('lupine:user', ['name' => 'bench', '--remove' => true]));
        $this->forgetUser();
        $this->getJson('/api/pieces')->assertUnauthorized();
    }

    public function testOnThisMachineAloneThereIsNothingToSignInTo(): void
    {
        $this->app->instance(OwnAddresses::class, new OwnAddresses(['127.0.0.1:8000', 'localhost:8000', '[::1]:8000']));
        $this->withHeader('Host', '127.0.0.1:8000');
        $pieces = $this->getJson('/api/pieces')->assertOk();
        self::assertSame([], $pieces->headers->getCookies());
        $this->signIn('bench', self::PHRASE)->assertNotFound();
    }

    public function testItDoesNotStartForOthersWithoutAnybodyWhoMayComeIn(): void
    {
        config(['lupine.hosts' => 'desk.example']);
        $folder = $this->folder.'/framework';
        self::assertSame(1, Artisan::call('lupine:web', ['folder' => $folder]));
        self::assertFileDoesNotExist($folder.'/nginx.conf');
        file_put_contents($this->folder.'/short', "short\n");
        $short = ['name' => 'bench', '--password-file' => $this->folder.'/short'];
        self::assertSame(2, Artisan::call('lupine:user', $short));
        $this->somebody('bench');
        self::assertSame(0, Artisan::call('lupine:web', ['folder' => $folder]));
        self::assertStringContainsString('"desk.example" 1;', (string) file_get_contents($folder.'/nginx.conf'));
    }

    private function somebody(string $name, string $password = self::PHRASE): void
    {
        file_put_contents($this->folder.'/password', $password."\n");
        $asked = ['name' => $name, '--password-file' => $this->folder.'/password'];
        self::assertSame(0, Artisan::call('lupine:user', $asked));
        self::assertTrue(User::query()->where('name', $name)->exists());
    }

    /** @return TestResponse<Response> */
    private function signIn(string $name, string $password): TestResponse
    {
        $this->come(null);

        return $this->postJson('/api/session', ['name' => $name, 'password' => $password]);
    }

    /**
     * The next requests come with the cookie of an answer.
     *
     * @param TestResponse<Response>|null $from
     */
    private function come(?TestResponse $from): void
    {
        $this->forgetUser();
        $cookie = $from?->getCookie('lupine', false)?->getValue();
        $this->unencryptedCookies = $cookie === null ? [] : ['lupine' => $cookie];
        $this->withCredentials();
    }

    /** A request knows nothing of the one before but by its cookie. */
    private function forgetUser(): void
    {
        Auth::forgetGuards();
        $this->app->make('session')->forgetDrivers();
    }
}
