<?php

declare(strict_types=1);

namespace App\Api;

/**
 * One answer of the API, or a part of one, as its properties declare it. The contract (contracts/api.json) and the
 * types of the desk follow from them.
 */
abstract readonly class Answer implements \JsonSerializable
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $said = get_object_vars($this);
        foreach (array_keys($said, null, true) as $name) {
            if ((new \ReflectionProperty($this, $name))->getAttributes(IfThere::class) !== []) {
                unset($said[$name]);
            }
        }

        return $said;
    }
}
