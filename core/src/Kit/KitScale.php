<?php

declare(strict_types=1);

namespace Lupine\Core\Kit;

use Lupine\Core\Arrangement\Arrange;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Setting;
use Lupine\Core\Settings\Unit;

/** Lengths of a kit, which is told for a stage of 1920 by 1080, as they are on another stage; and back. */
final readonly class KitScale
{
    public const WIDTH = 1920;
    public const HEIGHT = 1080;

    /** settings of forms that are lengths; others are parts of something */
    private const LENGTHS = ['gap', 'corner', 'thickness', 'points'];

    private const DIGITS = 2;

    private function __construct(private float $lengths, private float $texts)
    {
    }

    /** From a kit to the stage of a document. */
    public static function to(\stdClass $document): self
    {
        $stage = Json::object($document, 'stage');
        $width = max(1, Json::number($stage, 'width', self::WIDTH));
        $height = max(1, Json::number($stage, 'height', self::HEIGHT));
        $lengths = min($width, $height) / self::HEIGHT;

        return new self($lengths, $lengths * Arrange::textsOn($width, $height));
    }

    /** From the stage of a document to a kit. */
    public static function away(\stdClass $document): self
    {
        $to = self::to($document);

        return new self(1 / $to->lengths, 1 / $to->texts);
    }

    /**
     * What is said of a group, as it is on the other stage.
     *
     * @param class-string $class the group
     */
    public function of(\stdClass $said, string $class, bool $isText = false): \stdClass
    {
        $copy = Json::copy($said);
        $scale = $isText ? $this->texts : $this->lengths;
        if ($scale !== 1.0) {
            Group::of($class)->map(
                $copy,
                static fn (Setting $setting, mixed $value): mixed => self::one($setting, $value, $scale),
            );
        }

        return $copy;
    }

    public function value(Setting $setting, mixed $value): mixed
    {
        return self::one($setting, $value, $this->lengths);
    }

    /** Settings of a form, by what they are called. */
    public function ofForm(\stdClass $said): \stdClass
    {
        $copy = Json::copy($said);
        foreach (self::LENGTHS as $name) {
            if ($this->lengths !== 1.0 && isset($copy->{$name})) {
                $copy->{$name} = round(Json::number($copy, $name) * $this->lengths, self::DIGITS);
            }
        }

        return $copy;
    }

    private static function one(Setting $setting, mixed $value, float $scale): mixed
    {
        return $setting instanceof Number && $setting->unit === Unit::Pixels && (is_int($value) || is_float($value))
            ? max($setting->min, min($setting->max, round($value * $scale, self::DIGITS)))
            : $value;
    }
}
