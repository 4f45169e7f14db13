<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** The fonts that ship: twelve families for texts, and those that lend the signs that they have not. */
final readonly class Fonts
{
    /** what texts are set in where nobody chose, or where the font that was chosen is not here */
    public const USUAL = 'figtree-semibold';

    /** whose signs stand in, one after another, for those that a font has not: what each lends */
    public const LENDERS = ['noto-medium', 'noto-arabic', 'noto-hebrew'];
    private const LENT = [
        'noto-medium' => ['Noto Sans', 'noto-sans', 'Greek, Cyrillic, Vietnamese, and more of Latin'],
        'noto-arabic' => ['Noto Sans Arabic', 'noto-sans-arabic', 'Arabic'],
        'noto-hebrew' => ['Noto Sans Hebrew', 'noto-sans-hebrew', 'Hebrew'],
    ];

    /** the id of a font of one's own: what it is called, and the beginning of its fingerprint */
    public const OWN = '^own-[a-z0-9]+(-[a-z0-9]+)*-[0-9a-f]{16}$';

    /** by id: its name at the desk, its family, its weight, whether it is slanted, and its package */
    private const SHIPPED = [
        'figtree-regular' => ['Figtree', 'Figtree', 400, false, 'figtree'],
        'figtree-semibold' => ['Figtree semibold', 'Figtree', 600, false, 'figtree'],
        'figtree-bold' => ['Figtree bold', 'Figtree', 700, false, 'figtree'],
        'bricolage-semibold' => ['Bricolage semibold', 'Bricolage Grotesque', 600, false, 'bricolage-grotesque'],
        'bricolage-bold' => ['Bricolage bold', 'Bricolage Grotesque', 700, false, 'bricolage-grotesque'],
        'inter-medium' => ['Inter medium', 'Inter', 500, false, 'inter'],
        'inter-bold' => ['Inter bold', 'Inter', 700, false, 'inter'],
        'inter-black' => ['Inter black', 'Inter', 900, false, 'inter'],
        'outfit-regular' => ['Outfit', 'Outfit', 400, false, 'outfit'],
        'outfit-semibold' => ['Outfit semibold', 'Outfit', 600, false, 'outfit'],
        'nunito-semibold' => ['Nunito semibold', 'Nunito', 600, false, 'nunito'],
        'nunito-bold' => ['Nunito bold', 'Nunito', 700, false, 'nunito'],
        'nunito-extrabold' => ['Nunito extrabold', 'Nunito', 800, false, 'nunito'],
        'newsreader-regular' => ['Newsreader', 'Newsreader', 400, false, 'newsreader'],
        'newsreader-italic' => ['Newsreader italic', 'Newsreader', 400, true, 'newsreader'],
        'newsreader-semibold' => ['Newsreader semibold', 'Newsreader', 600, false, 'newsreader'],
        'fraunces-semibold' => ['Fraunces semibold', 'Fraunces', 600, false, 'fraunces'],
        'fraunces-bold' => ['Fraunces bold', 'Fraunces', 700, false, 'fraunces'],
        'source-serif-regular' => ['Source Serif', 'Source Serif 4', 400, false, 'source-serif-4'],
        'source-serif-semibold' => ['Source Serif semibold', 'Source Serif 4', 600, false, 'source-serif-4'],
        'slab-medium' => ['Roboto Slab medium', 'Roboto Slab', 500, false, 'roboto-slab'],
        'slab-bold' => ['Roboto Slab bold', 'Roboto Slab', 700, false, 'roboto-slab'],
        'anton-regular' => ['Anton', 'Anton', 400, false, 'anton'],
        'barlow-semibold' => ['Barlow Condensed semibold', 'Barlow Condensed', 600, false, 'barlow-condensed'],
        'barlow-bold' => ['Barlow Condensed bold', 'Barlow Condensed', 700, false, 'barlow-condensed'],
        'caveat-brush' => ['Caveat Brush', 'Caveat Brush', 400, false, 'caveat-brush'],
    ];

    /** of which the figures hang and rise like small letters where a text asks for it */
    public const OLD_FIGURES = [
        'bricolage-semibold',
        'bricolage-bold',
        'nunito-semibold',
        'nunito-bold',
        'nunito-extrabold',
        'source-serif-regular',
        'source-serif-semibold',
    ];

    /** @return array<string, string> what each is called at the desk, by id */
    public static function names(): array
    {
        return array_map(static fn (array $font): string => $font[0], self::SHIPPED);
    }

    public static function isOwn(string $id): bool
    {
        return strlen($id) <= 100 && preg_match('/'.self::OWN.'/D', $id) === 1;
    }

    /** What a font is called: for one of one's own, as far as its id says it. */
    public static function nameOf(string $id): string
    {
        return self::SHIPPED[$id][0] ?? ucwords(str_replace('-', ' ', substr($id, strlen('own-'), -17)));
    }

    /** @return list<array{id: string, family: string, weight: int, isItalic: bool, package: string}> to be packed */
    public static function packed(): array
    {
        $lent = array_map(static fn (array $font): array => ['', $font[0], 500, false, $font[1]], self::LENT);
        $packed = [];
        foreach ([...self::SHIPPED, ...$lent] as $id => [, $family, $weight, $isItalic, $package]) {
            $packed[] = compact('id', 'family', 'weight', 'isItalic', 'package');
        }

        return $packed;
    }
}
