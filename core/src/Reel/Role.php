<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/** What a group of a reel is. */
enum Role: string
{
    /** everything that the camera takes; its pose is what it sees */
    case Camera = 'camera';
    case Backdrop = 'backdrop';
    /** a soft light of the backdrop */
    case GroundLight = 'ground light';
    /** of a chart's id */
    case Chart = 'chart';
    /** what a chart's own size and turn are for: its marks and the words at them, and not its legend */
    case Body = 'body';
    /** a plain shape with its coats, of a panel's id; put together before it is seen through */
    case Panel = 'panel';
    /** coats on a small piece of a part, to choose from */
    case Sample = 'sample';
    /** axes, ticks, grid lines and tracks */
    case Furniture = 'furniture';
    /** a tick with its number, of the tick's key */
    case Tick = 'tick';
    /** lines across a chart that show a target */
    case Target = 'target';
    /** glows and shadows, below all marks */
    case Soft = 'soft';
    /** a glow that swells and fades, of a figure's id */
    case Breath = 'breath';
    /** the side faces of a solid */
    case Sides = 'sides';
    case Side = 'side';
    /** what keeps the backdrop from showing between two parts that touch */
    case Seams = 'seams';
    /** what moves with a part, of a figure's id */
    case Figure = 'figure';
    /** the line around a part, of a figure's id */
    case Line = 'line';
    /** strokes of a pattern within a part, of a figure's id */
    case Pattern = 'pattern';
    /** a fill out of register, of a figure's id */
    case Shifted = 'shifted';
    /** what has holes by a texture, of a figure's id; of no id where it is all marks of a chart */
    case Holes = 'holes';
    /** what brightens a part, of a figure's id */
    case Light = 'light';
    /** a label at a part, of a figure's id */
    case Label = 'label';
    /** the name of a bar, of a figure's id */
    case Name = 'name';
    /** the words in the middle of a ring */
    case Centre = 'centre';
    case AxisTitles = 'axis titles';
    case AxisTitle = 'axis title';
    case Legend = 'legend';
    /** of a figure's id, or of that of a series */
    case LegendRow = 'legend row';
    /** words on the stage, of their id */
    case Words = 'words';
    /** the words themselves, beside what points from them */
    case Text = 'text';
    /** a line from words to what they are about */
    case Pointer = 'pointer';
    /** letters with coats on them, with the text that they say; put together before they are seen through */
    case Lettered = 'lettered';
    /** a plate behind words */
    case Plate = 'plate';
    /** words that are written on, letter by letter */
    case Written = 'written';
    /** what is spoken, of a line's id */
    case Caption = 'caption';
}
