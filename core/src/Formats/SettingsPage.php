<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Form\Forms;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Whole;

/** The page of the documents that lists every setting of a piece: docs/settings.md. */
final readonly class SettingsPage
{
    private const HEAD = <<<'MD'
        # All settings

        Made from what core declares by `bin/contracts.php`; do not edit. The format itself is described in
        [piece.md](piece.md), and its schema is [piece.schema.json](piece.schema.json). On the command line each
        setting is set by its path: `--set charts.0.finish.glows.0.reach=40`.

        MD;

    public static function of(Forms $forms): string
    {
        $page = self::HEAD;
        foreach (PieceSchema::catalogue($forms)->groups as $name => $group) {
            $page .= self::section($name, $group->description, $group->each());
        }
        foreach ($forms->all() as $form) {
            $page .= self::section('Form: '.$form->name(), $form->promise(), $form->settings());
        }

        return $page;
    }

    /** @param list<Declared> $settings */
    private static function section(string $name, string $description, array $settings): string
    {
        $lines = ["\n## {$name}\n", $description."\n"];
        $lines[] = "| setting | at the desk | can be | default | |\n| --- | --- | --- | --- | --- |";
        foreach ($settings as $declared) {
            $lines[] = '| '.implode(' | ', array_map(
                static fn (string $cell): string => str_replace('|', '\|', $cell),
                [
                    '`'.$declared->name.'`',
                    $declared->setting->label,
                    self::range($declared),
                    self::default($declared),
                    self::notes($declared),
                ],
            )).' |';
        }

        return implode("\n", $lines)."\n";
    }

    private static function range(Declared $declared): string
    {
        $setting = $declared->setting;
        $range = match (true) {
            $setting instanceof Number, $setting instanceof Whole => trim(sprintf(
                '%s to %s %s',
                self::short($setting->min),
                self::short($setting->max),
                $setting->unit->value,
            )),
            $setting instanceof Choice => implode(', ', array_map(
                static fn (string $value): string => '`'.$value.'`',
                $setting->values(),
            )),
            $setting instanceof Text => sprintf('a text, up to %d characters', $setting->longest),
            default => $setting->kind(),
        };

        return $range.($declared->canBeNone ? ', null' : '');
    }

    private static function default(Declared $declared): string
    {
        $default = $declared->default;

        return is_scalar($default) && $default !== ''
            ? '`'.json_encode($default, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES).'`'
            : '';
    }

    private static function notes(Declared $declared): string
    {
        return implode('; ', array_diff([
            $declared->detail->note,
            $declared->detail->isKeyed ? 'moves can change it' : '',
        ], ['']));
    }

    private static function short(float $number): string
    {
        return rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');
    }
}
