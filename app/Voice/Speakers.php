<?php

declare(strict_types=1);

namespace App\Voice;

use Lupine\Core\Settings\BadPiece;

/** The voices that can read a scratch recording. */
enum Speakers: string
{
    case BritishLow = 'british-low';
    case BritishHigh = 'british-high';
    case AmericanLow = 'american-low';
    case AmericanHigh = 'american-high';
    case Scottish = 'scottish';
    case Quiet = 'quiet';

    public static function named(string $name): self
    {
        return self::tryFrom($name) ?? throw new BadPiece(sprintf('There is no scratch voice “%s”.', $name), 'speaker');
    }

    public function shown(): string
    {
        return match ($this) {
            self::BritishLow => 'British, low',
            self::BritishHigh => 'British, high',
            self::AmericanLow => 'American, low',
            self::AmericanHigh => 'American, high',
            self::Scottish => 'Scottish, low',
            self::Quiet => 'British, quiet and high',
        };
    }

    /** espeak-ng's file of the voice, and of how it is varied */
    public function voice(): string
    {
        return match ($this) {
            self::BritishLow => 'gmw/en',
            self::BritishHigh => 'gmw/en+f3',
            self::AmericanLow => 'gmw/en-US',
            self::AmericanHigh => 'gmw/en-US+f2',
            self::Scottish => 'gmw/en-GB-scotland',
            self::Quiet => 'gmw/en-GB-x-rp+f4',
        };
    }
}
