<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/**
 * The words of a language that numbers are spoken with. A second language is a second function here, with its own of
 * the lists that are constants now; clock times (“half past”) are still read in English by SpokenNumbers itself.
 *
 * Common practice, no source.
 */
final readonly class NumberWords
{
    /** sizes that only a count stands before: “a grand piano” is no thousand */
    public const COUNTED = ['grand'];

    /** what goes on saying a number within one word: “one-in-five”, “thirty-odd” */
    public const GOES_ON = ['in', 'out', 'of', 'and', 'to', 'fold', 'times', 'point', 'odd', 'plus', 'something', '‰'];

    public const PER_MILLE = ['per mille', 'per mil', 'per mill', 'permille', '‰', 'per thousand'];
    public const BELOW_ZERO = ['minus', 'negative', '−'];

    /** words before four digits, and after them, that make them a year */
    public const BEFORE_YEAR = ['in', 'since', 'by', 'until', 'till', 'during', 'of', 'from', 'to', 'between', 'and',
        'year', 'before', 'after', 'early', 'late', 'mid', 'spring', 'summer', 'autumn', 'winter', 'around', 'back'];
    public const AFTER_YEAR = ['', 'was', 'is', 'were', 'had', 'has', 'saw', 'to', 'and', 'the', 'it', 'we', 'they',
        'there', 'came', 'brought', 'until', 'or', 'through', 'that', 'when', 'a', 'alone', 'for', 'with', 'as', 'but',
        'on', 'in'];

    /** words after “at nine” that leave it a time */
    public const AFTER_HOUR = ['', 'in', 'and', 'on', 'until', 'till', 'to', 'sharp', 'every', 'each', 'we', 'the',
        'or'];

    /** things that a number names, “bench 4”, but not “each bench 4 lamps” */
    public const NUMBERED = ['bench', 'desk', 'door', 'shelf', 'hall', 'unit', 'item', 'row', 'column', 'bay', 'station',
        'zone', 'area', 'district', 'scene', 'exhibit', 'class', 'appendix', 'paragraph', 'channel', 'category', 'tier',
        'option', 'problem', 'edition', 'lesson', 'module'];

    /** words before such a thing that leave the number after it a count */
    public const BEFORE_ONE = ['the', 'a', 'an', 'each', 'every', 'this', 'that', 'our', 'per', 'one', 'any', 'their'];

    /** words whose point ends nothing */
    public const SHORTENED = ['no.', 'nos.', 'vol.', 'fig.', 'ch.', 'approx.', 'ca.'];

    /** words before a half that make it one of two, “the second half” */
    public const PLACES = ['first', 'second', 'last', 'other', 'better', 'next', 'final'];

    /** words after “a third” that make it a place in a row */
    public const AFTER_PLACE = ['time', 'one', 'try', 'attempt', 'way', 'person', 'party', 'day', 'week', 'month', 'year',
        'round', 'visit', 'reason', 'thing', 'kind', 'group', 'look', 'row', 'grader'];

    /** words between “a” and a part of a whole: “a good third” */
    public const BEFORE_PART = ['good', 'full', 'whole', 'mere', 'bare', 'solid', 'clear', 'further', 'little'];

    /** words after a number below one that make it a part of the whole */
    public const OF_WHOLE = ['of the total', 'of the whole', 'of all', 'of everything', 'of the lot'];

    /** words after “one kettle in six” that show that nothing is counted by the six */
    public const AFTER_SHARE = ['', 'was', 'is', 'were', 'are', 'had', 'has', 'came', 'comes', 'went', 'goes', 'could',
        'can', 'cannot', 'of', 'that', 'who', 'which', 'needs', 'needed', 'fails', 'failed', 'stays', 'stayed'];

    /**
     * @param array<string, int> $small words of numbers below a hundred, to which smaller ones can be added
     * @param array<string, float> $sizes what a number before it is multiplied by
     * @param array<string, int> $parts names of the parts of a whole, by how many make it
     * @param list<string> $one words that stand for one before a size or a part
     * @param list<string> $and words between the parts of one number
     * @param list<string> $of words that make a share of two numbers, “four in ten”
     * @param list<string> $percent what makes a percentage of the number before it
     * @param list<string> $points what makes percentage points of it, which are no share
     * @param list<string> $rest the words for what is left
     * @param list<string> $ofRest what makes a part one of what is left
     * @param array<string, float> $times how many times as much
     * @param list<string> $timesWord what makes the number before it so many times as much
     * @param list<string> $about words that say that a number is not meant exactly
     * @param list<string> $notFigures words after which a number is a name: a year, a page
     * @param list<string> $months names of months
     * @param list<string> $afterTime words after a number that make it a time, an age or a span of years
     * @param array<string, string> $single words of several as one
     * @param array<string, string> $signs how signs are said
     */
    private function __construct(
        public array $small,
        public array $sizes,
        public array $parts,
        public array $one,
        public array $and,
        public array $of,
        public array $percent,
        public array $points,
        public array $rest,
        public array $ofRest,
        public array $times,
        public array $timesWord,
        public array $about,
        public array $notFigures,
        public array $months,
        public array $afterTime,
        public string $point,
        public array $single,
        public array $signs,
    ) {
    }

    public static function english(): self
    {
        $small = array_flip([
            'zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve',
            'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen',
        ]);
        foreach (['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'] as $index => $ten) {
            $small[$ten] = 10 * ($index + 2);
        }
        $parts = ['half' => 2, 'quarter' => 4];
        foreach ([
            3 => 'third', 4 => 'fourth', 5 => 'fifth', 6 => 'sixth', 7 => 'seventh', 8 => 'eighth', 9 => 'ninth',
            10 => 'tenth', 11 => 'eleventh', 12 => 'twelfth', 15 => 'fifteenth', 20 => 'twentieth',
            100 => 'hundredth', 1000 => 'thousandth',
        ] as $number => $name) {
            $parts[$name] = $number;
        }
        foreach ($parts as $name => $number) {
            $parts[$name.'s'] = $number;
        }
        $parts['halves'] = 2;

        return new self(
            [...$small, 'nought' => 0, 'none' => 0],
            [
                'dozen' => 12.0,
                'hundred' => 100.0,
                'thousand' => 1e3,
                'grand' => 1e3,
                'million' => 1e6,
                'billion' => 1e9,
                'trillion' => 1e12,
                'k' => 1e3,
                'm' => 1e6,
                'bn' => 1e9,
            ],
            $parts,
            ['a', 'an', 'one', 'another'],
            ['and'],
            ['in', 'of', 'of the', 'in every', 'of every', 'out of', 'out of the', 'out of every'],
            ['%', 'percent', 'per cent', 'pc', 'per centum'],
            ['percentage point', 'percentage points', 'point', 'points'],
            [
                'the rest', 'the remainder', 'everything else', 'all the others', 'all the rest', 'the remaining',
                'what remained', 'what remains', 'what was left', 'what is left', 'whatever was left',
                'whatever is left', 'whatever remained', 'all that was left', 'all that is left', 'all that remained',
            ],
            [
                'of the rest', 'of the remainder', 'of what was left', 'of what is left', 'of the remaining',
                'of what remained', 'of what remains', 'of those left', 'the rest', 'the remainder', 'the remaining',
                'what was left', 'what is left', 'what remained',
            ],
            [
                'doubled' => 2.0,
                'doubles' => 2.0,
                'doubling' => 2.0,
                'double' => 2.0,
                'twice as many' => 2.0,
                'twice as much' => 2.0,
                'twice' => 2.0,
                'tripled' => 3.0,
                'triples' => 3.0,
                'tripling' => 3.0,
                'trebled' => 3.0,
                'thrice' => 3.0,
                'quadrupled' => 4.0,
                'quintupled' => 5.0,
                'halved' => 0.5,
                'halving' => 0.5,
                'half as many again' => 1.5,
                'half as much again' => 1.5,
                'half as many' => 0.5,
                'half as much' => 0.5,
            ],
            ['times', 'times as many', 'times as much', 'fold'],
            [
                'about', 'around', 'roughly', 'nearly', 'almost', 'over', 'under', 'approximately', 'some', 'just over',
                'just under', 'more than', 'less than', 'close to', 'well over', 'up to',
            ],
            [
                'in', 'since', 'by', 'until', 'during', 'top', 'page', 'number', 'no', 'chapter', 'step', 'room', 'version',
                'figure', 'part', 'route', 'bus', 'line', 'platform', 'gate', 'track', 'floor', 'level', 'phase',
                'season', 'episode', 'section', 'volume', 'question', 'rule', 'table', 'type', 'grade', 'aged', 'age',
                'ages', 'world war', 'article', 'day', 'week', 'group', 'team', 'slide', 'point', 'january', 'february',
                'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december',
            ],
            [
                'january', 'february', 'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october',
                'november', 'december',
            ],
            [
                'o’clock', 'o\'clock', 'oclock', 'am', 'pm', 'a.m', 'p.m', 'noon', 'years', 'year', 'year olds',
                'decades', 'centuries', 'months ago', 'weeks ago', 'days ago', 'hours ago', 'minutes ago',
            ],
            'point',
            [
                'a couple of' => 'two',
                'a pair of' => 'two',
                'half a dozen' => 'six',
                'a score of' => 'twenty',
                'two score' => 'forty',
                'three score' => 'sixty',
                'four score' => 'eighty',
                'a further' => 'another',
                'one further' => 'another',
            ],
            [
                '½' => ' a half',
                '¼' => ' a quarter',
                '¾' => ' three quarters',
                '⅓' => ' a third',
                '⅔' => ' two thirds',
            ],
        );
    }
}
