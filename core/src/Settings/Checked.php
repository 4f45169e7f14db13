<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** A group whose settings have to fit each other. */
interface Checked
{
    /** @throws BadPiece where they do not; the place is that of the group */
    public function check(Field $field): void;
}
