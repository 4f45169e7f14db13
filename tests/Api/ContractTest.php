<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Api\Contract;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Lupine\Core\Contract\Answer;
use PHPUnit\Framework\ExpectationFailedException;
use Tests\TestCase;

/** The contract is of the API that there is: rules of this house. Every answer that a test asks for is held to it. */
final class ContractTest extends TestCase
{
    public function testEveryRouteIsInTheContract(): void
    {
        $routes = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            \assert($route instanceof Route);
            if (str_starts_with($route->uri(), 'api/')) {
                $method = array_values(array_diff($route->methods(), ['HEAD']))[0];
                $routes[] = $method.' '.substr($route->uri(), strlen('api/'));
            }
        }
        $known = [
            ...array_keys([...Contract::ROUTES, ...Contract::STREAMS]),
            ...Contract::REELS,
            ...Contract::FILES,
        ];
        sort($routes);
        sort($known);
        self::assertSame($routes, $known);
    }

    public function testEveryClassOfAnAnswerIsAnswered(): void
    {
        $definitions = ContractSchema::of()['definitions'];
        foreach (glob(base_path('app/Api/*.php')) ?: [] as $file) {
            $name = basename($file, '.php');
            $class = 'App\\Api\\'.$name;
            if (is_subclass_of($class, Answer::class)) {
                self::assertArrayHasKey($name, $definitions, "$name is part of no answer");
            }
        }
    }

    public function testWhatIsNotAsTheContractSaysFails(): void
    {
        Routes::post('api/numbers/read', static fn (): array => ['value' => 'seven']);
        try {
            $this->postJson('/api/numbers/read', ['text' => '7']);
        } catch (ExpectationFailedException $reason) {
            self::assertStringContainsString('answers something else than ReadNumber', $reason->getMessage());

            return;
        }
        self::fail('It passed.');
    }
}
