<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Edits;

use Lupine\Core\Edits\RemovedRows;
use PHPUnit\Framework\TestCase;

/** What goes with a row; rules of this house. */
final class RemovedRowsTest extends TestCase
{
    public function testWhatWasSaidOfARowGoesWithIt(): void
    {
        $case = json_decode((string) file_get_contents(__DIR__.'/removed-rows.json'), false, 64, JSON_THROW_ON_ERROR);
        (new RemovedRows($case->table, [$case->row]))->from($case->before);
        self::assertEquals($case->after->charts, $case->before->charts);
        self::assertEquals($case->after->moves, $case->before->moves);
        self::assertEquals($case->after->words, $case->before->words);
    }
}
