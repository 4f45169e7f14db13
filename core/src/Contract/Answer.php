<?php

declare(strict_types=1);

namespace Lupine\Core\Contract;

/**
 * One answer of the API, or a part of one, as its properties declare it. The contract (contracts/api.json) and the
 * types of the desk follow from them.
 */
abstract readonly class Answer implements \JsonSerializable
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        /** @var array<string, mixed> $said */
        $said = get_object_vars($this);
        foreach (self::ifThere(static::class) as $name) {
            if ($said[$name] === null) {
                unset($said[$name]);
            }
        }

        return $said;
    }

    /**
     * @param class-string $class
     *
     * @return list<string> properties that are left out where they are null
     */
    private static function ifThere(string $class): array
    {
        // What classes declare does not change while they run.
        /** @var array<class-string, list<string>> $known */
        static $known = [];

        return $known[$class] ??= array_column(array_filter(
            (new \ReflectionClass($class))->getProperties(),
            static fn (\ReflectionProperty $one): bool => $one->getAttributes(IfThere::class) !== [],
        ), 'name');
    }
}
