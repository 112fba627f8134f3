<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Spread;
use Vinculum\Amount\Units;
use Vinculum\Figure\Sense;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Certainty;

/**
 * The tables of docs/computation.md against the constants of the code: whoever changes one changes the other, and
 * says so. Every number that has a name in core stands in the last of those tables.
 */
final class ConstantsTest extends TestCase
{
    /** Places in an array of constituents, which are no numbers of anything; so is every plain list of integers. */
    private const PLACES = ['Mixture\Constituent', 'Pantry\CatalogueReader'];

    private const ROOT = __DIR__.'/../..';

    public function test_every_named_number_of_core_is_the_one_the_document_gives(): void
    {
        $documented = array_map(fn (array $row): string => $row[1], self::rows('constants'));

        ksort($documented);
        self::assertSame(self::constants(), $documented, 'docs/computation.md, "Every named number", against core/');
    }

    public function test_every_named_number_says_how_it_is_known(): void
    {
        foreach (self::rows('constants') as $name => $row) {
            self::assertMatchesRegularExpression(
                '/^(?:source: .{4,}|common practice|definition|judgement|numerical)$/',
                $row[3] ?? '',
                (string) $name,
            );
        }
    }

    public function test_the_sets_of_spoons_and_cups(): void
    {
        foreach (self::rows('amounts') as [$set, $tsp, $tbsp, $cup]) {
            foreach (['tsp' => $tsp, 'tbsp' => $tbsp, 'cup' => $cup] as $unit => $said) {
                $ml = Units::find($unit, MeasuringSet::from($set))?->size;
                self::assertEqualsWithDelta((float) $said, $ml, 0.0005 * (float) $said, "$set $unit");
            }
        }
    }

    public function test_the_spreads(): void
    {
        $rows = array_column(self::rows('how-sure'), 1, 0);
        $held = [
            'weighed'
                => 'half the scale\'s step (yours to say; '
                .(int) Spread::SCALE_STEP_G
                .' g) or half the last decimal written, '
                .Spread::LEVEL_SPOON
                .' at the most',
            'level spoon' => Spread::LEVEL_SPOON,
            'cup of liquid' => Spread::CUP_OF_LIQUID,
            'informal' => Spread::INFORMAL,
            '"about", "heaped"' => sprintf('%.2f more', Spread::LOOSE_WORD),
            'pure (salt, sugar, oil)' => Certainty::Pure->general(),
            'assayed standard goods' => Certainty::Assayed->general(),
            'branded goods of one kind' => Certainty::Branded->general(),
            'produce' => Certainty::Produce->general(),
            'nucleotides' => Certainty::Produce->of(Constituent::IMP),
        ];
        foreach ($held as $what => $spread) {
            is_string($spread)
                ? self::assertSame($rows[$what], $spread, $what)
                : self::assertEqualsWithDelta((float) $rows[$what], $spread, 1e-12, $what);
        }
        self::assertStringStartsWith(sprintf('%.2f;', Spread::CUP_OF_PIECES), $rows['cup of pieces']);
    }

    public function test_weber_fractions_and_thresholds(): void
    {
        [$w, $t] = self::rows('steps');
        foreach (
            [
                Sense::Sweet, Sense::Sour, Sense::Salty, Sense::Umami, Sense::Hot, Sense::Rich, Sense::Aroma,
            ] as $i => $sense
        ) {
            self::assertEqualsWithDelta((float) $w[$i + 1], $sense->weber(), 1e-12, "w of {$sense->value}");
            self::assertEqualsWithDelta((float) $t[$i + 1], $sense->threshold(), 1e-12, "t of {$sense->value}");
        }
    }

    /** @return array<string, string> value by name, as a table writes it */
    private static function constants(): array
    {
        $found = [];
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT.'/core'));
        foreach ($files as $file) {
            if (! ($file instanceof \SplFileInfo) || $file->getExtension() !== 'php') {
                continue;
            }
            $short = str_replace('/', '\\', substr($file->getPathname(), strlen(self::ROOT.'/core/'), -4));
            $class = "Vinculum\\$short";
            if (
                str_starts_with($short, 'Words\\')
                || in_array($short, self::PLACES, true)
                || ! (class_exists($class) || interface_exists($class) || enum_exists($class))
            ) {
                continue;
            }
            foreach ((new \ReflectionClass($class))->getReflectionConstants() as $constant) {
                $value = $constant->getValue();
                $name = "$short::{$constant->getName()}";
                $places = is_array($value) && array_is_list($value) && array_filter($value, is_int(...)) === $value;
                if ($constant->getDeclaringClass()->getName() === $class && self::holdsNumbers($value) && ! $places) {
                    $found[$name] = self::written($value);
                }
            }
        }
        ksort($found);

        return $found;
    }

    private static function holdsNumbers(mixed $value): bool
    {
        return is_array($value)
            ? array_filter($value, self::holdsNumbers(...)) !== []
            : is_int($value) || is_float($value);
    }

    private static function written(mixed $value): string
    {
        return match (true) {
            is_float($value) && is_infinite($value) => 'any',
            is_int($value), is_float($value) => (string) (float) sprintf('%.10g', $value),
            is_bool($value) => $value ? 'yes' : 'no',
            $value === null => 'null',
            $value instanceof \BackedEnum => (string) $value->value,
            $value instanceof \UnitEnum => $value->name,
            is_array($value) => implode(', ', self::each($value)),
            default => (string) $value,
        };
    }

    /**
     * @param array<mixed> $values
     *
     * @return list<string>
     */
    private static function each(array $values): array
    {
        $parts = [];
        if (is_int($values[0] ?? null) && is_float($values[1] ?? null)) {
            $values[0] = Constituent::KEYS[$values[0]];
        }
        foreach ($values as $key => $value) {
            $name = match (true) {
                array_is_list($values) => '',
                is_int($key) && array_keys($values) !== range(1, 4) => Constituent::KEYS[$key].' ',
                default => "$key ",
            };
            $parts[] = $name.(is_array($value) ? '('.self::written($value).')' : self::written($value));
        }

        return $parts;
    }

    /**
     * The rows of the one table under a heading of docs/computation.md, without its head.
     *
     * @return array<int|string, list<string>> by name where the first cell is a name in code
     */
    private static function rows(string $heading): array
    {
        $text = (string) file_get_contents(self::ROOT.'/docs/computation.md');
        $start = strpos($text, "{#$heading}");
        self::assertIsInt($start, "docs/computation.md has no heading #$heading");
        $section = (string) preg_replace('/\n## .*/s', '', substr($text, $start));
        preg_match_all('/^\|(.+)\|$/m', $section, $lines);
        $rows = [];
        foreach ($lines[1] as $line) {
            $cells = array_map(trim(...), explode(' | ', $line));
            if (str_starts_with($cells[0], '---')) {
                $rows = $heading === 'how-sure' ? $rows : [];
            } elseif (preg_match('/^`(.+)`$/', $cells[0], $name) === 1) {
                $rows[$name[1]] = $cells;
            } else {
                $rows[] = $cells;
            }
        }
        self::assertNotSame([], $rows, "docs/computation.md has no table under #$heading");

        return $rows;
    }
}
