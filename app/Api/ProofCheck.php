<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Legibility\About;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Legibility\Mending;

/** One thing that was looked at, with its place where it has one. */
final readonly class ProofCheck extends Answer
{
    public function __construct(
        public bool $ok,
        public string $message,
        public ?int $frame,
        /** @var array{float,float,float,float}|null left, top, width, height */
        public ?array $box,
        /** where it is mended at the desk */
        public ?About $about,
    ) {
    }

    /** @param \Closure(Mending): bool $isOfUse whether what would mend it changes anything */
    public static function of(Check $check, \Closure $isOfUse): self
    {
        $box = $check->box;
        $mending = $check->about?->mending;
        $about = $mending === null || $isOfUse($mending) ? $check->about : $check->about?->with(null);

        return new self($check->ok, $check->message, $check->frame, $box === null ? null : [
            round($box->left, 2),
            round($box->top, 2),
            round($box->width, 2),
            round($box->height, 2),
        ], $about);
    }
}
