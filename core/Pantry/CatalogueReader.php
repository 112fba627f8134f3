<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;

/**
 * Reads the catalogue's plain-text tables (database/pantry/README.md describes them) into compiled arrays.
 *
 * Run when the product is built, never for a request.
 *
 * @phpstan-import-type CompiledIngredient from Catalogue
 * @phpstan-type OpenIngredient array{
 *     slug: string,
 *     name: string,
 *     kinds: non-empty-list<string>,
 *     aliases: list<string>,
 *     maybe: list<string>,
 *     was: list<string>,
 *     roles: list<string>,
 *     tint: string,
 *     form: string,
 *     certainty: string,
 *     density: float|null,
 *     densitySource: string,
 *     portions: list<array{0: string, 1: float, 2: string, 3?: float|null}>,
 *     composition: array<int, float|null>,
 *     sources: array<int, string>,
 *     caution: string,
 *     contains: list<string>,
 *     mayContain: list<string>,
 *     allergensKnown: bool,
 *     edible: float,
 *     edibleSource: string,
 *     ph: float|null,
 *     phSource: string,
 *     traits: list<string>,
 *     mostShare: float,
 *     aroma: array<string, float>,
 *     aromaSource: string,
 *     season: array{int, int}|null,
 *     thickens: float,
 *     setsCold: bool,
 *     thickensSource: string,
 *     pulpOfRest: float,
 *     doubts: array<string, float>,
 *     plain: string,
 *     kcal: float|null,
 * }
 */
final class CatalogueReader
{
    /** What a source may begin with: how the value is known. */
    private const KINDS_OF_SOURCE = [
        'memory, after',
        'read:',
        'definition',
        'label',
        'common practice',
        'estimate',
        'computed',
    ];

    private const MILLIGRAMS = [
        Constituent::SODIUM,
        Constituent::POTASSIUM,
        Constituent::CALCIUM,
        Constituent::MAGNESIUM,
        Constituent::GLUTAMIC,
        Constituent::ASPARTIC,
        Constituent::IMP,
        Constituent::GMP,
        Constituent::AMP,
        Constituent::PIPERINE,
        Constituent::MUSTARD_BITE,
        Constituent::GINGEROLS,
    ];

    /** What no fresh fruit, vegetable or herb has; what no dry spice has. Names for "nil" lines only. */
    private const NIL_SETS = [
        'fresh-plant' => [
            Constituent::ETHANOL,
            Constituent::MALTOSE,
            Constituent::LACTOSE,
            Constituent::OTHER_SWEET,
            Constituent::STARCH_RAW,
            Constituent::STARCH_COOKED,
            Constituent::ACETIC,
            Constituent::LACTIC,
            Constituent::TARTARIC,
            Constituent::OTHER_ACID,
            Constituent::IMP,
            Constituent::GMP,
            Constituent::AMP,
            Constituent::CAPSAICINOIDS,
            Constituent::PIPERINE,
            Constituent::MUSTARD_BITE,
            Constituent::GINGEROLS,
        ],
        'dry-spice' => [
            Constituent::ETHANOL,
            Constituent::MALTOSE,
            Constituent::LACTOSE,
            Constituent::OTHER_SWEET,
            Constituent::ACETIC,
            Constituent::LACTIC,
            Constituent::IMP,
            Constituent::GMP,
            Constituent::AMP,
            Constituent::CAPSAICINOIDS,
            Constituent::PIPERINE,
            Constituent::GINGEROLS,
        ],
    ];

    /** Rounded tables may overshoot 100 g by this much, g; the water gives way. */
    private const OVERSHOOT = 0.6;

    private string $file = '';
    private int $line = 0;
    private string $source = '';

    /** @var array<string, CompiledIngredient> */
    private array $done = [];

    /** @var OpenIngredient|null */
    private ?array $open = null;

    private ?float $scovilleDry = null;

    /** @var list<string> traits of every entry of the table that is read */
    private array $everyTraits = [];

    /** Highest sensible share of every entry of the table, 0 to 1. */
    private float $everyMost = 1.0;

    /** What does not dissolve of what no entry of the table explains, 0 to 1. */
    private float $everyPulp = 0.0;

    private function __construct(private readonly Vocabulary $vocabulary) {}

    /**
     * @param array<string, string> $tables text by file name
     * @return array<string, CompiledIngredient> by slug
     *
     * @throws CatalogueError naming the file and line that is wrong
     */
    public static function read(array $tables, Vocabulary $vocabulary): array
    {
        $reader = new self($vocabulary);
        foreach ($tables as $file => $text) {
            $reader->readTable($file, $text);
        }

        return $reader->done;
    }

    private function readTable(string $file, string $text): void
    {
        $this->file = $file;
        $this->everyTraits = [];
        $this->everyMost = 1.0;
        $this->everyPulp = 0.0;
        foreach (preg_split('/\R/', $text) ?: [] as $number => $line) {
            $this->line = $number + 1;
            $line = trim(preg_replace('/(^|\s)#.*$/', '', $line) ?? '');
            if ($line === '') {
                continue;
            }
            if (str_starts_with($line, '==')) {
                $this->close();
                $this->openIngredient(trim(substr($line, 2)));
                continue;
            }
            if (preg_match('/^every (traits|most|pulp) +(.+)$/', $line, $match) === 1 && $this->open === null) {
                match ($match[1]) {
                    'traits' => $this->everyTraits = $this->traits($match[2]),
                    'most' => $this->everyMost = $this->share($match[2]),
                    'pulp' => $this->everyPulp = $this->pulp($match[2]),
                };

                continue;
            }
            if ($this->open === null) {
                throw $this->error('expected "== slug : name" before anything else');
            }
            [$word, $rest] = [...explode(' ', preg_replace('/\s+/', ' ', $line) ?? $line, 2), ''];
            $this->open = $this->field($this->open, $word, $rest);
        }
        $this->close();
    }

    private function openIngredient(string $heading): void
    {
        if (preg_match('/^([a-z0-9-]+) : (.+)$/', $heading, $match) !== 1) {
            throw $this->error('expected "== slug : name", the slug in lower case with hyphens');
        }
        if (isset($this->done[$match[1]])) {
            throw $this->error("{$match[1]} is there already");
        }
        $this->source = '';
        $this->scovilleDry = null;
        $this->open = [
            'slug' => $match[1],
            'name' => $match[2],
            'kinds' => [''],
            'aliases' => [],
            'maybe' => [],
            'was' => [],
            'roles' => [],
            'tint' => 'ink',
            'form' => '',
            'certainty' => '',
            'density' => null,
            'densitySource' => '',
            'portions' => [],
            'composition' => array_fill(0, Constituent::COUNT, null),
            'sources' => array_fill(0, Constituent::COUNT, ''),
            'caution' => '',
            'contains' => [],
            'mayContain' => [],
            'allergensKnown' => true,
            'edible' => 1.0,
            'edibleSource' => '',
            'ph' => null,
            'phSource' => '',
            'traits' => $this->everyTraits,
            'mostShare' => $this->everyMost,
            'aroma' => [],
            'aromaSource' => '',
            'season' => null,
            'thickens' => 0.0,
            'setsCold' => false,
            'thickensSource' => '',
            'pulpOfRest' => $this->everyPulp,
            'doubts' => [],
            'plain' => '',
            'kcal' => null,
        ];
    }

    /**
     * @param OpenIngredient $open
     * @return OpenIngredient
     */
    private function field(array $open, string $word, string $rest): array
    {
        switch ($word) {
            case 'kind':
                $kind = $this->known([$rest], 'kind', $this->vocabulary->words['kinds'])[0];
                $open['kinds'] = $this->vocabulary->kindsOf($kind);
                break;
            case 'also':
                $open['aliases'] = $this->words($rest, ',');
                foreach (array_diff_key($open['aliases'], array_unique($open['aliases'])) as $twice) {
                    throw $this->error("“{$twice}” is said twice");
                }
                break;
            case 'was':
                $open['was'] = $this->words($rest, ',');
                break;
            case 'maybe':
                $open['maybe'] = $this->words($rest, ',');
                break;
            case 'roles':
                $open['roles'] = $this->known(
                    $this->words($rest, ' '),
                    'role',
                    $this->vocabulary->words['roles'],
                );
                break;
            case 'tint':
                $open['tint'] = $this->known([$rest], 'tint', $this->vocabulary->words['tints'])[0];
                break;
            case 'form':
                $open['form']
                    = Form::tryFrom($rest)->value
                    ?? throw $this->error('form is one of liquid, paste, powder, pieces');
                break;
            case 'known':
                $open['certainty']
                    = Certainty::tryFrom($rest)->value
                    ?? throw $this->error('known is one of pure, assayed, branded, produce');
                break;
            case 'contains':
                $open['contains'] = $this->allergens($rest);
                break;
            case 'may':
                $open['mayContain'] = $this->allergens($rest);
                break;
            case 'caution':
                $open['caution'] = $rest;
                break;
            case 'density':
                [$value, $open['densitySource']] = $this->sourced($rest);
                $open['density'] = $this->number($value, 0.02, 3.0);
                break;
            case 'traits':
                $open['traits'] = array_values(array_unique([...$open['traits'], ...$this->traits($rest)]));
                break;
            case 'without':
                $open['traits'] = array_values(array_diff($open['traits'], $this->traits($rest)));
                break;
            case 'most':
                $open['mostShare'] = $this->share($rest);
                break;
            case 'aroma':
                [$pairs, $open['aromaSource']] = $this->sourced($rest);
                $open['aroma'] = $this->aroma($pairs);
                break;
            case 'thickens':
                [$value, $open['thickensSource']] = $this->sourced($rest);
                $open['setsCold'] = str_ends_with($value, ' cold');
                $open['thickens'] = $this->number(str_replace(' cold', '', $value), -1.0, 50.0);
                break;
            case 'doubt':
                [$doubt] = $this->sourced($rest);
                if (preg_match('/^(sugars|acids) ([\d.]+) %$/', $doubt, $match) !== 1) {
                    throw $this->error('a doubt is written "doubt sugars 60 % | source", of sugars or acids');
                }
                $open['doubts'][$match[1]] = log(1 + $this->number($match[2], 1.0, 200.0) / 100);
                break;
            case 'plain':
                $open['plain'] = $this->plain($rest);
                break;
            case 'kcal':
                [$value] = $this->sourced($rest);
                $open['kcal'] = $this->number($value, 0.0, 9.0);
                break;
            case 'pulp':
                $open['pulpOfRest'] = $this->pulp($rest);
                break;
            case 'season':
                $open['season'] = $this->season($rest);
                break;
            case 'ph':
                [$value, $open['phSource']] = $this->sourced($rest);
                $open['ph'] = $this->number($value, 0.0, 14.0);
                break;
            case 'edible':
                [$value, $open['edibleSource']] = $this->sourced($rest);
                $open['edible'] = $this->number($value, 0.05, 1.0);
                break;
            case 'portion':
                [$portion, $source] = $this->sourced($rest);
                if (preg_match('/^(.+?) = ([\d.]+) g(?: ± ([\d.]+) %)?$/', $portion, $match) !== 1) {
                    throw $this->error(
                        'a portion is written "portion clove = 5 g | source" or "portion clove = 5 g ± 30 % | source"',
                    );
                }
                $open['portions'][] = [
                    $match[1],
                    $this->number($match[2], 0.001, 100_000.0),
                    $source,
                    isset($match[3]) ? log(1 + $this->number($match[3], 1.0, 300.0) / 100) : null,
                ];
                break;
            case 'from':
                $this->source = $this->checkedSource($rest);
                break;
            case 'nil':
                foreach ($this->words($rest, ' ') as $name) {
                    foreach ($this->named($name, $open) as $constituent) {
                        $open['composition'][$constituent] ??= 0.0;
                        $open['sources'][$constituent] = $open['sources'][$constituent] ?: 'none, by its nature';
                    }
                }
                break;
            default:
                return $this->values($open, "{$word} {$rest}");
        }

        return $open;
    }

    /**
     * "water 93.8 acetic 5.0": names and grams per 100 g; minerals, umami and bites in milligrams; heat in mg/kg or
     * SHU.
     *
     * @param OpenIngredient $open
     * @return OpenIngredient
     */
    private function values(array $open, string $line): array
    {
        $words = $this->words($line, ' ');
        if ($this->source === '') {
            throw $this->error('say "from …" before the values: every value names its source');
        }
        for ($i = 0; $i < count($words); $i += 2) {
            $value = $this->number($words[$i + 1] ?? '', 0.0, 20_000_000.0);
            if ($words[$i] === 'shu-dry') {
                $this->scovilleDry = $value;
                $open['sources'][Constituent::CAPSAICINOIDS] = $this->source.' (per dry mass)';
                continue;
            }
            if ($words[$i] === 'shu') {
                $open['composition'][Constituent::CAPSAICINOIDS] = $value / Constituent::SCOVILLE_PER_MG_KG / 1e4;
                $open['sources'][Constituent::CAPSAICINOIDS] = $this->source.' (as is)';
                continue;
            }
            $constituent = array_search($words[$i], Constituent::KEYS, true);
            if ($constituent === false || $constituent === Constituent::CAPSAICINOIDS) {
                throw $this->error("“{$words[$i]}” is no constituent; heat is written shu or shu-dry");
            }
            if (isset($open['composition'][$constituent])) {
                throw $this->error("{$words[$i]} is given twice");
            }
            $open['composition'][$constituent] = in_array($constituent, self::MILLIGRAMS, true)
                ? $value / 1000
                : $value;
            $open['sources'][$constituent] = $this->source;
        }

        return $open;
    }

    /** What it is the plain thing for, which one thing is and no more. */
    private function plain(string $for): string
    {
        if (! in_array($for, Ingredient::PLAIN_FOR, true)) {
            throw $this->error("“{$for}” is nothing to be plain for; they are ".implode(', ', Ingredient::PLAIN_FOR));
        }
        foreach ($this->done as $other) {
            if (($other['plain'] ?? '') === $for) {
                throw $this->error("{$other['slug']} is the plain thing for {$for} already");
            }
        }

        return $for;
    }

    private function close(): void
    {
        if ($this->open === null) {
            return;
        }
        $open = $this->open;
        $needed = ['kind' => $open['kinds'][0], 'form' => $open['form'], 'known' => $open['certainty']];
        foreach ($needed as $field => $said) {
            if ($said === '') {
                throw $this->error("{$open['slug']} has no “{$field}” line");
            }
        }
        $water = $open['composition'][Constituent::WATER] ?? throw $this->error("{$open['slug']} has no water");
        if ($this->scovilleDry !== null) {
            $open['composition'][Constituent::CAPSAICINOIDS]
                = (($this->scovilleDry / Constituent::SCOVILLE_PER_MG_KG / 1e4) * (100 - $water)) / 100;
        }
        $this->done[$open['slug']] = $this->closed($open);
        $this->open = null;
    }

    /**
     * Other solubles are what is left to 100 g.
     *
     * @param OpenIngredient $open
     * @return CompiledIngredient
     */
    private function closed(array $open): array
    {
        $composition = $open['composition'];
        $known = 0.0;
        foreach (Constituent::MASS_BEARING as $constituent) {
            $known += $composition[$constituent] ?? 0.0;
        }
        $left = 100 - $known;
        $chloride = ($composition[Constituent::SODIUM] ?? 0.0) * (Density::SALT_PER_SODIUM - 1);
        if ($left < -self::OVERSHOOT || $left < $chloride - max(self::OVERSHOOT, 0.1 * $chloride)) {
            throw $this->error(
                sprintf(
                    '%s adds up to %.2f g, and its salt needs %.2f g for chloride: more than 100 g',
                    $open['slug'],
                    $known,
                    $chloride,
                ),
            );
        }
        if ($left < 0.0) {
            $composition[Constituent::WATER] = max(0.0, $composition[Constituent::WATER] + $left);
            $left = 0.0;
        }
        $pulp = $open['pulpOfRest'] * max(0.0, $left - $chloride);
        if ($pulp > 0.0) {
            $composition[Constituent::INSOLUBLE] += $pulp;
            $open['sources'][Constituent::INSOLUBLE] .= ', and a share of what nothing explains';
        }
        $composition[Constituent::OTHER_SOLUBLE] = $left - $pulp;
        // nothing that is eaten has any but what was made to fizz
        $composition[Constituent::CARBONIC] ??= 0.0;
        $open['sources'][Constituent::CARBONIC] = $open['sources'][Constituent::CARBONIC] ?: 'none, by its nature';
        if ($open['ph'] !== null) {
            [$composition, $open['sources']] = Ions::balanced(
                $open['kinds'],
                $open['ph'],
                $open['phSource'],
                $composition,
                $open['sources'],
            );
        }
        $open['composition'] = array_values($composition);
        $open['sourness'] = Ingredient::sournessOf($open['composition']);
        $open['sources'][Constituent::OTHER_SOLUBLE] = 'computed, by difference to 100 g';
        $open['sources'] = array_values($open['sources']);

        return $open;
    }

    /**
     * @param OpenIngredient $open
     * @return list<int>
     */
    private function named(string $name, array $open): array
    {
        if ($name === 'rest') {
            return array_values(
                array_filter(
                    array_keys($open['composition']),
                    static fn (int $c): bool => $open['composition'][$c] === null
                        && $c !== Constituent::OTHER_SOLUBLE,
                ),
            );
        }
        $constituent = array_search($name, Constituent::KEYS, true);

        return Constituent::GROUPS[$name]
            ?? (self::NIL_SETS[$name]
                ?? ($constituent === false
                    ? throw $this->error("“{$name}” is no constituent or group")
                    : [$constituent]));
    }

    /**
     * @return list<string>
     */
    private function allergens(string $names): array
    {
        $listed = $this->words($names, ' ');
        foreach ($listed as $name) {
            if (! $this->vocabulary->isAllergen($name)) {
                throw $this->error(
                    "“{$name}” is no allergen; they are ".implode(', ', $this->vocabulary->allergens()),
                );
            }
        }

        return $listed;
    }

    /**
     * @param list<string> $names
     * @param array<string, mixed> $known
     * @return list<string>
     */
    private function known(array $names, string $what, array $known): array
    {
        foreach ($names as $name) {
            if (! isset($known[$name])) {
                throw $this->error("“{$name}” is no {$what}; they are ".implode(', ', array_keys($known)));
            }
        }

        return $names;
    }

    /** @return list<string> */
    private function traits(string $names): array
    {
        $listed = $this->words($names, ' ');
        foreach ($listed as $name) {
            if (! $this->vocabulary->isTrait($name)) {
                throw $this->error("“{$name}” is no trait; database/vocabulary.json lists them");
            }
        }

        return $listed;
    }

    /** "2 %" as 0.02. */
    private function share(string $text): float
    {
        if (preg_match('/^([\d.]+) %$/', $text, $match) !== 1) {
            throw $this->error('the highest sensible share of a sauce is written "most 2 %"');
        }

        return $this->number($match[1], 0.001, 100.0) / 100;
    }

    /** "70 % of the rest" as 0.7. */
    private function pulp(string $text): float
    {
        if (preg_match('/^([\d.]+) % of the rest$/', $text, $match) !== 1) {
            throw $this->error('what does not dissolve of what is not listed is written "pulp 70 % of the rest"');
        }

        return $this->number($match[1], 0.0, 100.0) / 100;
    }

    /** @return array<string, float> strength per gram, by aroma */
    private function aroma(string $text): array
    {
        if (preg_match('/^(?:[a-z-]+ [\d.]+ ?)+$/', $text) !== 1) {
            throw $this->error(
                'an aroma is written "aroma garlic 1 toasted 0.3 | source": names and strengths by the gram',
            );
        }
        $aroma = [];
        foreach (array_chunk($this->words($text, ' '), 2) as [$name, $strength]) {
            $aroma[$name] = $this->number($strength, 0.001, 1000.0);
        }

        return $aroma;
    }

    /** @return array{int, int} first and last month */
    private function season(string $text): array
    {
        if (
            preg_match('/^(\d{1,2}) (\d{1,2})$/', $text, $match) !== 1
            || min((int) $match[1], (int) $match[2]) < 1
            || max((int) $match[1], (int) $match[2]) > 12
        ) {
            throw $this->error('a season is written "season 7 10": its first and last month, from 1 to 12');
        }

        return [(int) $match[1], (int) $match[2]];
    }

    /**
     * @return array{string, string} the text before the bar, and the source behind it
     */
    private function sourced(string $text): array
    {
        $parts = explode(' | ', $text, 2);

        return [trim($parts[0]), $this->checkedSource($parts[1] ?? '')];
    }

    private function checkedSource(string $source): string
    {
        foreach (self::KINDS_OF_SOURCE as $kind) {
            if (str_starts_with($source, $kind)) {
                return $source;
            }
        }
        throw $this->error('a source begins with one of: '.implode('; ', self::KINDS_OF_SOURCE));
    }

    private function number(string $text, float $least, float $most): float
    {
        if (! is_numeric($text) || (float) $text < $least || (float) $text > $most) {
            throw $this->error("“{$text}” should be a number from {$least} to {$most}");
        }

        return (float) $text;
    }

    /**
     * @param non-empty-string $between
     * @return list<string>
     */
    private function words(string $text, string $between): array
    {
        return array_values(
            array_filter(
                array_map('trim', explode($between, $text)),
                static fn (string $word): bool => $word !== '',
            ),
        );
    }

    private function error(string $what): CatalogueError
    {
        return CatalogueError::at($this->file, $this->line, $what);
    }
}
