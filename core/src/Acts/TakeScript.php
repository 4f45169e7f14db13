<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Script\ScriptAgain;
use Lupine\Core\Script\WrittenScript;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Entries;
use Lupine\Core\Settings\FileText;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Text;

/** A whole script takes the place of the one that is there. */
#[Described('Takes a text or subtitles as the script.')]
final readonly class TakeScript implements Act
{
    public function __construct(
        #[FileText(WrittenScript::MAX_BYTES)]
        #[Detail('plain text, SubRip or WebVTT')]
        private string $text,
        #[Text('', 200, '')]
        #[Detail('of the file that it is from; a recording without a sound is called by it, which knows its times')]
        private string $name,
        /** @var array<string, string> */
        #[Entries(new Text('', 12))]
        #[Detail(
            'of words that are gone and have moves pinned to them, by “line:word”: which of those that are offered in'
                .' their place takes the moves, from 0, or “none”; the first of them where nothing is said',
            isOptional: true,
        )]
        private array $instead = [],
    ) {
    }

    public function change(Edited $edited): array
    {
        $written = WrittenScript::read($this->text);
        $again = ScriptAgain::of($edited->piece, $written);
        $script = new Rescript($edited);
        foreach ($again->moved as $key => ['line' => $line, 'word' => $word]) {
            [$was, $at] = explode(':', $key);
            $script->move($was, (int) $at, $line, $word);
        }
        foreach ($again->kin as $key => $offered) {
            $chosen = $this->instead[$key] ?? '0';
            $place = $chosen === 'none' ? null : $offered[(int) $chosen] ?? null;
            if ($place !== null) {
                [$was, $at] = explode(':', $key);
                $script->move($was, (int) $at, $place['line'], $place['word']);
            }
        }
        $script->take(self::lines($edited, $written, $again));
        self::addTimes($edited, $again, $this->name);

        return [];
    }

    /**
     * A text brings no times: lines that were there keep theirs, and new ones stand after the line before.
     *
     * @return list<\stdClass>
     */
    private static function lines(Edited $edited, WrittenScript $written, ScriptAgain $again): array
    {
        $after = 0;
        $lines = [];
        foreach ($again->lines as $line) {
            $before = $edited->piece->narration->line($line['id']);
            if ($written->kind === 'text' && $edited->piece->narration->lines !== []) {
                $long = $before === null ? $line['end'] - $line['begin'] : $before->end - $before->begin;
                $line['begin'] = max($before->begin ?? $after, $after);
                $line['end'] = $after = $line['begin'] + $long;
            }
            $lines[] = (object) $line;
        }

        return $lines;
    }

    /** Times of words, such as subtitles have them, are a recording without a sound. */
    private static function addTimes(Edited $edited, ScriptAgain $again, string $name): void
    {
        $script = Json::object($edited->document, 'script');
        if ($again->heard === [] || $script === null) {
            return;
        }
        $ends = array_merge(...array_map(
            static fn (array $line): array => array_column($line['words'], 'end'),
            $again->heard,
        ));
        $id = Edited::newId('reading', $edited->recordings());
        $script->recordings = [...$edited->recordings(), (object) [
            'id' => $id,
            'name' => $name !== '' ? $name : 'Times from file',
            'sound' => null,
            'length' => max([0, ...$ends]),
            'begin' => 0,
            'from' => 0,
            'to' => max([0, ...$ends]),
            'level' => 1,
            'scratch' => null,
            'heard' => $again->heard,
        ]];
        $script->recording = $id;
    }
}
