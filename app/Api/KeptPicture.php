<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A picture that came in, as a document names it. */
final readonly class KeptPicture extends Answer
{
    public function __construct(
        /** its fingerprint */
        public string $file,
        public int $width,
        public int $height,
        /** its mean colours, as a document keeps them */
        public string $colours,
    ) {
    }
}
