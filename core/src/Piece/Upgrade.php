<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Brings older documents up to date, one step a version. */
final readonly class Upgrade
{
    /**
     * The document as this version writes it. What is not understood stays as it is, for reading to complain about.
     *
     * @param mixed $document decoded JSON, objects as \stdClass or as arrays
     */
    public static function of(mixed $document): mixed
    {
        $version = match (true) {
            is_array($document) => $document['lupine'] ?? null,
            is_object($document) => $document->lupine ?? null,
            default => null,
        };
        if (!in_array($version, [1, 2, 3, 4], true)) {
            return $document;
        }
        if (is_array($document)) {
            return json_decode((string) json_encode(self::of(json_decode((string) json_encode($document)))), true);
        }

        if (!$document instanceof \stdClass) {
            return $document;
        }

        return self::of(match ($version) {
            1 => Version1::upgraded($document),
            2 => Version2::upgraded($document),
            3 => Version3::upgraded($document),
            default => Version4::upgraded($document),
        });
    }
}
