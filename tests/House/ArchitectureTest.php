<?php

declare(strict_types=1);

namespace Tests\House;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** The rules of the house, read off the code itself. */
final class ArchitectureTest extends TestCase
{
    /** The map of core: a folder and what it may import. No arrow runs the other way. */
    private const ARROWS = [
        'Settings' => [],
        'Contract' => [],
        'Piece' => ['Settings'],
        'Edits' => ['Settings', 'Piece'],
        'Versions' => ['Contract', 'Settings', 'Piece', 'Motion'],
        'Geometry' => [],
        'Texture' => [],
        'Reel' => ['Contract', 'Geometry', 'Texture'],
        'Figures' => ['Settings', 'Piece'],
        'Script' => ['Contract', 'Settings', 'Piece'],
        'Voice' => [],
        'Spoken' => ['Contract', 'Settings', 'Piece', 'Figures', 'Script'],
        'Motion' => ['Settings', 'Piece', 'Figures', 'Script'],
        'Form' => ['Settings', 'Piece', 'Figures', 'Geometry'],
        'Finish' => ['Settings', 'Piece', 'Geometry', 'Texture'],
        'Words' => ['Settings', 'Piece', 'Figures'],
        'Labels' => ['Geometry', 'Form'],
        'Story' => ['Settings', 'Piece', 'Figures', 'Geometry', 'Form', 'Script', 'Motion', 'Finish', 'Words'],
        'Lettering' => ['Settings', 'Piece', 'Figures', 'Geometry', 'Form', 'Finish', 'Words', 'Labels', 'Story'],
        'Drawing' => [
            'Settings', 'Piece', 'Figures', 'Geometry', 'Form', 'Script', 'Motion', 'Finish', 'Words', 'Labels', 'Spoken',
            'Story', 'Lettering', 'Reel',
        ],
        'Legibility' => [
            'Contract', 'Settings', 'Piece', 'Figures', 'Geometry', 'Form', 'Script', 'Motion', 'Finish', 'Words', 'Spoken',
            'Story', 'Lettering', 'Reel',
        ],
        'Arrangement' => [
            'Contract', 'Settings', 'Piece', 'Figures', 'Geometry', 'Form', 'Script', 'Finish', 'Words', 'Story', 'Lettering',
        ],
        'Proof' => ['Settings', 'Piece', 'Geometry', 'Motion', 'Words', 'Story', 'Reel', 'Legibility'],
        'Import' => ['Settings', 'Piece', 'Figures', 'Finish', 'Edits'],
        'Desk' => [
            'Contract', 'Settings', 'Piece', 'Figures', 'Geometry', 'Form', 'Script', 'Motion', 'Spoken', 'Story',
            'Drawing',
        ],
        'Palette' => ['Finish'],
        'Kit' => ['Settings', 'Piece', 'Figures', 'Finish', 'Edits', 'Arrangement'],
        'Acts' => ['Settings', 'Piece', 'Figures', 'Script', 'Finish', 'Edits', 'Arrangement', 'Kit'],
        'Batch' => ['Settings', 'Piece', 'Figures', 'Script', 'Edits', 'Import'],
        'Papers' => ['Settings', 'Piece', 'Script', 'Motion', 'Story', 'Drawing', 'Desk', 'Proof'],
        'Formats' => [
            'Settings', 'Piece', 'Figures', 'Geometry', 'Form', 'Script', 'Motion', 'Finish', 'Words', 'Reel', 'Drawing',
            'Import', 'Acts', 'Kit',
        ],
    ];

    public function testCoreImportsAlongItsArrowsAndNothingElse(): void
    {
        foreach (self::files('core/src', '*.php') as $path => $code) {
            $folder = explode('/', substr($path, strlen('core/src/')))[0];
            preg_match_all('/^use ([\w\\\\]+)/m', $code, $imports);
            foreach ($imports[1] as $import) {
                $parts = explode('\\', $import);
                $allowed =
                    str_starts_with($import, 'Brick\Math\\')
                    || ($parts[0] === 'Lupine' && count($parts) === 3)
                    || ($parts[0] === 'Lupine' && in_array($parts[2], [$folder, ...self::ARROWS[$folder] ?? []], true));
                self::assertTrue($allowed, "{$path} imports {$import}");
            }
            if (!str_ends_with($folder, '.php')) {
                self::assertArrayHasKey($folder, self::ARROWS, "{$folder} is not on the map");
            }
        }
    }

    public function testCoreHasNoInputNoClockAndNoChance(): void
    {
        $forbidden =
            '/(?<![\w>:\\\\$])(file_\w+|fopen|fwrite|readfile|unlink|glob|scandir|curl_\w+|exec|shell_exec|proc_open|time|microtime|hrtime|date|strtotime|rand|mt_rand|random_\w+|uniqid|getenv|putenv|env|config|app|echo|print|var_dump)\s*\(|new \\\\?Date|\$_(GET|POST|SERVER|ENV)|Illuminate|Symfony/';
        foreach (self::files('core/src', '*.php') as $path => $code) {
            self::assertDoesNotMatchRegularExpression($forbidden, $code, $path);
            self::assertStringContainsString('declare(strict_types=1);', $code, $path);
        }
    }

    /** The interface lays out, edits and shows; shares, angles and keys come from core. */
    public function testTheInterfaceComputesNoShareNoAngleAndNoKey(): void
    {
        $forbidden =
            '/Math\.(sin|cos|tan|asin|acos|atan2?|PI)\b|bezier\(|easing|\b(360|3\.6)\s*[*\/]\s*[a-z(]|[a-zA-Z_)\]]\s*[*\/]\s*(360|3\.6)\b|\bvalue\s*\/\s*(sum|total|whole)\b|\.reduce\(\([^)]*\)\s*=>\s*\w+\s*\+/';
        foreach (self::files('web', ['*.ts', '*.tsx']) as $path => $code) {
            self::assertDoesNotMatchRegularExpression($forbidden, $code, $path);
        }
    }

    public function testRoomsOfTheFrontKeepToThemselves(): void
    {
        foreach (self::files('painter/src', '*.ts') as $path => $code) {
            self::assertDoesNotMatchRegularExpression(
                "/from '(?!\\.\\/|\\.\\.\\/\\.\\.\\/contracts\\/reel')/",
                $code,
                $path.' imports only its own files and what a reel is',
            );
        }
        foreach (self::files('renderer/src', '*.ts') as $path => $code) {
            self::assertDoesNotMatchRegularExpression("/from '(\\.\\.\\/)+(web|app)/", $code, $path);
        }
        foreach (self::files('web', ['*.ts', '*.tsx']) as $path => $code) {
            self::assertDoesNotMatchRegularExpression("/from '(\\.\\.\\/)+(renderer|e2e|app|core)/", $code, $path);
        }
    }

    /**
     * Prettier breaks what it can, PHP-CS-Fixer does not; what neither can break is a text, an expression or a path.
     */
    public function testALineOfCodeFitsOnAScreen(): void
    {
        $long = [];
        $oneLiteral = '/^\s*[^\'"`]{0,60}([\'"`]).*\1[,;)]*$/u';
        $php = ['app', 'compat/src', 'config', 'core/src', 'core/tests', 'database', 'routes', 'tests'];
        foreach ([...$php, 'bench', 'bin', 'e2e', 'fonts', 'painter', 'player/src', 'renderer/src', 'web'] as $folder) {
            $files = self::files($folder, ['*.php', '*.ts', '*.tsx', '*.mjs', '*.scss', '*.sh']);
            foreach ($files as $path => $code) {
                $lines = explode("\n", $code);
                foreach ($lines as $number => $line) {
                    if (mb_strlen($line) > 120 && preg_match($oneLiteral, $line) !== 1) {
                        $long[] = sprintf('%s:%d', $path, $number + 1);
                    }
                }
            }
        }
        self::assertSame([], $long, 'These lines are longer than 120 characters.');
    }

    public function testTheMapNamesFilesThatAreThere(): void
    {
        $map = (string) file_get_contents(self::root().'/docs/map.md');
        preg_match_all('/`((?:\w+\/)+[\w.]+\.(?:php|tsx?|json))`/', $map, $named);
        self::assertGreaterThan(30, count($named[1]));
        foreach ($named[1] as $path) {
            self::assertFileExists(self::root().'/'.$path);
        }
    }

    public function testPiecesMatchTheirSchema(): void
    {
        $schema = (string) file_get_contents(self::root().'/docs/piece.schema.json');
        $validator = new Validator();
        foreach (glob(self::root().'/demo/*.json') ?: [] as $file) {
            self::assertTrue(
                $validator->validate(json_decode((string) file_get_contents($file)), $schema)->isValid(),
                $file,
            );
        }
        foreach (\Lupine\Core\Form\Forms::shipped()->all() as $form) {
            $made = \Lupine\Core\Formats\NewPiece::document(
                \Lupine\Core\Formats\TableText::read("a\t1\nb\t2"),
                $form,
                'New',
            );
            self::assertTrue(
                $validator->validate(json_decode((string) json_encode($made)), $schema)->isValid(),
                $form->name(),
            );
        }
        $wrong = json_decode((string) file_get_contents(self::root().'/demo/mended-or-not.json'));
        $wrong->charts[0]->form->kind = 'cake';
        self::assertFalse($validator->validate($wrong, $schema)->isValid());
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /**
     * @param string|list<string> $names
     *
     * @return iterable<string, string> path => contents
     */
    private static function files(string $folder, string|array $names): iterable
    {
        foreach (
            Finder::create()
                ->files()
                ->in(self::root().'/'.$folder)
                ->exclude(['node_modules', 'results'])
                ->name($names) as $file
        ) {
            yield $folder.'/'.str_replace('\\', '/', $file->getRelativePathname()) => $file->getContents();
        }
    }
}
