<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Script\Departure;
use Lupine\Core\Script\HeardPlaces;
use Lupine\Core\Settings\Among;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Json;

/** Where the recording departs from the script it stays as it is, and is not asked about again. */
#[Described('Leaves the script as it is where the recording departs from it.')]
final readonly class LeaveDeparture implements Act
{
    public function __construct(
        #[Among(Depart::class)]
        private Depart $at,
    ) {
    }

    public function change(Edited $edited): array
    {
        $departure = $this->at->in($edited->piece);
        $recording = $edited->recording();
        if ($departure->kind !== Departure::UNSAID) {
            $speech = Json::objects($recording->unwritten ?? null)[(int) $departure->index] ?? null;
            if ($speech !== null) {
                $speech->left = true;
            }

            return [];
        }
        $places = HeardPlaces::of($edited->piece)[Json::text($recording, 'id')][$departure->line ?? ''] ?? [];
        foreach (Json::objects($recording->heard ?? null) as $heard) {
            $words = Json::objects($heard->words ?? null);
            $isIt = Json::text($heard, 'line') === $departure->line;
            $range = array_slice($places, $departure->from, $departure->to - $departure->from);
            foreach ($isIt ? array_filter($range, is_int(...)) : [] as $at) {
                $words[$at]->sure = 1;
            }
        }

        return [];
    }
}
