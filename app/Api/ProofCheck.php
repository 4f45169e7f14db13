<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Legibility\About;
use Lupine\Core\Legibility\Check;

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

    public static function of(Check $check): self
    {
        $box = $check->box;

        return new self($check->ok, $check->message, $check->frame, $box === null ? null : [
            round($box->left, 2),
            round($box->top, 2),
            round($box->width, 2),
            round($box->height, 2),
        ], $check->about);
    }
}
