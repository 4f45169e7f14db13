<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Api\Contract;
use Lupine\Core\Reel\Reel;

/** What JSON Schema says of the API and of the reel, from their classes. */
final class ContractSchema
{
    private const DRAFT = 'http://json-schema.org/draft-07/schema#';

    /** @return array<string, mixed> contracts/api.json */
    public static function of(): array
    {
        $schema = new ClassSchema();
        $routes = [
            ...array_map($schema->named(...), [...Contract::ROUTES, ...Contract::STREAMS]),
            ...array_fill_keys(Contract::REELS, ['$comment' => 'Reel']),
        ];
        $refusals = array_map($schema->named(...), Contract::REFUSALS);

        return [
            '$schema' => self::DRAFT,
            'title' => 'Answers',
            'description' => 'What the API answers, by method and path.',
            'type' => 'object',
            'properties' => $routes,
            'required' => array_keys($routes),
            'additionalProperties' => false,
            'definitions' => [...$schema->definitions(), 'Refusal' => ['anyOf' => array_values($refusals)]],
        ];
    }

    /** @return array<string, mixed> docs/reel.schema.json */
    public static function ofReel(): array
    {
        $schema = new ClassSchema();
        $schema->named(Reel::class);
        $definitions = $schema->definitions();
        $reel = $definitions['Reel'];
        unset($definitions['Reel']);

        return ['$schema' => self::DRAFT, 'title' => 'Reel', ...$reel, 'definitions' => $definitions];
    }
}
