<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Rate;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Setting;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** Another frame rate: whatever counts frames keeps its time in seconds, to the nearest frame. */
#[Described('Changes the frame rate; all times keep their seconds.')]
final readonly class ChangeRate implements Act
{
    /** @param array{int, int} $rate */
    public function __construct(
        #[Rate]
        #[Detail('frames a second as a fraction')]
        private array $rate,
    ) {
    }

    public function change(Edited $edited): array
    {
        [$frames, $seconds] = $this->rate;
        $before = $edited->piece->stage;
        $factor = ($frames / $seconds) / ($before->rateNumerator / $before->rateDenominator);
        Group::of(Piece::class)->map(
            $edited->document,
            static fn (Setting $setting, mixed $value): mixed => self::scaled($setting, $value, $factor),
        );
        foreach ($edited->lines() as $line) {
            $line->end = max(Json::whole($line, 'end'), Json::whole($line, 'begin') + 1);
        }
        $stage = Json::object($edited->document, 'stage');
        if ($stage !== null) {
            $stage->rate = $this->rate;
            $stage->dropFrame = $before->dropFrame && Stage::hasDropFrame($frames, $seconds);
        }

        return [];
    }

    /** Whatever counts frames, so many times as long. */
    public static function scaled(Setting $setting, mixed $value, float $factor): mixed
    {
        return $setting instanceof Whole && $setting->unit === Unit::Frames && (is_int($value) || is_float($value))
            ? max($setting->min, min($setting->max, ($value <=> 0) * (int) round(abs($value) * $factor)))
            : $value;
    }
}
