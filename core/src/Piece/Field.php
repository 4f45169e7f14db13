<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** One place in a JSON document, read with its kind and range checked; errors name the place. */
final readonly class Field
{
    private function __construct(private mixed $value, public string $path)
    {
    }

    public static function root(mixed $document): self
    {
        return new self($document, '');
    }

    public function has(string $name): bool
    {
        return is_array($this->value) && isset($this->value[$name]);
    }

    public function get(string $name): self
    {
        $path = $this->path === '' ? $name : $this->path.'.'.$name;
        if (!is_array($this->value)) {
            throw new BadPiece(
                sprintf('“%s” has to be an object.', $this->path === '' ? 'the piece' : $this->path),
                $this->path,
            );
        }

        return new self($this->value[$name] ?? null, $path);
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
            throw $this->wrong('has to be a text');
        }
        $unwritable = PlainText::unwritableIn($value);
        if ($unwritable !== null) {
            throw $this->wrong(sprintf('holds %s, which no picture can show; take it out', $unwritable));
        }
        if (mb_strlen($value) > $longest) {
            throw $this->wrong(
                sprintf('is too long: %d characters, and %d are the limit', mb_strlen($value), $longest),
            );
        }

        return $value;
    }

    /** A whole file in one text, such as a pasted table: its signs are looked at where it is read. */
    public function long(int $mostBytes, ?string $default = null): string
    {
        $value = $this->value ?? $default;
        if (!is_string($value)) {
            throw $this->wrong('has to be a text');
        }
        if (strlen($value) > $mostBytes) {
            $sizes = [number_format(strlen($value) / 1e6, 1), number_format($mostBytes / 1e6, 1)];
            throw $this->wrong(vsprintf('is %s MB; Lupine takes up to %s MB', $sizes));
        }

        return $value;
    }

    public function id(): string
    {
        $value = $this->text(40);
        if (preg_match('/^[A-Za-z][A-Za-z0-9_-]*$/D', $value) !== 1) {
            throw $this->wrong('has to be an id: a letter, then letters, digits, - or _');
        }

        return $value;
    }

    public function colour(?string $default = null): string
    {
        $value = $this->text(9, $default);
        if (preg_match('/^#[0-9a-f]{6}$/iD', $value) !== 1) {
            throw $this->wrong('has to be a colour such as #2f6b52');
        }

        return strtolower($value);
    }

    /** @param list<string> $choices */
    public function oneOf(array $choices, ?string $default = null): string
    {
        $value = $this->value ?? $default;
        if (!is_string($value) || !in_array($value, $choices, true)) {
            throw $this->wrong('has to be one of '.implode(', ', $choices));
        }

        return $value;
    }

    public function number(float $least, float $most, ?float $default = null): float
    {
        $value = $this->value ?? $default;
        if (!is_int($value) && !is_float($value)) {
            throw $this->wrong('has to be a number');
        }
        if (!is_finite((float) $value) || $value < $least || $value > $most) {
            throw $this->wrong(
                sprintf(
                    'is %s; it has to be from %s to %s',
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
            throw $this->wrong('has to be a whole number');
        }

        return (int) $value;
    }

    public function yes(bool $default): bool
    {
        $value = $this->value ?? $default;
        if (!is_bool($value)) {
            throw $this->wrong('has to be true or false');
        }

        return $value;
    }

    /** @return list<self> */
    public function items(int $most): array
    {
        $value = $this->value ?? [];
        if (!is_array($value) || !array_is_list($value)) {
            throw $this->wrong('has to be a list');
        }
        if (count($value) > $most) {
            throw $this->wrong(sprintf('has %d entries; %d are the limit', count($value), $most));
        }
        $items = [];
        foreach ($value as $index => $item) {
            $items[] = new self($item, $this->path.'.'.$index);
        }

        return $items;
    }

    /** @return array<string, self> */
    public function entries(): array
    {
        if ($this->value !== null && !is_array($this->value)) {
            throw $this->wrong('has to be an object');
        }
        $entries = [];
        foreach ($this->value ?? [] as $name => $item) {
            $entries[(string) $name] = new self($item, $this->path.'.'.$name);
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
