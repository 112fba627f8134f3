<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Tests\Support\Server;
use Vinculum\Recipe\ProcessKind;

/** The laws of the house: the arrows point one way, core knows nothing around it, and it names no ingredient. */
final class HouseTest extends TestCase
{
    public function test_every_folder_of_core_is_in_the_list(): void
    {
        foreach (glob(Server::root().'/core/*') ?: [] as $path) {
            self::assertContains(basename($path), self::rooms());
        }
    }

    public function test_core_names_only_itself_and_no_folder_reaches_down_the_list(): void
    {
        $rooms = self::rooms();
        foreach (self::files('core') as $file => $text) {
            $place = array_search(explode('/', $file)[1], $rooms, true);
            preg_match_all(
                '/^use (?:function '
                    .')?([\w\\\\]+)|\\\\((?:Illuminate|Symfony|App|Laravel)\\\\\w+)|Vinculum\\\\(\w+)\\\\/m',
                $text,
                $matches,
                PREG_SET_ORDER,
            );
            foreach ($matches as $match) {
                $named = $match[1] ?: $match[2] ?? '' ?: 'Vinculum\\'.($match[3] ?? '').'\\';
                if (str_starts_with($named, 'Doctrine\\Inflector\\')) {
                    self::assertSame('core/Pantry/Singular.php', $file, 'the one library in core has one place');

                    continue;
                }
                self::assertStringStartsWith('Vinculum\\', $named, "{$file} reaches outside core: {$named}");
                $folder = explode('\\', $named)[1];
                self::assertLessThanOrEqual(
                    $place,
                    array_search($folder, $rooms, true),
                    "{$file} reaches down to {$folder}",
                );
            }
        }
    }

    /**
     * Words that happen to name an ingredient too. Water is the one ingredient that core may name: what boils off is
     * water.
     */
    private const WORDS = [
        'core/Pantry/Audit.php' => ['clove'], // of garlic
        'core/Pantry/PlainName.php' => ['courgette', 'ketchup', 'whiskey', 'yoghurt'], // spellings
        'core/Pantry/Portion.php' => ['clove'], // of garlic
        'core/Recipe/Jotted/LineReader.php' => ['clove'], // of garlic
        'core/Safety/Brings.php' => ['honey'], // what a trait is called
        'core/Solve/Swap/Kin.php' => ['milk'], // an allergen
        'app/Models/Batch.php' => ['date'], // of the calendar
        'app/Models/Tasting.php' => ['date'],
        'app/Models/JarRecord.php' => ['date'],
    ];

    public function test_no_ingredient_is_named_in_core_or_app(): void
    {
        $slugs = array_flip(Sauce::catalogue()->slugs());
        foreach ([...self::files('core'), ...self::files('app')] as $file => $text) {
            $text = (string) preg_replace('#/\*.*?\*/|//[^\n]*#s', '', $text);
            preg_match_all("/['\"]([a-z0-9]+(?:-[a-z0-9]+)*)['\"]/", $text, $literals);
            $named = array_filter(array_unique($literals[1]), static fn (string $word): bool => isset($slugs[$word]));
            $named = array_diff($named, ['water'], self::WORDS[$file] ?? []);
            self::assertSame(
                [],
                array_values($named),
                "{$file} names an ingredient; ask for a kind or a trait instead",
            );
        }
    }

    public function test_every_kind_that_is_asked_for_is_in_the_vocabulary_and_none_is_called_like_an_ingredient(): void
    {
        $kinds = Sauce::catalogue()->vocabulary->words['kinds'];
        self::assertSame(
            [],
            array_values(array_intersect(array_keys($kinds), Sauce::catalogue()->slugs())),
            'so that asking for one is not asking for the other',
        );
        $asked = 0;
        foreach (self::files('core') as $file => $text) {
            preg_match_all("/->isOf\(((?:'[a-z-]+'(?:, )?)+)\)/", $text, $calls);
            foreach (explode(',', str_replace(["'", ' '], '', implode(',', $calls[1]))) as $kind) {
                self::assertTrue(
                    $kind === '' || isset($kinds[$kind]),
                    "{$file} asks for the kind “{$kind}”, which there is not",
                );
                $asked += $kind === '' ? 0 : 1;
            }
        }
        self::assertGreaterThan(25, $asked);
    }

    public function test_every_kind_of_the_tree_has_something_of_it(): void
    {
        $there = array_merge(
            ...array_map(
                static fn (string $slug): array => Sauce::ingredient($slug)->kinds,
                Sauce::catalogue()->slugs(),
            ),
        );

        self::assertSame(
            ['own'],
            array_values(array_diff(array_keys(Sauce::catalogue()->vocabulary->words['kinds']), $there)),
        );
    }

    public function test_every_trait_that_is_asked_for_is_in_the_vocabulary(): void
    {
        $vocabulary = Sauce::catalogue()->vocabulary;
        $asked = 0;
        foreach (self::files('core') as $file => $text) {
            preg_match_all("/(?:->is|having|withTrait|hasTrait|linesThatAre|->of)\('([a-z-]+)'\)/", $text, $traits);
            foreach ($traits[1] as $trait) {
                self::assertTrue($vocabulary->isTrait($trait), "{$file} asks for “{$trait}”, which no entry can have");
                $asked++;
            }
        }
        self::assertGreaterThan(10, $asked);
    }

    public function test_the_processes_of_the_vocabulary_are_those_of_the_code_and_of_the_format(): void
    {
        $words = array_keys(Sauce::catalogue()->vocabulary->words['processes']);
        $schema = json_decode(
            (string) file_get_contents(Server::root().'/resources/schemas/recipe.schema.json'),
            true,
        );
        $code = array_map(static fn (ProcessKind $kind): string => $kind->value, ProcessKind::cases());
        sort($words);
        sort($code);
        self::assertSame($words, $code);
        $enum = self::enumWith($schema, 'simmer');
        sort($enum);
        self::assertSame($words, $enum);
    }

    public function test_the_allergens_and_needs_of_the_schemas_are_those_of_the_vocabulary(): void
    {
        $vocabulary = Sauce::catalogue()->vocabulary;
        $read = static fn (string $name): mixed => json_decode(
            (string) file_get_contents(Server::root()."/resources/schemas/{$name}.schema.json"),
            true,
        );
        self::assertEqualsCanonicalizing($vocabulary->allergens(), self::enumWith($read('own-ingredient'), 'mustard'));
        self::assertEqualsCanonicalizing(
            array_keys($vocabulary->words['needs']),
            self::enumWith($read('free-input'), 'vegan'),
        );
    }

    public function test_no_count_of_what_grows_stands_in_prose(): void
    {
        foreach (
            ['README.md', 'CHANGELOG.md', 'CONTRIBUTING.md', ...glob(Server::root().'/docs/*.md') ?: []] as $page
        ) {
            $path = str_starts_with($page, '/') ? $page : Server::root()."/{$page}";
            preg_match_all(
                '/\b\d{2,} (?:ingredients|things|styles|entries|tests|units|rules|screens)\b/',
                (string) file_get_contents($path),
                $counts,
            );
            self::assertSame([], $counts[0], "{$page} counts what will be more tomorrow");
        }
    }

    public function test_what_is_long_is_listed_with_its_reason_and_does_not_grow(): void
    {
        $listed = [];
        $rows = file(Server::root().'/tests/data/large.txt', FILE_IGNORE_NEW_LINES) ?: [];
        foreach (preg_grep('/^core/', $rows) ?: [] as $row) {
            self::assertMatchesRegularExpression('/^\S+ \d+ \| .{10,}$/', $row);
            [$what, $lines] = explode(' ', $row);
            $listed[$what] = (int) $lines;
        }
        $long = [];
        $parser = (new ParserFactory)->createForNewestSupportedVersion();
        foreach (self::files('core') as $file => $text) {
            $long[$file] = substr_count($text, "\n");
            foreach ((new NodeFinder)->findInstanceOf($parser->parse($text) ?? [], ClassMethod::class) as $method) {
                $long["{$file}::{$method->name}"] = $method->getEndLine() - $method->getStartLine() + 1;
            }
        }
        foreach ($long as $what => $lines) {
            $most = max(str_contains($what, '::') ? 60 : 350, $listed[$what] ?? 0);
            self::assertLessThanOrEqual($most, $lines, "{$what} is long: cut it");
            self::assertLessThanOrEqual($lines, $listed[$what] ?? 0, "{$what} is shorter now: say so in large.txt");
        }
        self::assertSame([], array_diff_key($listed, $long));
    }

    /** What is no PHP of ours: a script of the browser, a document as it comes, and the sentence a test is called. */
    private const MAY_BE_LONG = '/function test_|fetch\(|await |Array\.from|executeScript|=> \{|"@|querySelector|\.innerText|\[contains\(|runOnly|JARGON|Request::create/';

    public function test_no_line_is_longer_than_120_characters(): void
    {
        $long = [];
        foreach (['core', 'app', 'routes', 'config', 'tests'] as $folder) {
            foreach (self::files($folder) as $file => $text) {
                foreach (explode("\n", $text) as $number => $line) {
                    $mayBe = $folder === 'tests' && preg_match(self::MAY_BE_LONG, $line) === 1;
                    if (mb_strlen($line) > 120 && ! $mayBe) {
                        $long[] = $file.':'.($number + 1);
                    }
                }
            }
        }
        self::assertSame([], $long);
    }

    /**
     * @return list<string> the rooms of core in the order of docs/architecture.md: each uses itself and those before
     * it
     */
    private static function rooms(): array
    {
        $page = (string) file_get_contents(Server::root().'/docs/architecture.md');
        $table = strstr((string) strstr($page, '| room | one meaning |'), "\n\n", true);
        preg_match_all('/^\| `(\w+)` \|/m', (string) $table, $rows);

        return $rows[1];
    }

    /** @return list<string> */
    private static function enumWith(mixed $schema, string $word): array
    {
        $found = [];
        if (is_array($schema)) {
            if (is_array($schema['enum'] ?? null) && in_array($word, $schema['enum'], true)) {
                return array_values(array_filter($schema['enum'], is_string(...)));
            }
            foreach ($schema as $part) {
                $found = $found ?: self::enumWith($part, $word);
            }
        }

        return $found;
    }

    /**
     * @return array<string, string> text by path
     */
    private static function files(string $folder): array
    {
        $texts = [];
        /** @var \SplFileInfo $file */
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(Server::root()."/{$folder}", \FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            if ($file->getExtension() === 'php') {
                $texts[substr($file->getPathname(), strlen(Server::root()) + 1)] = (string) file_get_contents(
                    $file->getPathname(),
                );
            }
        }
        self::assertNotEmpty($texts);

        return $texts;
    }
}
