<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Setting;

/** Frames a second, from 1 to 60, as a fraction. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class Rate extends Setting
{
    private const MOST = 60;

    public function __construct()
    {
        parent::__construct('Frame rate');
    }

    public function kind(): string
    {
        return 'rate';
    }

    /** @return array{int, int} numerator and denominator */
    public function read(Field $field): array
    {
        $rate = $field->items(2);
        if (count($rate) !== 2) {
            throw $field->wrong('must be two whole numbers, such as [30000, 1001]');
        }
        $numerator = $rate[0]->whole(1, 240_000);
        $denominator = $rate[1]->whole(1, 1001);
        if ($numerator / $denominator < 1 || $numerator / $denominator > self::MOST) {
            throw $field->wrong(sprintf('must be from 1 to %d frames a second', self::MOST));
        }

        return [$numerator, $denominator];
    }

    public function schema(): array
    {
        return ['type' => 'array', 'items' => ['type' => 'integer'], 'minItems' => 2, 'maxItems' => 2];
    }

    public function default(): mixed
    {
        return null;
    }
}
