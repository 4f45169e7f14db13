<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/**
 * One place in a JSON document, read with its kind and range checked; errors name the place. Objects of the document
 * are \stdClass, or arrays by their names.
 */
final readonly class Field
{
    public const ID = '^[A-Za-z][A-Za-z0-9_-]*$';
    public const LONGEST_ID = 40;
    public const COLOUR = '^#[0-9a-fA-F]{6}$';

    /** @param object|null $known what reading has to know beside the document */
    private function __construct(private mixed $value, public string $path, public ?object $known)
    {
    }

    public static function root(mixed $document, ?object $known = null): self
    {
        return new self($document, '', $known);
    }

    public function has(string $name): bool
    {
        return $this->value instanceof \stdClass
            ? isset($this->value->{$name})
            : is_array($this->value) && isset($this->value[$name]);
    }

    public function get(string $name): self
    {
        $path = $this->path === '' ? $name : $this->path.'.'.$name;
        if ($this->value instanceof \stdClass) {
            return new self($this->value->{$name} ?? null, $path, $this->known);
        }
        if (!is_array($this->value)) {
            throw new BadPiece(
                sprintf('“%s” must be an object.', $this->path === '' ? 'the piece' : $this->path),
                $this->path,
            );
        }

        return new self($this->value[$name] ?? null, $path, $this->known);
    }

    /** The same place, for readers that have to know something beside the document. */
    public function knowing(object $known): self
    {
        return new self($this->value, $this->path, $known);
    }

    /** The same place with something in it. */
    public function filled(mixed $value): self
    {
        return new self($value, $this->path, $this->known);
    }

    /** What stands there, as JSON was decoded, unchecked. */
    public function value(): mixed
    {
        return $this->value;
    }

    public function isNull(): bool
    {
        return $this->value === null;
    }

    public function isText(): bool
    {
        return is_string($this->value);
    }

    public function text(int $longest = 2000, ?string $default = null): string
    {
        $value = $this->value ?? $default;
        if (!is_string($value)) {
            throw $this->wrong('must be text');
        }
        $unwritable = PlainText::unwritableIn($value);
        if ($unwritable !== null) {
            throw $this->wrong(sprintf('contains %s, which cannot be drawn; remove it', $unwritable));
        }
        if (mb_strlen($value) > $longest) {
            throw $this->wrong(
                sprintf('is too long: %d characters; the limit is %d', mb_strlen($value), $longest),
            );
        }

        return $value;
    }

    /** A whole file in one text, such as a pasted table: its signs are looked at where it is read. */
    public function long(int $mostBytes, ?string $default = null): string
    {
        $value = $this->value ?? $default;
        if (!is_string($value)) {
            throw $this->wrong('must be text');
        }
        if (strlen($value) > $mostBytes) {
            $sizes = [number_format(strlen($value) / 1e6, 1), number_format($mostBytes / 1e6, 1)];
            throw $this->wrong(vsprintf('is %s MB; the limit is %s MB', $sizes));
        }

        return $value;
    }

    public function id(): string
    {
        $value = $this->text(self::LONGEST_ID);
        if (preg_match('/'.self::ID.'/D', $value) !== 1) {
            throw $this->wrong('must be an id: a letter, then letters, digits, - or _');
        }

        return $value;
    }

    public function colour(?string $default = null): string
    {
        $value = $this->text(9, $default);
        if (preg_match('/'.self::COLOUR.'/D', $value) !== 1) {
            throw $this->wrong('must be a colour such as #2f6b52');
        }

        return strtolower($value);
    }

    /** @param list<string> $choices */
    public function oneOf(array $choices, ?string $default = null): string
    {
        $value = $this->value ?? $default;
        if (!is_string($value) || !in_array($value, $choices, true)) {
            throw $this->wrong('must be one of '.implode(', ', $choices));
        }

        return $value;
    }

    public function number(float $least, float $most, ?float $default = null): float
    {
        $value = $this->value ?? $default;
        if (!is_int($value) && !is_float($value)) {
            throw $this->wrong('must be a number');
        }
        if (!is_finite((float) $value) || $value < $least || $value > $most) {
            throw $this->wrong(
                sprintf(
                    'is %s; it must be from %s to %s',
                    self::short((float) $value),
                    self::short($least),
                    self::short($most),
                ),
            );
        }

        return (float) $value;
    }

    public function whole(int $least, int $most, ?int $default = null): int
    {
        $value = $this->number($least, $most, $default);
        if ($value !== floor($value)) {
            throw $this->wrong('must be a whole number');
        }

        return (int) $value;
    }

    public function flag(bool $default): bool
    {
        $value = $this->value ?? $default;
        if (!is_bool($value)) {
            throw $this->wrong('must be true or false');
        }

        return $value;
    }

    /** @return list<self> */
    public function items(int $most): array
    {
        $value = $this->value ?? [];
        if (!is_array($value) || !array_is_list($value)) {
            throw $this->wrong('must be a list');
        }
        if (count($value) > $most) {
            throw $this->wrong(sprintf('has %d entries; the limit is %d', count($value), $most));
        }
        $items = [];
        foreach ($value as $index => $item) {
            $items[] = new self($item, $this->path.'.'.$index, $this->known);
        }

        return $items;
    }

    /** @return array<string, self> */
    public function entries(): array
    {
        $value = $this->value instanceof \stdClass ? get_object_vars($this->value) : $this->value ?? [];
        if (!is_array($value)) {
            throw $this->wrong('must be an object');
        }
        $entries = [];
        foreach ($value as $name => $item) {
            $entries[(string) $name] = new self($item, $this->path.'.'.$name, $this->known);
        }

        return $entries;
    }

    public function wrong(string $what): BadPiece
    {
        return new BadPiece(sprintf('“%s” %s.', $this->path, $what), $this->path);
    }

    private static function short(float $number): string
    {
        return rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');
    }
}
