<?php

declare(strict_types=1);

namespace Tests\Api;

use Lupine\Core\Contract\IfThere;
use Lupine\Core\Contract\OneOf;
use Lupine\Core\Contract\TypedAs;
use Symfony\Component\TypeInfo\Type;
use Symfony\Component\TypeInfo\TypeIdentifier;
use Symfony\Component\TypeInfo\TypeResolver\TypeResolver;

/** What JSON Schema says of classes whose properties are written as JSON. */
final class ClassSchema
{
    /** @var array<string, array<string, mixed>> by name */
    private array $definitions = [];

    private readonly TypeResolver $types;

    public function __construct()
    {
        $this->types = TypeResolver::create();
    }

    /** @return array<string, array<string, mixed>> of all classes that were asked for, and of those in them, by name */
    public function definitions(): array
    {
        ksort($this->definitions);

        return $this->definitions;
    }

    /**
     * @param class-string $class
     *
     * @return array<string, string>
     */
    public function named(string $class): array
    {
        $reflected = new \ReflectionClass($class);
        $name = $reflected->getShortName();
        if (!isset($this->definitions[$name])) {
            $this->definitions[$name] = [];
            $properties = [];
            $required = [];
            foreach ($reflected->getProperties() as $property) {
                $properties[$property->name] = $this->property($property);
                if ($property->getAttributes(IfThere::class) === []) {
                    $required[] = $property->name;
                }
            }
            $this->definitions[$name] = [
                'type' => 'object',
                'description' => self::plain((string) $reflected->getDocComment()),
                'properties' => $properties,
                'required' => $required,
                'additionalProperties' => false,
            ];
        }

        return ['$ref' => '#/definitions/'.$name];
    }

    /** @return array<string, mixed> */
    private function property(\ReflectionProperty $property): array
    {
        $type = $this->types->resolve($property);
        if ($property->getAttributes(IfThere::class) !== [] && $type instanceof Type\NullableType) {
            $type = $type->getWrappedType();
        }
        $named = ($property->getAttributes(TypedAs::class)[0] ?? null)?->newInstance();
        $words = ($property->getAttributes(OneOf::class)[0] ?? null)?->newInstance();
        $schema = match (true) {
            $named !== null => self::elsewhere($named->name, $type),
            $words !== null => self::words($words->words, $type),
            default => $this->type($type),
        };
        $said = self::plain((string) $property->getDocComment());

        return $said === '' ? $schema : [...$schema, 'description' => $said];
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, mixed> one of some words, or several of them
     */
    private static function words(array $words, Type $type): array
    {
        return $type instanceof Type\CollectionType
            ? ['type' => 'array', 'items' => ['enum' => $words]]
            : ['enum' => [...$words, ...$type->isNullable() ? [null] : []]];
    }

    /** @return array<string, mixed> a type that is declared elsewhere, or several of it */
    private static function elsewhere(string $name, Type $type): array
    {
        $schema = ['$comment' => $name];
        $isList = $type instanceof Type\CollectionType && $type->isList();
        $schema = $isList ? ['type' => 'array', 'items' => $schema] : $schema;

        return $type->isNullable() ? ['anyOf' => [$schema, ['type' => 'null']]] : $schema;
    }

    /** @return array<string, mixed> */
    private function type(Type $type): array
    {
        return match (true) {
            $type instanceof Type\NullableType => [
                'anyOf' => [$this->type($type->getWrappedType()), ['type' => 'null']],
            ],
            $type instanceof Type\UnionType => $this->anyOf(array_map($this->type(...), $type->getTypes())),
            $type instanceof Type\ArrayShapeType => $this->tuple($type),
            $type instanceof Type\CollectionType => [
                'type' => 'array',
                'items' => $this->type($type->getCollectionValueType()),
            ],
            $type instanceof Type\GenericType => [
                'type' => 'object',
                'additionalProperties' => $this->type($type->getVariableTypes()[0]),
            ],
            $type instanceof Type\BackedEnumType => [
                'enum' => array_column($type->getClassName()::cases(), 'value'),
            ],
            $type instanceof Type\ObjectType => $this->named($type->getClassName()),
            $type instanceof Type\BuiltinType => match ($type->getTypeIdentifier()) {
                TypeIdentifier::INT => ['type' => 'integer'],
                TypeIdentifier::FLOAT => ['type' => 'number'],
                TypeIdentifier::BOOL => ['type' => 'boolean'],
                TypeIdentifier::STRING => ['type' => 'string'],
                TypeIdentifier::NULL => ['type' => 'null'],
                TypeIdentifier::MIXED => [],
                default => throw new \LogicException($type.' has no JSON.'),
            },
            default => throw new \LogicException($type.' has no JSON.'),
        };
    }

    /**
     * @param list<array<string, mixed>> $types
     *
     * @return array<string, mixed>
     */
    private function anyOf(array $types): array
    {
        // A whole number is a number.
        $isNumber = in_array(['type' => 'number'], $types, true);
        $types = array_values(array_filter(
            $types,
            static fn (array $one): bool => !$isNumber || $one !== ['type' => 'integer'],
        ));

        return count($types) === 1 ? $types[0] : ['anyOf' => $types];
    }

    /** @return array<string, mixed> */
    private function tuple(Type\ArrayShapeType $type): array
    {
        $items = array_map(
            fn (array $one): array => $this->type($one['type']),
            array_values($type->getShape()),
        );

        return ['type' => 'array', 'items' => $items, 'minItems' => count($items), 'maxItems' => count($items)];
    }

    /** What a comment says, without its marks and its types. */
    private static function plain(string $comment): string
    {
        $text = trim((string) preg_replace('~^\s*/?\*+/?|\*/$~m', '', $comment));
        $text = (string) preg_replace('~\s+~', ' ', $text);
        if (!str_starts_with($text, '@var ')) {
            return $text;
        }
        $depth = 0;
        for ($at = 5, $end = strlen($text); $at < $end; ++$at) {
            $depth += match ($text[$at]) {
                '<', '{' => 1,
                '>', '}' => -1,
                default => 0,
            };
            if ($text[$at] === ' ' && $depth === 0) {
                return substr($text, $at + 1);
            }
        }

        return '';
    }
}
