<?php

declare(strict_types=1);

namespace Tests\House;

use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\AlsoCalled;
use Lupine\Core\Formats\DeskSettings;
use Lupine\Core\Formats\PieceSchema;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Catalogue;
use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Choice;
use Lupine\Core\Settings\ColourValue;
use Lupine\Core\Settings\Entries;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Number;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Setting;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Toggle;
use Lupine\Core\Settings\Whole;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** What core declares about settings is all that there is about them. */
final class SettingsTest extends TestCase
{
    private const SCHEMA = 'lupine://piece.json';

    private Validator $validator;

    private Catalogue $catalogue;

    /** @var array<string, mixed> */
    private array $definitions;

    protected function setUp(): void
    {
        $this->validator = new Validator();
        $this->catalogue = PieceSchema::catalogue(Forms::shipped());
        $schema = PieceSchema::of(Forms::shipped());
        $this->definitions = $schema['definitions'];
        $this->validator->resolver()?->registerRaw((string) json_encode($schema), self::SCHEMA);
    }

    /** Every bound, choice and kind of every setting: what the reader takes the schema takes, and nothing else. */
    public function testReaderAndSchemaTakeTheSame(): void
    {
        $count = 0;
        foreach ($this->catalogue->groups as $name => $group) {
            if (!isset($this->definitions[$name])) {
                continue;
            }
            $names = array_column($group->each(), 'name');
            self::assertSame($names, array_unique($names), $name.' names two settings alike');
            $whole = self::example($group);
            self::assertSame('', $this->refused($group, $whole), $name);
            foreach ($group->each() as $declared) {
                foreach (self::tries($declared->setting) as [$value, $isTaken]) {
                    $tried = [...$whole, $declared->name => $value];
                    $said = $name.'.'.$declared->name.' = '.json_encode($value);
                    // Groups whose settings have to fit each other may refuse what each of them takes.
                    if (!$isTaken || !is_subclass_of($group->class, Checked::class)) {
                        self::assertSame($isTaken, $this->refused($group, $tried) === '', $said.', reader');
                    }
                    self::assertSame($isTaken, $this->fits($name, $tried), $said.', schema');
                    ++$count;
                }
            }
        }
        self::assertGreaterThan(700, $count);
    }

    public function testWhatIsNotSaidIsTheDefault(): void
    {
        foreach ($this->catalogue->groups as $name => $group) {
            $first = $group->first();
            if ($first === null || $first === []) {
                continue;
            }
            self::assertTrue($this->fits($name, $first), $name);
            self::assertEquals(
                $group->read(Field::root([], Forms::shipped())),
                $group->read(Field::root(json_decode((string) json_encode($first), true), Forms::shipped())),
                $name,
            );
        }
    }

    /** A group that nothing else knows is read, published, and shown at the desk, with its errors and their places. */
    public function testWhatPeopleCallSettingsIsSaidOfSettingsThatThereAre(): void
    {
        $forms = Forms::shipped();
        $known = [];
        foreach (PieceSchema::catalogue($forms)->groups as $name => $group) {
            $known[$name] = true;
            foreach ($group->each() as $setting) {
                $known[$name.'.'.$setting->name] = $known['.'.$setting->name] = true;
            }
        }
        foreach ($forms->names() as $form) {
            foreach ($forms->settingsOf($form) as $setting) {
                $known['Form.'.$setting->name] = true;
            }
        }
        self::assertSame([], array_keys(array_diff_key(AlsoCalled::WORDS, $known)));
    }

    public function testASettingIsDeclaredOnce(): void
    {
        $catalogue = Catalogue::of(Probe::class);
        $read = Group::of(Probe::class)->read(Field::root(['depth' => 12]));
        self::assertSame([12.0, false], [$read->depth, $read->isSoft]);
        self::assertSame(
            ['type' => 'number', 'minimum' => 1.0, 'maximum' => 40.0, 'description' => 'inwards from the edge, pixels'],
            $catalogue->schema([])['properties']['depth'],
        );
        self::assertStringContainsString(
            '{"name":"depth","label":"Depth","kind":"number","unit":"pixels","min":1,"max":40,"step":1,'
                .'"default":8,"isKeyed":true}',
            DeskSettings::of($catalogue),
        );
        $this->expectExceptionObject(new BadPiece('“depth” is 41; it must be from 1 to 40.', 'depth'));
        Group::of(Probe::class)->read(Field::root(['depth' => 41]));
    }

    /** Fields for numbers stand where core's declarations are shown, and where a bound hangs on what is there. */
    public function testTheDeskWritesNoBoundAndNoDefault(): void
    {
        $own = [
            'web/settings/SettingField.tsx', 'web/desk/voice/RecordingDialog.tsx', 'web/desk/details/WordList.tsx',
            'web/handoff/WantedFields.tsx', 'web/handoff/FrameRange.tsx', 'web/handoff/StillOffer.tsx',
            'web/desk/fonts/FontDialog.tsx',
        ];
        $root = dirname(__DIR__, 2);
        foreach ((new Finder())->files()->in($root.'/web')->name(['*.ts', '*.tsx']) as $file) {
            $path = substr($file->getPathname(), strlen($root) + 1);
            if (!in_array($path, $own, true)) {
                $isWritten = preg_match('/<NumberField|\b(min|max|longest)=\{\d{2,}/', $file->getContents());
                self::assertSame(0, $isWritten, $path);
            }
        }
    }

    /** @param array<string, mixed> $value */
    private function refused(Group $group, array $value): string
    {
        try {
            $group->read(Field::root(json_decode((string) json_encode($value), true), Forms::shipped()));

            return '';
        } catch (BadPiece $refused) {
            self::assertMatchesRegularExpression('/^“[\w.]+” \S.*\.$/u', $refused->getMessage());

            return $refused->getMessage();
        }
    }

    /** @param array<string, mixed> $value */
    private function fits(string $name, array $value): bool
    {
        return $this->validator
            ->validate(json_decode((string) json_encode((object) $value)), self::SCHEMA.'#/definitions/'.$name)
            ->isValid();
    }

    /** @return iterable<array{mixed, bool}> values of a setting, and whether it takes them */
    private static function tries(Setting $setting): iterable
    {
        if ($setting instanceof Number || ($setting instanceof Whole && $setting->among === [])) {
            yield [$setting->min, true];
            yield [$setting->max, true];
            yield [$setting->min - 1, false];
            yield [$setting->max + 1, false];
            yield ['many', false];
        } elseif ($setting instanceof Choice) {
            foreach ($setting->values() as $value) {
                yield [$value, true];
            }
            yield ['nonsense', false];
        } elseif ($setting instanceof Toggle) {
            yield [true, true];
            yield ['yes', false];
        } elseif ($setting instanceof Text) {
            yield [str_repeat('é', $setting->longest), true];
            yield [str_repeat('é', $setting->longest + 1), false];
        } elseif ($setting instanceof ColourValue) {
            yield ['#2F6b52', true];
            yield ['green', false];
        } elseif ($setting instanceof Id) {
            yield ['a-b_1', true];
            yield ['1a', false];
        } elseif ($setting instanceof Several) {
            yield ['one', false];
        }
    }

    /** @return array<string, mixed> one of a kind, with all that it can have */
    private static function example(Group $group): array
    {
        $example = [];
        foreach ($group->each() as $declared) {
            $value = $declared->default ?? self::one($declared->setting);
            if ($value !== null || !$declared->detail->isNeverNull) {
                $example[$declared->name] = $value;
            }
        }

        return match ($group->name) {
            'Row' => [...$example, 'cells' => []],
            'Line' => [...$example, 'begin' => 0, 'end' => 24],
            'Recording' => [...$example, 'length' => 10_000, 'from' => 0, 'to' => 9000],
            'Script' => [...$example, 'recording' => null],
            'Table' => [...$example, 'rows' => []],
            default => $example,
        };
    }

    private static function one(Setting $setting): mixed
    {
        return match (true) {
            $setting instanceof Number, $setting instanceof Whole => $setting->min,
            $setting instanceof Choice => $setting->values()[0],
            $setting instanceof ColourValue => '#123456',
            $setting instanceof Text => 'A',
            $setting instanceof Id => 'a',
            $setting instanceof Part => (object) self::example(Group::of($setting->class)),
            $setting instanceof Several => array_fill(0, max(1, $setting->min), self::one($setting->each)),
            $setting instanceof Entries => (object) ['a' => self::one($setting->each)],
            default => match ($setting->kind()) {
                'rate' => [30, 1],
                'fingerprint' => str_repeat('0', 64),
                'form' => (object) ['kind' => 'pie'],
                'target' => (object) ['chart' => 'a', 'figure' => 'b'],
                default => null,
            },
        };
    }
}
