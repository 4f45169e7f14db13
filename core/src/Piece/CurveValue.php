<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Setting;

/** A timing curve. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final readonly class CurveValue extends Setting
{
    /** @param string $default the name of one */
    public function __construct(private string $default)
    {
        parent::__construct('Easing');
    }

    public function kind(): string
    {
        return 'curve';
    }

    public function read(Field $field): CurveSettings
    {
        return CurveSettings::read($field, $this->default);
    }

    public function mapped(mixed $value, \Closure $work): mixed
    {
        foreach (CurveSettings::numbers() as $kind => $numbers) {
            $of = $value instanceof \stdClass ? Json::object($value, $kind) : null;
            if ($of === null) {
                continue;
            }
            foreach ($numbers as $number) {
                $of->{$number->name} = $number->setting->mapped($of->{$number->name} ?? null, $work);
            }
        }

        return $value;
    }

    public function schema(): array
    {
        return ['$ref' => '#/definitions/Curve'];
    }

    public function definitions(): array
    {
        return ['Curve' => CurveSettings::schema()];
    }

    public function default(): string
    {
        return $this->default;
    }
}
