<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Geometry\Box;

/** One thing that was looked at: whether it is as it should be, and where it is not. */
final readonly class Check
{
    /** @param Box|null $box where it is, in pixels of the stage, on its frame */
    private function __construct(
        public bool $ok,
        public string $message,
        public ?int $frame = null,
        public ?Box $box = null,
        /** where it is mended at the desk */
        public ?About $about = null,
    ) {
    }

    public static function right(string $message): self
    {
        return new self(true, $message);
    }

    public static function wrong(
        string $message,
        ?int $frame = null,
        ?Box $box = null,
        ?About $about = null,
    ): self {
        return new self(false, $message, $frame, $box, $about);
    }
}
