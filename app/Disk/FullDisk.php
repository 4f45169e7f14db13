<?php

declare(strict_types=1);

namespace App\Disk;

/** The disk was full. Each layer says so in its own words; here they are known by them. */
final class FullDisk extends \RuntimeException
{
    public const SENTENCE = 'The disk is full, so this was not saved. Earlier saves are safe. Free some space on the disk with Lupine’s data folder, then try again.';

    private const SIGNS = '/disk is full|no space left|ENOSPC|disk quota|quota exceeded/i';

    public function __construct()
    {
        parent::__construct(self::SENTENCE);
    }

    public static function isReasonOf(\Throwable $error): bool
    {
        for ($at = $error; $at !== null; $at = $at->getPrevious()) {
            if (self::isSaidIn($at->getMessage())) {
                return true;
            }
        }

        return false;
    }

    public static function isSaidIn(string $message): bool
    {
        return preg_match(self::SIGNS, $message) === 1;
    }
}
