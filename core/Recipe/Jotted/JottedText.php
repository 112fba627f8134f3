<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\AmountChoices;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Pantry\Weight;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Tie;

/**
 * Reads a recipe the way people jot it down, a line to an ingredient, and makes lines of it. Nothing is dropped: what
 * is not understood stays as it was written, and what had to be guessed is asked.
 */
final class JottedText
{
    private const MAX_BYTES = 256 * 1024;
    private const MAX_LINE = 300;

    /** Two ways to say one amount may differ by this share before it is asked which is meant. */
    private const SAME_AMOUNT = 0.1;

    /** Words before a name that say how it is prepared or how good it is, not what it is. */
    private const ADJECTIVES = [
        'fresh',
        'freshly',
        'ground',
        'chopped',
        'minced',
        'grated',
        'finely',
        'coarsely',
        'roughly',
        'thinly',
        'sliced',
        'diced',
        'crushed',
        'ripe',
        'large',
        'medium',
        'small',
        'whole',
        'peeled',
        'toasted',
        'roasted',
        'packed',
        'loosely',
        'firmly',
        'sifted',
        'melted',
        'softened',
        'cold',
        'warm',
        'hot',
        'boiling',
        'good',
        'quality',
        'organic',
        'plain',
        'smooth',
        'raw',
        'squeezed',
        'cracked',
        'dried',
        'tinned',
        'canned',
        'frozen',
        'unsweetened',
        'best',
        'juicy',
        'big',
        'little',
        'your',
        'some',
        'the',
        'lukewarm',
        'halved',
        'quartered',
        'trimmed',
        'washed',
        'torn',
        'shredded',
        'deseeded',
        'seeded',
        'stoned',
        'pitted',
        'cored',
        'unsalted',
        'salted',
        'extra',
        'virgin',
        'pure',
    ];

    /** @var list<array{name: string, lines: list<Line>}> */
    private array $stages = [['name' => '', 'lines' => []]];

    /** @var list<Question> */
    private array $questions = [];

    /** @var array<string, int> where in the text each tied line stands */
    private array $tieLines = [];

    private string $name = '';

    private int $made = 0;

    private int $at = 0;

    private string $written = '';

    private function __construct(private readonly Catalogue $catalogue, private readonly Kitchenware $set) {}

    /**
     * @return array{Recipe, list<Question>}
     *
     * @throws InvalidRecipe where there is more text than a recipe holds
     */
    public static function read(
        string $text,
        Catalogue $catalogue,
        MeasuringSet|Kitchenware $set = MeasuringSet::Us,
    ): array {
        if (strlen($text) > self::MAX_BYTES) {
            throw InvalidRecipe::at('text', 'This is too much to be one recipe: at most 256 kB of text.');
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidRecipe::at('text', 'This is not text that can be read. Save it as plain text in UTF-8.');
        }
        $reader = new self($catalogue, Kitchenware::of($set));
        foreach (preg_split('/\R/u', $text) ?: [] as $number => $line) {
            $reader->at = $number + 1;
            $reader->line(trim((string) preg_replace('/[\s\x{00A0}\x{202F}\x{FEFF}]+/u', ' ', $line)));
        }

        return [$reader->recipe(), $reader->questions];
    }

    private function recipe(): Recipe
    {
        $this->resolveTies();
        $stages = [];
        foreach ($this->stages as $i => $stage) {
            if ($stage['lines'] !== [] || $i > 0) {
                $stages[] = new Stage('s'.($i + 1), $stage['name'], $stage['lines']);
            }
        }

        return new Recipe(
            $this->name === '' ? 'New sauce' : $this->name,
            null,
            $this->set->set,
            null,
            [],
            $stages === [] ? [new Stage('s1', '', [])] : $stages,
        );
    }

    private function line(string $line): void
    {
        $line = trim((string) preg_replace('/^(?:[-*•·▪◦‣–—]\s+|\d{1,2}[.)]\s+(?=\D*[\p{L}\d]))/u', '', $line));
        if ($line === '') {
            return;
        }
        $this->written = mb_strlen($line) > self::MAX_LINE ? mb_substr($line, 0, self::MAX_LINE) : $line;
        $line = $this->written;
        if ($this->isHeading($line)) {
            $this->openStage($line);

            return;
        }
        $optional = preg_match('/\boptional(?:ly)?\b/iu', $line) === 1;
        $line = trim((string) preg_replace('/\s*[(,]?\s*\boptional(?:ly)?\b\s*\)?/iu', '', $line), ' ,;');
        $this->readLine($line, $optional);
    }

    private function readLine(string $line, bool $optional): void
    {
        if (
            $this->readTie($line, $optional)
            || $this->readBackwards($line, $optional)
            || $this->readJuiceOf($line, $optional)
        ) {
            return;
        }
        if (
            preg_match('/^(?:a little|a bit of|a touch of|some|a few)\s+(.+)$/iu', $line, $match) === 1
            && JottedAmount::at($match[1], $this->set) === null
            && $this->ingredientIn($match[1]) !== null
        ) {
            $this->withoutAmount($match[1], $optional);

            return;
        }
        if (
            preg_match('/^(.*?)[,:]?\s*\(?\b((?:to|as) (?:taste|needed))\)?$/iu', $line, $match) === 1
            && trim($match[1], ' ,:') !== ''
        ) {
            foreach ($this->severalOf(trim($match[1], ' ,:')) as $name) {
                $this->add($name, 'to taste', $optional);
            }

            return;
        }
        $amount = JottedAmount::at($line, $this->set) ?? $this->atTheEnd($line);
        if ($amount === null) {
            $this->withoutAmount($line, $optional);

            return;
        }
        if (
            preg_match('/^(?:each|apiece)\s+(?:of\s+)?(.+)$/iu', $amount->rest, $match) === 1
            || preg_match('/^(.+?)\s*,?\s+each$/iu', $amount->rest, $match) === 1
        ) {
            foreach (preg_split('/\s*,\s*(?:and\s+)?|\s+and\s+|\s*&\s*/iu', $match[1]) ?: [] as $name) {
                $this->addMeasured($amount, $name, $optional);
            }

            return;
        }
        $this->addMeasured($amount, $amount->rest, $optional);
    }

    /** A heading has no amount and ends with a colon, or begins with a hash or "For the"; it opens a stage. */
    private function isHeading(string $line): bool
    {
        if (preg_match('/^#+\s*\S/u', $line) === 1) {
            return true;
        }
        if (preg_match('/\d|½|⅓|⅔|¼|¾/u', $line) === 1) {
            return false;
        }

        return preg_match('/^[^,;]{1,60}:$/u', $line) === 1
            || preg_match('/^(?:for|to) (?:the |finish|serve|thicken|season)[^,;]{0,50}$/iu', $line) === 1
            || (mb_strlen($line) > 3
                && $line === mb_strtoupper($line)
                && preg_match('/\p{Lu}{3}/u', $line) === 1
                && $this->named(mb_strtolower($line)) === null);
    }

    private function openStage(string $line): void
    {
        $name = trim(ltrim($line, '# '), ' :');
        if (
            $this->at === 1
            || ($this->name === ''
                && str_starts_with($line, '# ')
                && $this->stages === [['name' => '', 'lines' => []]])
        ) {
            $this->name = mb_substr($name, 0, 120);

            return;
        }
        if (preg_match('/^(?:ingredients|you (?:will )?need|method)$/iu', $name) === 1) {
            return;
        }
        $name = mb_substr($name, 0, 120);
        if ($this->stages[count($this->stages) - 1]['lines'] === []) {
            $this->stages[count($this->stages) - 1]['name'] = $name;
        } elseif (count($this->stages) < 12) {
            $this->stages[] = ['name' => $name, 'lines' => []];
        }
    }

    /**
     * "as much honey as mustard", "twice as much oil as vinegar", "half as much sugar as vinegar", "equal oil and
     * vinegar".
     */
    private function readTie(string $line, bool $optional): bool
    {
        $times = [
            '' => 1.0,
            'twice' => 2.0,
            'double' => 2.0,
            'half' => 0.5,
            'a third' => 1 / 3,
            'a quarter' => 0.25,
            'three times' => 3.0,
            'a tenth' => 0.1,
        ];
        if (
            preg_match(
                '/^(twice|double|half|a third|a quarter|a tenth|three times)?\s*as much (.+?) as (?:the )?(.+)$/iu',
                $line,
                $match,
            ) === 1
        ) {
            [, $how, $name, $other] = $match;
            $id = $this->makeId();
            $this->tieLines[$id] = $this->at;
            $this->push(
                new Line(
                    $id,
                    $this->resolve($name),
                    null,
                    tie: new Tie($this->resolve($other, false), $times[mb_strtolower($how)]),
                    optional: $optional,
                ),
            );

            return true;
        }
        if (
            preg_match('/^equal (?:parts|amounts|quantities)?\s*(?:of )?(.+?) and (.+)$/iu', $line, $match) === 1
        ) {
            foreach ([$match[1], $match[2]] as $name) {
                $this->add($name, '1 part', $optional);
            }

            return true;
        }

        return false;
    }

    /** Written down backwards: "soy sauce 512 g before, 468 g after". */
    private function readBackwards(string $line, bool $optional): bool
    {
        $number = '(\d+(?:[.,]\d+)?)\s*(g|kg|ml|oz)?';
        if (
            preg_match(
                "/^(.+?)[,:]?\\s+(?:from\\s+)?{$number}\\s*(?:before|full|to|→|->)[,;]?\\s*(?:and\\s+)?{$number}(?:\\s*(?:after|left|empty))?$/iu",
                $line,
                $match,
            ) !== 1
        ) {
            return false;
        }
        $unit = ($match[5] ?? '') !== '' ? $match[5] : $match[3];
        $used = (float) strtr($match[2], ',', '.') - (float) strtr($match[4], ',', '.');
        if ($unit === '' || $used <= 0.0) {
            return false;
        }
        $this->add(
            $match[1],
            rtrim(rtrim(sprintf('%.2f', $used), '0'), '.').' '.mb_strtolower($unit),
            $optional,
            "before {$match[2]}, after {$match[4]} {$unit}",
        );

        return true;
    }

    /** "juice of half a lemon", "zest and juice of 2 limes". */
    private function readJuiceOf(string $line, bool $optional): bool
    {
        if (
            preg_match(
                '/^(?:the\s+)?(?:(?:finely\s+)?grated\s+)?(juice|zest|rind)(?:\s+(?:and|&)\s+(?:grated\s+)?(juice|zest|rind))?\s+of\s+(.+)$/iu',
                $line,
                $match,
            ) !== 1
        ) {
            return false;
        }
        $amount = JottedAmount::at($match[3], $this->set);
        $fruit = $this->withoutPreparation($amount->rest ?? $match[3])[0];
        $fruit = (string) preg_replace('/^(?:large|medium|small|ripe|unwaxed|juicy|whole)\s+/iu', '', $fruit);
        $fruit = (string) preg_replace(['/ies$/u', '/(?<=[^s])s$/u'], ['y', ''], $fruit);
        foreach (array_filter([$match[1], $match[2]]) as $part) {
            $part = mb_strtolower($part) === 'juice' ? 'juice' : 'zest';
            $this->add("{$fruit} {$part}", $amount->text ?? '1', $optional);
        }

        return true;
    }

    /** "soy sauce 3 parts", "sugar: 200 g". */
    private function atTheEnd(string $line): ?JottedAmount
    {
        if (
            preg_match(
                '/^(\D*?\p{L}[^\d½⅓⅔¼¾⅛]*?)\s*[,:–—-]?\s*((?:about |around )?[\d½⅓⅔¼¾⅛].*)$/u',
                $line,
                $match,
            ) !== 1
        ) {
            return null;
        }
        $amount = JottedAmount::at($match[2].' '.$match[1], $this->set);

        return $amount !== null && ! $amount->bare && trim($amount->rest) === trim($match[1]) ? $amount : null;
    }

    private function withoutAmount(string $line, bool $optional): void
    {
        foreach ($this->severalOf($line) as $name) {
            $added = $this->add($name, 'to taste', $optional);
            $ingredient = $this->catalogue->find($added->ingredient);
            $this->ask($added->id, 'amount', 'How much '.$this->shown($ingredient, $name).'?', [
                'to taste',
                $ingredient === null ? '1 tbsp' : AmountChoices::toBegin($ingredient),
            ]);
        }
    }

    private function addMeasured(JottedAmount $amount, string $rest, bool $optional): void
    {
        if (trim($rest) === '') {
            $added = $this->add($this->written, $amount->text, $optional);
            $this->ask($added->id, 'ingredient', 'How much is clear, but of what?', []);

            return;
        }
        if ($amount->container !== '' && $this->named("tinned {$rest}") !== null) {
            $rest = "tinned {$rest}";
        }
        [$text, $rest]
            = $amount->bare && $amount->container !== ''
                ? ["{$amount->text} {$amount->container}", $rest]
                : [$amount->text, $rest];
        [$text, $rest]
            = $amount->bare && $amount->container === ''
                ? $this->countedPortion($amount->text, $rest)
                : [$text, $rest];
        $added = $this->add($rest, $text, $optional);
        foreach ($amount->others as $other) {
            $this->askWhichAmount($added, $text, $other);
        }
    }

    /**
     * "3 cloves garlic", "1 medium onion": the words after a bare number may be a portion of what follows them.
     *
     * @return array{string, string} the amount, and what follows it
     */
    private function countedPortion(string $number, string $rest): array
    {
        $words = explode(' ', $rest);
        foreach ([2, 1] as $count) {
            $portion = implode(' ', array_slice($words, 0, $count));
            $name = (string) preg_replace('/^of\s+/iu', '', implode(' ', array_slice($words, $count)));
            $ingredient = $name === '' ? null : $this->ingredientIn($name);
            if ($ingredient === null) {
                continue;
            }
            $singular = Singular::of(mb_strtolower($portion));
            if (
                $ingredient->portion($singular) !== null
                || preg_match(
                    '/^(?:tin|can|jar|bottle|packet|bunch|sprig|stalk|stick|head|slice|handful|clove|cube)$/u',
                    $singular,
                ) === 1
            ) {
                return ["{$number} {$portion}", $name];
            }
        }
        // "garlic cloves": the portion may stand behind the name as well
        if (
            count($words) > 1
            && ($ingredient = $this->named(implode(' ', array_slice($words, 0, -1)))) !== null
        ) {
            $last = (string) preg_replace('/(?<=[^s])s$/u', '', mb_strtolower(rtrim(end($words), ',.')));
            if ($this->named($rest) === null && $ingredient->portion($last) !== null) {
                return ["{$number} ".rtrim(end($words), ',.'), implode(' ', array_slice($words, 0, -1))];
            }
        }

        return [$number, $rest];
    }

    private function add(string $rest, string $amount, bool $optional, string $note = ''): Line
    {
        [$name, $preparation] = $this->withoutPreparation($rest);
        $id = $this->makeId();
        $slug = $this->resolve($name, true, $id, $preparation);
        $line = new Line(
            $id,
            $slug,
            $amount,
            $preparation === '' ? null : mb_substr($preparation, 0, 200),
            optional: $optional,
            note: $note,
        );

        return $this->push($line);
    }

    /**
     * The name of the thing, without what is in brackets or behind a comma.
     *
     * @return array{string, string} name, preparation
     */
    private function withoutPreparation(string $rest): array
    {
        $rest = trim($rest, " .,;:\t");
        // some names have a comma of their own: "cider vinegar, 5 %"
        if ($this->named($rest) !== null) {
            return [$rest, ''];
        }
        $preparation = [];
        if (preg_match_all('/\(([^)]*)\)/u', $rest, $matches) > 0) {
            $preparation = $matches[1];
            $rest = trim((string) preg_replace('/\s*\([^)]*\)/u', '', $rest));
        }
        $parts = preg_split('/\s*[,;]\s*|\s+[–—-]\s+/u', $rest, 2) ?: [$rest];
        if (isset($parts[1]) && trim($parts[1]) !== '') {
            array_unshift($preparation, trim($parts[1]));
        }

        return [trim($parts[0]), trim(implode(', ', array_filter($preparation)))];
    }

    /** The slug of what a name means; the name itself where nobody knows it. What is not certain is asked. */
    private function resolve(
        string $name,
        bool $mayAsk = true,
        string $id = '',
        string &$preparation = '',
    ): string {
        $name = trim($name, " .,;:\t");
        $exact = $this->named($name);
        if ($exact !== null) {
            return $exact->slug;
        }
        [$shorter, $dropped] = $this->withoutAdjectives($name);
        $plain = $this->named($shorter);
        if ($plain !== null) {
            $preparation = trim(implode(', ', array_filter([$dropped, $preparation])));

            return $plain->slug;
        }
        $found = array_map(
            static fn (Ingredient $ingredient): string => $ingredient->slug,
            $this->catalogue->search($shorter === '' ? $name : $shorter, 3),
        );
        $guesses = $found === [] ? $this->catalogue->nearest($name) : $found;
        if ($mayAsk && $id !== '') {
            $this->ask(
                $id,
                'ingredient',
                $guesses === [] ? "“{$name}” is not in the pantry." : "Is “{$name}” one of these?",
                $guesses,
            );
        }

        // a name that holds the words is a guess worth making; one that is only spelt alike is not
        return $found[0] ?? mb_substr($name === '' ? 'something' : $name, 0, 120);
    }

    private function ingredientIn(string $rest): ?Ingredient
    {
        [$name] = $this->withoutPreparation($rest);

        return $this->named($name) ?? $this->named($this->withoutAdjectives($name)[0]);
    }

    private function named(string $name): ?Ingredient
    {
        return $name === '' ? null : $this->catalogue->named($name);
    }

    /**
     * @return array{string, string} what is left, and the words taken away
     */
    private function withoutAdjectives(string $name): array
    {
        $words = explode(' ', $name);
        $dropped = [];
        while (count($words) > 1 && in_array(mb_strtolower(trim($words[0], ',-')), self::ADJECTIVES, true)) {
            $dropped[] = array_shift($words);
            if ($this->named(implode(' ', $words)) !== null) {
                break;
            }
        }

        return [implode(' ', $words), implode(' ', $dropped)];
    }

    /**
     * "salt and pepper" are two, "sweet and sour sauce" is not.
     *
     * @return list<string>
     */
    private function severalOf(string $names): array
    {
        if ($this->named($names) !== null) {
            return [$names];
        }
        $parts = preg_split('/\s*,\s*(?:and\s+)?|\s+and\s+|\s*&\s*/iu', $names) ?: [$names];
        foreach ($parts as $part) {
            if ($this->ingredientIn($part) === null) {
                return [$names];
            }
        }

        return $parts;
    }

    private function askWhichAmount(Line $line, string $one, string $other): void
    {
        $ingredient = $this->catalogue->find($line->ingredient);
        $grams = [];
        foreach ([$one, $other] as $text) {
            try {
                $amount = JottedAmount::parse($text, $this->set);
                $grams[]
                    = $ingredient === null || $amount === null
                        ? null
                        : Weight::of($amount, $ingredient, $line->prep)->grams;
            } catch (UnreadableAmount) {
                $grams[] = null;
            }
        }
        if (
            $grams[0] === null
            || $grams[1] === null
            || $grams[0] <= 0.0
            || abs($grams[1] / $grams[0] - 1) > self::SAME_AMOUNT
        ) {
            $told
                = $grams[0] === null || $grams[1] === null
                    ? ''
                    : sprintf(
                        ' The first is %d g, the second %d g.',
                        (int) round($grams[0]),
                        (int) round($grams[1]),
                    );
            $this->ask(
                $line->id,
                'amount',
                "It says {$one} and {$other}, which are not the same: which is meant?{$told}",
                [$one, $other],
            );
        }
    }

    /**
     * @param list<string> $guesses
     */
    private function ask(string $id, string $about, string $ask, array $guesses): void
    {
        $this->questions[] = new Question(
            $this->at,
            $id,
            $this->written,
            $about,
            $ask,
            array_values(array_unique($guesses)),
        );
    }

    private function push(Line $line): Line
    {
        $this->stages[count($this->stages) - 1]['lines'][] = $line;

        return $line;
    }

    /** Ties are jotted by name; they are kept by line. One that names nothing in the recipe is asked. */
    private function resolveTies(): void
    {
        $byIngredient = [];
        foreach ($this->stages as $stage) {
            foreach ($stage['lines'] as $line) {
                $byIngredient[$line->ingredient] ??= $line->id;
            }
        }
        foreach ($this->stages as $s => $stage) {
            $this->stages[$s]['lines'] = array_map(
                fn (Line $line): Line => $this->tied($line, $byIngredient),
                $stage['lines'],
            );
        }
    }

    /**
     * @param array<string, string> $byIngredient ids of lines
     */
    private function tied(Line $line, array $byIngredient): Line
    {
        if ($line->tie === null) {
            return $line;
        }
        $target = $byIngredient[$line->tie->line] ?? $line->id;
        if ($target !== $line->id) {
            return new Line(
                $line->id,
                $line->ingredient,
                null,
                tie: new Tie($target, $line->tie->ratio),
                optional: $line->optional,
            );
        }
        $this->questions[] = new Question(
            $this->tieLines[$line->id] ?? 0,
            $line->id,
            $line->ingredient,
            'amount',
            "As much as what? There is no {$line->tie->line} in the recipe.",
            ['to taste'],
        );

        return new Line($line->id, $line->ingredient, 'to taste', optional: $line->optional);
    }

    private function shown(?Ingredient $ingredient, string $name): string
    {
        return $ingredient?->shortName() ?? $name;
    }

    private function makeId(): string
    {
        return 'l'.++$this->made;
    }
}
