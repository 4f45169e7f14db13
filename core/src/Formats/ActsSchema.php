<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Acts\Acts;
use Lupine\Core\Acts\SplicedPart;
use Lupine\Core\Settings\Group;

/** What JSON Schema says of the acts: what each takes, under its name. */
final readonly class ActsSchema
{
    private const PIECE = 'piece.schema.json';
    private const HERE = '#/definitions/';

    /** groups that acts take and no piece has, by their names */
    private const OWN = ['SplicedPart' => SplicedPart::class];

    /** @return array<string, mixed> */
    public static function of(): array
    {
        $acts = array_map(
            static fn (string $class): array => self::outward(Group::of($class)->schema()),
            Acts::all(),
        );

        return [
            '$schema' => 'http://json-schema.org/draft-07/schema#',
            'title' => 'Acts',
            'description' => 'What each act takes that the desk does to a document as a whole.',
            'type' => 'object',
            'properties' => $acts,
            'required' => array_keys($acts),
            'additionalProperties' => false,
            'definitions' => array_map(
                static fn (string $class): array => self::outward(Group::of($class)->schema()),
                self::OWN,
            ),
        ];
    }

    /**
     * @param array<array-key, mixed> $schema
     *
     * @return array<array-key, mixed> that names groups of the piece where the piece's schema has them
     */
    private static function outward(array $schema): array
    {
        foreach ($schema as $name => $part) {
            if (is_array($part)) {
                $schema[$name] = self::outward($part);
            } elseif ($name === '$ref' && is_string($part)) {
                $isOwn = isset(self::OWN[substr($part, strlen(self::HERE))]);
                $schema[$name] = $isOwn ? $part : self::PIECE.$part;
            }
        }

        return $schema;
    }
}
