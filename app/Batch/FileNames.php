<?php

declare(strict_types=1);

namespace App\Batch;

use Lupine\Core\Settings\BadPiece;

/** How the files of a batch are called: by a pattern with `{name}`, `{shape}`, `{kind}` and `{number}`. */
final readonly class FileNames
{
    public const USUAL = '{name}-{shape}';

    private const PARTS = ['name', 'shape', 'kind', 'number'];

    private function __construct(private string $pattern)
    {
    }

    /** @throws BadPiece where it has other parts, or no name */
    public static function by(string $pattern): self
    {
        preg_match_all('/\{([^}]*)\}/', $pattern, $found);
        foreach ($found[1] as $part) {
            if (!in_array($part, self::PARTS, true)) {
                throw new BadPiece(
                    sprintf('File names have no part {%s}. There are {%s}.', $part, implode('}, {', self::PARTS)),
                    'names',
                );
            }
        }
        if (!in_array('name', $found[1], true) && !in_array('number', $found[1], true)) {
            throw new BadPiece('File names need {name} or {number} in them, so that no two are alike.', 'names');
        }

        return new self($pattern);
    }

    /** Without its ending; what is empty leaves no dash behind. */
    public function of(string $name, string $shape, string $kind, int $number): string
    {
        $filled = strtr($this->pattern, [
            '{name}' => $name,
            '{shape}' => $shape,
            '{kind}' => $kind,
            '{number}' => sprintf('%02d', $number),
        ]);

        return trim((string) preg_replace('/([-_ ])[-_ ]+/', '$1', $filled), '-_ ');
    }
}
