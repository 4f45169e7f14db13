<?php

declare(strict_types=1);

namespace Tests\Api;

/** The page of the documents that describes the reel: docs/reel.md. */
final class ReelPage
{
    private const HEAD = <<<'MD'
        # The reel

        Made from the classes of `core/src/Reel` by `bin/contracts.php`; do not edit. Its schema is
        [reel.schema.json](reel.schema.json).

        The computed animation as one JSON object, ready to be painted. Core writes it
        (`Lupine\Core\Drawing\WriteReel`), the painter (`painter/`) paints it on any 2D canvas: the browser's for the
        stage, Skia's for films. What is seen is what is handed off.

        With more than one of `samples` a reel is as the piece is filmed: tracks count moments instead of frames. The
        moments of frame _f_ are _f_ × samples to _f_ × samples + samples − 1, evenly spread over the time for which the
        shutter is open, and the middle one is the frame itself. A frame's picture is the mean of its moments; where
        none of its tracks changes between them, it is that of any of them. What is read (`run`), and what changes at
        once from one frame to the next, changes with the first moment of a frame, so it stays sharp.

        Captions, and the backdrop where it stays, stand beside the group that the camera takes.

        MD;

    public static function of(): string
    {
        $schema = ContractSchema::ofReel();
        $page = self::HEAD.self::section('Reel', $schema);
        foreach ($schema['definitions'] as $name => $definition) {
            $page .= self::section($name, $definition);
        }

        return $page;
    }

    /** @param array<string, mixed> $definition */
    private static function section(string $name, array $definition): string
    {
        $lines = ["\n## {$name}\n", $definition['description']."\n", "| field | type | |\n| --- | --- | --- |"];
        foreach ($definition['properties'] as $field => $property) {
            $cells = ["`{$field}`", self::type($property), $property['description'] ?? ''];
            $lines[] = '| '.implode(' | ', array_map(
                static fn (string $cell): string => str_replace('|', '\|', $cell),
                $cells,
            )).' |';
        }

        return implode("\n", $lines)."\n";
    }

    /** @param array<string, mixed> $schema */
    private static function type(array $schema): string
    {
        return match (true) {
            isset($schema['$ref']) => self::linked(basename($schema['$ref'])),
            isset($schema['enum']) => '`'.implode('`, `', $schema['enum']).'`',
            isset($schema['anyOf']) => implode(' or ', array_unique(array_map(self::type(...), $schema['anyOf']))),
            is_array($schema['items'] ?? null) && array_is_list($schema['items']) => '['.implode(', ', array_map(self::type(...), $schema['items'])).']',
            isset($schema['items']) => 'list of '.self::type($schema['items']),
            $schema['type'] === 'integer' => 'whole number',
            default => $schema['type'],
        };
    }

    private static function linked(string $name): string
    {
        return '['.$name.'](#'.strtolower($name).')';
    }
}
