<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Setting;

/** The fingerprint of a sound's file (SHA-256), in hexadecimal digits. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Fingerprint extends Setting
{
    private const PATTERN = '^[0-9a-f]{64}$';

    public function kind(): string
    {
        return 'fingerprint';
    }

    public function read(Field $field): string
    {
        $sound = $field->text(64);
        if (preg_match('/'.self::PATTERN.'/D', $sound) !== 1) {
            throw $field->wrong('must be the 64 hexadecimal digits of a sound’s fingerprint');
        }

        return $sound;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => self::PATTERN];
    }

    public function default(): mixed
    {
        return null;
    }
}
