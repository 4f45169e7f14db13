<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Api\Contract;
use Illuminate\Routing\Route;
use Illuminate\Testing\TestResponse;
use Lupine\Core\Reel\Reel;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Holds every answer that a test asks for to the API's contract. */
trait KeepsTheContract
{
    private const CONTRACT = 'https://lupine.invalid/contracts/api.json';

    private const REEL = 'https://lupine.invalid/reel.schema.json';

    private static ?Validator $validator = null;

    /**
     * @param string $method
     * @param string $uri
     * @param array<array-key, mixed> $data
     * @param array<string, string> $headers
     * @param int $options
     */
    public function json($method, $uri, array $data = [], array $headers = [], $options = 0): TestResponse
    {
        $answer = parent::json($method, $uri, $data, $headers, $options);
        self::assertKeepsTheContract($method, $answer);

        return $answer;
    }

    private static function assertKeepsTheContract(string $method, TestResponse $answer): void
    {
        $route = request()->route();
        $path = $route instanceof Route ? substr($route->uri(), strlen('api/')) : '';
        if (isset(Contract::STREAMS["$method $path"]) && $answer->isSuccessful()) {
            foreach (explode("\n", rtrim($answer->streamedContent())) as $part) {
                self::assertIsA(Contract::STREAMS["$method $path"], $part, "$method $path");
            }

            return;
        }
        $known = Contract::ROUTES["$method $path"] ?? null;
        $isReel = in_array("$method $path", Contract::REELS, true);
        $class = match (true) {
            $answer->isSuccessful() => $isReel ? Reel::class : $known,
            $answer->getStatusCode() === 412 && $known !== null => Contract::REFUSALS[412],
            default => Contract::REFUSALS[0],
        };
        if ($class === null) {
            self::assertTrue(
                !$route instanceof Route || in_array("$method $path", Contract::FILES, true),
                "$method $path is not in the contract",
            );

            return;
        }
        $text = $answer->baseResponse instanceof StreamedResponse ? $answer->streamedContent() : $answer->getContent();
        self::assertIsA($class, (string) $text, "$method $path");
    }

    /** @param string $text JSON of an answer, or of a part of one */
    private static function assertIsA(string $class, string $text, string $route): void
    {
        $name = substr((string) strrchr($class, '\\'), 1);
        $result = self::validator()->validate(
            json_decode($text),
            $class === Reel::class ? self::REEL : self::CONTRACT.'#/definitions/'.$name,
        );
        $error = $result->error();
        self::assertTrue($error === null, $error === null ? '' : sprintf(
            "%s answers something else than %s:\n%s",
            $route,
            $name,
            json_encode((new ErrorFormatter())->format($error, false), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES),
        ));
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            self::$validator->resolver()?->registerRaw((string) json_encode(ContractSchema::of()), self::CONTRACT);
            self::$validator->resolver()?->registerRaw((string) json_encode(ContractSchema::ofReel()), self::REEL);
        }

        return self::$validator;
    }
}
