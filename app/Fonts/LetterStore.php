<?php

declare(strict_types=1);

namespace App\Fonts;

use App\Disk\Kept;
use Lupine\Core\Lettering\KeptArcs;

/** Keeps letters as lines and arcs in files that are named by the outlines that they were made of. */
final readonly class LetterStore implements KeptArcs
{
    private const ENDING = '.json';

    public function __construct(private Kept $kept)
    {
    }

    public function find(string $outline): ?array
    {
        $path = $this->kept->find(hash('sha256', $outline), self::ENDING);
        /** @var list<array{string, list<float>}>|null $commands as they were kept */
        $commands = $path === null ? null : json_decode((string) @file_get_contents($path), true);

        return is_array($commands) ? $commands : null;
    }

    public function keep(string $outline, array $commands): void
    {
        $this->kept->keep(hash('sha256', $outline), json_encode($commands, JSON_THROW_ON_ERROR), self::ENDING);
    }
}
