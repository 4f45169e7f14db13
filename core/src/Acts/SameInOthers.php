<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;

/** What one chart is set to on one face of the bench, all others become; what they are told to show stays theirs. */
#[Described('Sets all other charts as one is, on one face of the bench.')]
final readonly class SameInOthers implements Act
{
    /** what of a form belongs to its chart alone: where it is drawn, and how large */
    private const OWN_FORM = ['kind', 'path', 'points', 'maximum'];
    /** and of its words: where they stand, and what they say */
    private const OWN_LEGEND = ['x', 'y', 'width', 'placedBy'];
    private const OWN_CENTRE = ['figure', 'caption', 'prefix', 'suffix'];
    private const OWN_AXIS = ['scale', 'figures'];

    public function __construct(
        #[Id]
        private string $chart,
        #[Choice('', ['form' => 'Form', 'finish' => 'Finish', 'words' => 'Words', 'motion' => 'Motion'])]
        #[Detail('which face')]
        private string $face,
    ) {
    }

    public function change(Edited $edited): array
    {
        $like = $edited->chart($this->chart);
        $made = [];
        foreach ($edited->charts() as $chart) {
            if ($chart === $like || !$this->become($chart, $like)) {
                continue;
            }
            $made[] = Json::text($chart, 'id');
        }
        if ($made === []) {
            throw new BadPiece(
                $this->face === 'form' ? 'No other chart has this form.' : 'There is no other chart.',
                'with.chart',
            );
        }

        return $made;
    }

    private function become(\stdClass $chart, \stdClass $like): bool
    {
        if ($this->face === 'form') {
            [$form, $its] = [Json::object($chart, 'form'), Json::object($like, 'form')];
            if ($form === null || $its === null || Json::text($form, 'kind') !== Json::text($its, 'kind')) {
                return false;
            }
            self::take($form, $its, self::OWN_FORM);

            return true;
        }
        if ($this->face === 'finish') {
            $finish = Json::copy(Json::object($like, 'finish') ?? new \stdClass());
            // Which part stands out is told by its row.
            if (Json::object($finish, 'accent') !== null) {
                unset($finish->accent);
            }
            $chart->finish = $finish;

            return true;
        }
        if ($this->face === 'motion') {
            foreach (['entrance', 'exit'] as $kind) {
                $motion = Json::object($like, $kind);
                $begin = Json::object($chart, $kind)->begin ?? $motion->begin ?? 0;
                $chart->{$kind} = $motion === null ? null : Json::copy($motion);
                if ($chart->{$kind} instanceof \stdClass) {
                    $chart->{$kind}->begin = $begin;
                    unset($chart->{$kind}->with, $chart->{$kind}->joins);
                }
            }

            return true;
        }

        return self::takeWords(Json::object($chart, 'words'), Json::object($like, 'words'));
    }

    private static function takeWords(?\stdClass $words, ?\stdClass $like): bool
    {
        if ($words === null || $like === null) {
            return false;
        }
        foreach (['reading' => [], 'labels' => [], 'names' => [], 'legend' => self::OWN_LEGEND,
            'centre' => self::OWN_CENTRE, 'axis' => self::OWN_AXIS] as $role => $own) {
            [$its, $other] = [Json::object($words, $role), Json::object($like, $role)];
            // What a chart does not have it is not given: a legend or a number in the middle is for it to say.
            if ($its !== null && $other !== null) {
                self::take($its, $other, $own);
            }
        }

        return true;
    }

    /** @param list<string> $but settings that stay */
    private static function take(\stdClass $its, \stdClass $like, array $but): void
    {
        $copy = Json::copy($like);
        foreach (array_keys(get_object_vars($its)) as $name) {
            if (!in_array($name, $but, true)) {
                unset($its->{$name});
            }
        }
        foreach (get_object_vars($copy) as $name => $value) {
            if (!in_array($name, $but, true)) {
                $its->{$name} = $value;
            }
        }
    }
}
