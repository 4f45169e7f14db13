<?php

declare(strict_types=1);

namespace Lupine\Core;

/** The parent of every error that core raises. The message is written for the person who reads it. */
abstract class LupineException extends \RuntimeException
{
    /** @param string $where the place in the piece or the input, such as `stage.width` or `row 3` */
    public function __construct(
        string $message,
        public readonly string $where = '',
        public readonly ?string $rowId = null,
    ) {
        parent::__construct($message);
    }
}
