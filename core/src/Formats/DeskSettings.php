<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Finish\CoatSamples;
use Lupine\Core\Finish\ColourVision;
use Lupine\Core\Finish\GroundSamples;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\PanelOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\FillCoat;
use Lupine\Core\Piece\CurveSettings;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Settings\Catalogue;
use Lupine\Core\Settings\Declared;
use Lupine\Core\Settings\Group;

/** The settings as TypeScript: ranges, steps, defaults, labels and units, which the desk has nowhere else. */
final readonly class DeskSettings
{
    private const HEAD = <<<'TS'
        // Made from what core declares by bin/contracts.php. Do not edit.
        import type * as piece from './piece';

        /** How a setting is shown: one entry for each that core declares. */
        export interface Setting {
          name: string;
          label: string;
          kind: string;
          unit?: string;
          min?: number;
          max?: number;
          step?: number;
          longest?: number;
          choices?: [value: string | number, word: string][];
          default?: unknown;
          hint?: string;
          /** it matters where these are on (true), off (false), or one of the values */
          when?: Record<string, boolean | string[]>;
          isKeyed?: boolean;
          isFirst?: boolean;
          canBeNone?: boolean;
          /** the word for having none */
          none?: string;
          /** the group that stands in it */
          group?: string;
        }

        export interface Group {
          label: string;
          hint: string;
          fields: Setting[];
        }

        TS;

    public static function of(Catalogue $catalogue): string
    {
        $types = $panels = $first = $curves = '';
        foreach ($catalogue->groups as $name => $group) {
            $fields = $group->fields();
            if ($fields === []) {
                continue;
            }
            $types .= sprintf("  %s: piece.%1\$s;\n", $name);
            $panels .= self::panel($name, $group->label, $group->hint, $fields);
            $begins = $group->first();
            $first .= in_array($begins, [null, []], true) ? '' : sprintf("  %s: %s,\n", $name, self::json($begins));
        }
        foreach (CurveSettings::numbers() as $name => $numbers) {
            $fields = array_map(static fn (Declared $one): array => $one->field(), $numbers);
            $curves .= self::panel($name, '', '', $fields);
        }

        return self::HEAD
            ."\n/** What each group is in a document. */\nexport interface Groups {\n{$types}}\n"
            ."\nexport const settings: Record<keyof Groups, Group> = {\n{$panels}};\n"
            ."\n/** Groups as they begin. */\nexport const first = {\n{$first}} satisfies Partial<Groups>;\n"
            ."\n/** The numbers of curves that are told by numbers. */\n"
            ."export const curves: Record<string, Group> = {\n{$curves}};\n"
            ."\n/** The lists of coats, from the ground to the eye, and the group that stands in each. */\n"
            .'export const coats = '.self::json(self::coats())." as const;\n"
            ."\n/** Coats to begin from. */\n"
            .'export const samples: { [K in keyof typeof coats]: { name: string; coats: Groups[(typeof coats)[K]][] }[] } ='
            ."\n  ".self::json(CoatSamples::all()).";\n"
            ."\n/** The colours of a gradient that says none. */\n"
            .'export const usualStops: piece.Stop[] = '.self::json(FillCoat::USUAL).";\n"
            ."\n/** Backdrops to begin from. */\n"
            .'export const grounds: { name: string; backdrop: piece.Backdrop }[] = '
            .self::json(GroundSamples::all()).";\n"
            ."\n/** What colours are to each kind of eye: rows of a matrix for linear light; and what that is called. */\n"
            .'export const eyes = '.self::json(self::eyes())." as const;\n"
            ."\n/** What people call settings: by group, by group and setting, or by setting in every group. */\n"
            .'export const alsoCalled: Record<string, string> = '.self::json(AlsoCalled::WORDS).";\n"
            ."\n/** Shapes of panels as path data, in a box of 44 by 30. */\n"
            ."export const panels: Record<piece.Panel['kind'], string> = ".self::json(self::panels()).";\n";
    }

    /** @return array<string, array{label: string, matrix: list<array{float, float, float}>}> */
    private static function eyes(): array
    {
        $eyes = [];
        foreach (ColourVision::cases() as $vision) {
            $eyes[$vision->value] = ['label' => $vision->label(), 'matrix' => $vision->matrix()];
        }
        // Luminance as WCAG 2.2 has it.
        $grey = [0.2126, 0.7152, 0.0722];

        return [...$eyes, 'grey' => ['label' => 'In grey', 'matrix' => [$grey, $grey, $grey]]];
    }

    /** @return array<string, string> path data by kind */
    private static function panels(): array
    {
        $shapes = [];
        foreach (array_keys(Panel::KINDS) as $kind) {
            [$width, $height] = match ($kind) {
                'circle', 'ring' => [24.0, 24.0],
                'pill' => [38.0, 14.0],
                'rule' => [36.0, 2.5],
                'bracket' => [8.0, 24.0],
                'arrow' => [34.0, 12.0],
                default => [36.0, 22.0],
            };
            $box = Box::around(new Point(22, 15), $width, $height);
            $shapes[$kind] = (new PanelOutline($box, 0.0, 1.0, 3.0, $kind === 'rule' ? 0.0 : 4.0))->of($kind);
        }

        return $shapes;
    }

    /** @return array<string, string> */
    private static function coats(): array
    {
        return array_map(static fn (string $class): string => Group::of($class)->name, Coats::KINDS);
    }

    /** @param list<array<string, mixed>> $fields */
    private static function panel(string $name, string $label, string $hint, array $fields): string
    {
        return sprintf(
            "  %s: {\n    label: %s,\n    hint: %s,\n    fields: [\n%s    ],\n  },\n",
            $name,
            self::json($label),
            self::json($hint),
            implode('', array_map(
                static fn (array $field): string => '      '.self::json($field).",\n",
                $fields,
            )),
        );
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
