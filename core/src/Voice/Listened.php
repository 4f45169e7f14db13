<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** What listening to a recording of a text found. */
final readonly class Listened
{
    /**
     * @param list<FoundWord> $words those of the text, in order
     * @param list<Unwritten> $unwritten what is said beside it, in order
     */
    public function __construct(public array $words, public array $unwritten)
    {
    }
}
