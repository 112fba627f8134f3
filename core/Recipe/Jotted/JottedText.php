<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\Reading\Heading;
use Vinculum\Recipe\Jotted\Reading\InMethod;
use Vinculum\Recipe\Jotted\Reading\Lexicon;
use Vinculum\Recipe\Jotted\Reading\Lifting;
use Vinculum\Recipe\Jotted\Reading\Spans;
use Vinculum\Recipe\Jotted\Reading\Stages;
use Vinculum\Recipe\Jotted\Reading\Ties;
use Vinculum\Recipe\Jotted\Reading\Unrolled;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Tie;

/**
 * Reads a recipe the way people jot it down: title, list, method, remarks and all. Lines are sorted first; the list
 * becomes lines, the method stages. Nothing is dropped: what is not understood stays as it was written, and what had to
 * be guessed is asked.
 */
final class JottedText
{
    private const MAX_LINE = 300;

    /** Said behind an ingredient that comes out again. */
    private const LIFTED = '/\s*(?:[,(]|->|=>|→|–|—)?\s*\b(?:to be |then )?(?:(?:lift(?:ed)?|take(?:n)?|'
        .'fish(?:ed)?|pick(?:ed)?) (?:it |them )?out(?: later| again| at the end)?'
        .'|removed (?:later|again|at the end|before serving))\b\)?/iu';

    /** @var list<array{name: string, lines: list<Line>}> */
    private array $groups = [['name' => '', 'lines' => []]];

    /** @var list<Question> */
    private array $questions = [];

    /** @var array<string, int> where in the text each tied line stands */
    private array $tieLines = [];

    /** @var array<string, string> the words each line was named with */
    private array $words = [];

    /** @var array<string, int> the line of the text each line of the recipe stands in */
    private array $standsIn = [];

    /** @var list<array{string, LineKind, int}> what stood in each line of the text, what it is, which line it was */
    private array $pieces = [];

    /** @var array<string, string> words of the method that a line of the recipe stands in, by its id */
    private array $written = [];

    /** @var array<string, string> what each stage was made of, by its id */
    private array $said = [];

    private Recipe $recipe;

    private string $tongue;

    private string $name = '';

    private string $makes = '';

    private string $serves = '';

    /** @var list<string> */
    private array $remarks = [];

    /** @var list<array{string, int}> what is done, and the group it stands under */
    private array $method = [];

    private int $made = 0;

    private Naming $naming;

    private LineReader $reader;

    private Sorter $sorter;

    private function __construct(
        private readonly Catalogue $catalogue,
        private readonly Kitchenware $set,
        string $text,
    ) {
        $this->tongue = (new Lexicon($catalogue->vocabulary))->tongueOf($text);
        $this->naming = new Naming($catalogue, $set->set->value, $this->tongue);
        $this->reader = new LineReader($catalogue, $set, $this->naming);
        $this->sorter = new Sorter($this->reader);
    }

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
        $reader = self::of($text, $catalogue, $set);

        return [$reader->recipe, $reader->questions];
    }

    /**
     * The same, with what became of each word, and the tongue it is in where that is none of ours.
     *
     * @return array{Recipe, list<Question>, list<Span>, string}
     *
     * @throws InvalidRecipe where there is more text than a recipe holds
     */
    public static function readWithSpans(string $text, Catalogue $catalogue, MeasuringSet|Kitchenware $set): array
    {
        $reader = self::of($text, $catalogue, $set);
        $spans = Spans::of(
            $text,
            $reader->recipe,
            $catalogue,
            $reader->pieces,
            $reader->standsIn,
            $reader->words,
            $reader->written,
            $reader->said,
        );

        return [$reader->recipe, $reader->questions, $spans, $reader->tongue];
    }

    private static function of(string $text, Catalogue $catalogue, MeasuringSet|Kitchenware $set): self
    {
        $lines = Unrolled::lines($text);
        $reader = new self($catalogue, Kitchenware::of($set), $text);
        $reader->sort(Unrolled::of($lines));
        $reader->recipe = $reader->recipe();

        return $reader;
    }

    /** What only the method says goes in: "stir in 100 ml vinegar", where the list has none. */
    private function findInMethod(): void
    {
        $method = new InMethod($this->reader);
        foreach ($this->groups as $group) {
            foreach ($group['lines'] as $line) {
                $method->holds($line->ingredient, $this->words[$line->id] ?? '');
            }
        }
        foreach ($this->method as [$sentence, $group]) {
            foreach ($method->found($sentence) as $words) {
                $before = $this->made;
                $this->ingredient($words, 0, $group);
                for ($made = $before + 1; $made <= $this->made; $made++) {
                    $this->written["l{$made}"] = $words;
                }
            }
        }
    }

    /** @param array<int, string> $lines */
    private function sort(array $lines): void
    {
        $isFirst = count(array_filter($lines, static fn (string $line): bool => trim($line) !== '')) > 1;
        $isMethod = false;
        $isAside = false;
        $isStep = false;
        $lastStep = 0;
        foreach ($lines as $number => $line) {
            $raw = Markup::even($line);
            if ($raw === '') {
                continue;
            }
            $raw
                = mb_strlen($raw) > self::MAX_LINE && preg_match('/[.!?]\s/u', $raw) !== 1
                    ? mb_substr($raw, 0, self::MAX_LINE)
                    : $raw;
            $isStep = str_starts_with($raw, '|') && ($isStep || Markup::headsSteps($raw));
            if ($isStep && Markup::row($raw) !== '' && ! Markup::headsSteps($raw)) {
                $this->pieces[] = [trim($line), LineKind::Method, $number + 1];
                $this->do(Markup::step($raw));
            }
            $plain = $isStep ? '' : Markup::plain(Markup::row($raw));
            if ($plain === '') {
                // a picture is a remark; the bars of a table are not
                if (preg_match('/^[\s|:*_=~#·•+–—-]*$/u', $raw) !== 1 && ! str_starts_with($raw, '|')) {
                    $this->remarks[] = $raw;
                }
                if (! $isStep || Markup::headsSteps($raw)) {
                    $this->pieces[] = [trim($line), LineKind::Rule, $number + 1];
                }
                continue;
            }
            $kind = $this->sorter->kind($raw, $plain, $isFirst, $isMethod);
            // what follows step 3 as step 4 is method too, whatever it names
            $step = preg_match('/^(\d{1,2})[.)]\s+\p{L}/u', $raw, $match) === 1 ? (int) $match[1] : 0;
            if ($kind === LineKind::Ingredient && $step > 1 && $step === $lastStep + 1) {
                $kind = LineKind::Method;
            }
            $lastStep = $kind === LineKind::Method ? $step : 0;
            if ($isAside && ! Heading::endsRemarks($kind, $raw)) {
                $kind = LineKind::Remark;
            }
            if ($kind === LineKind::Heading) {
                $isMethod = Heading::opensMethod($plain);
                $isAside = Heading::opensRemarks($plain);
            }
            $this->pieces[] = [trim($line), $kind, $number + 1];
            $this->take($kind, $plain, $number + 1, $isFirst);
            $isFirst
                = $isFirst
                && ! in_array(
                    $kind,
                    [LineKind::Title, LineKind::Heading, LineKind::Ingredient, LineKind::Method],
                    true,
                );
        }
    }

    private function take(LineKind $kind, string $plain, int $at, bool $isFirst): void
    {
        match ($kind) {
            LineKind::Title => $this->call(trim(rtrim($plain, '! '), '# :')),
            LineKind::Yield => ($this->makes = mb_substr(
                $this->makes === '' ? Sorter::yieldOf($plain) : $this->makes,
                0,
                200,
            )),
            LineKind::Servings => $this->serve(mb_substr(Sorter::yieldOf($plain), 0, 190)),
            LineKind::Heading => $this->open($plain, $isFirst),
            LineKind::Ingredient => $this->ingredient($plain, $at),
            LineKind::Method => $this->do($plain),
            LineKind::Remark => ($this->remarks[] = $plain),
            LineKind::Rule => null,
        };
    }

    /** A line of the method; what it makes or how many it serves may stand at its end. */
    private function do(string $line): void
    {
        $done = [];
        foreach (preg_split('/(?<=[^\d][.!])\s+(?=\p{Lu}|\d)/u', $line) ?: [] as $sentence) {
            $kind = $this->sorter->kind($sentence, $sentence, false, true);
            if ($kind === LineKind::Yield || $kind === LineKind::Servings) {
                $this->take($kind, $sentence, 0, false);
            } else {
                $done[] = $sentence;
            }
        }
        if ($done !== []) {
            $this->method[] = [$this->reader->writtenOut(implode(' ', $done)), count($this->groups) - 1];
        }
    }

    private function call(string $title): void
    {
        [$name, $makes] = Sorter::named($title);
        $this->name = mb_substr($name, 0, 120);
        if ($makes !== '') {
            $this->take($this->sorter->kind($makes, $makes, false, false), $makes, 0, false);
        }
    }

    /** How many it serves is what it makes, where nothing else says so. */
    private function serve(string $servings): void
    {
        $this->serves = $servings;
        $this->makes = $this->makes === '' ? "serves {$servings}" : $this->makes;
    }

    private function open(string $line, bool $isFirst): void
    {
        $name = mb_substr(trim(ltrim($line, '# '), ' :*_'), 0, 120);
        if ($this->name === '' && $isFirst && preg_match('/^(?:ingredients|method)$/iu', $name) !== 1) {
            $this->name = $name;

            return;
        }
        if (Heading::opensList($name) || Heading::opensMethod($name) || Heading::opensRemarks($name)) {
            return;
        }
        // "Roast at 200 C for 40 min:" is what is done with what stands under it
        $first = preg_match('/^(?:then|now|next)?\s*(\p{L}+)/iu', $name, $match) === 1 ? mb_strtolower($match[1]) : '';
        $isDone = ($this->reader->things->lexicon->says('verbs', $first) ?? 'none') !== 'none'
            && $this->naming->exactly($name) === null;
        if ($this->groups[count($this->groups) - 1]['lines'] === []) {
            $this->groups[count($this->groups) - 1]['name'] = $isDone ? '' : $name;
        } elseif (count($this->groups) < 12) {
            $this->groups[] = ['name' => $isDone ? '' : $name, 'lines' => []];
        }
        if ($isDone) {
            $this->method[] = ["{$name}.", count($this->groups) - 1];
        }
    }

    private function ingredient(string $written, int $at, ?int $group = null): void
    {
        $written = mb_substr($written, 0, self::MAX_LINE);
        $kept = (string) preg_replace(self::LIFTED, '', $written);
        foreach ($this->reader->read($kept) as $read) {
            if ($this->made >= Recipe::MAX_LINES) {
                throw InvalidRecipe::at(
                    'text',
                    'This is more than one recipe holds: at most '
                        .Recipe::MAX_LINES
                        .' lines of ingredients.',
                );
            }
            $id = 'l'.++$this->made;
            $this->words[$id] = $read->named->words;
            $this->standsIn[$id] = $at;
            $preparation = mb_substr($this->withoutDoing($read->named), 0, 200);
            $preparation = $preparation === '' ? null : $preparation;
            if ($read->tie !== null) {
                $this->tieLines[$id] = $at;
            }
            $this->groups[$group ?? count($this->groups) - 1]['lines'][] = new Line(
                $id,
                $read->named->slug(),
                $read->tie === null ? $read->amount : null,
                $preparation,
                $kept === $written ? Handling::In : Lifting::liftedAs($preparation),
                tie: $read->tie === null
                    ? null
                    : new Tie(
                        $this->naming->exactly($read->tie[0])->slug
                            ?? $this->naming->of($read->tie[0])->slug(),
                        $read->tie[1],
                    ),
                optional: $read->optional,
                note: $read->note,
            );
            foreach ($read->questions as [$about, $ask, $guesses]) {
                $this->questions[] = new Question(
                    $at,
                    $id,
                    $written,
                    $about,
                    $ask,
                    array_values(array_unique($guesses)),
                    $about === 'ingredient' && $this->naming->isUnsure($read->named->words) ? $read->named->words : '',
                );
            }
        }
    }

    /** How a thing is prepared; what is done with it, "cook till soft", is method. */
    private function withoutDoing(Named $named): string
    {
        $left = [];
        foreach (preg_split('/\s*,\s*/u', $named->preparation) ?: [] as $part) {
            $isDone = preg_match('/^(\p{L}+)\s+(.*\b(?:till?|until|for)\b.*)$/iu', $part, $match) === 1
                && ($this->reader->things->lexicon->says('verbs', mb_strtolower($match[1])) ?? 'none') !== 'none';
            if ($isDone) {
                $name = $named->ingredient?->shortName() ?? $named->words;
                $this->method[] = [ucfirst("{$match[1]} the {$name} {$match[2]}."), count($this->groups) - 1];
            } else {
                $left[] = $part;
            }
        }

        return implode(', ', $left);
    }

    private function recipe(): Recipe
    {
        $this->findInMethod();
        $ties = new Ties($this->tieLines);
        $this->groups = $ties->resolved($this->groups);
        array_push($this->questions, ...$ties->questions);
        $made = new Stages($this->catalogue, $this->set, $this->words, $this->standsIn);
        [$stages, $besides] = $made->of($this->groups, $this->method);
        $this->said = $made->said;

        return new Recipe(
            $this->name === '' ? 'New sauce' : $this->name,
            null,
            $this->set->set,
            null,
            [],
            $stages === [] ? [new Stage('s1', '', [])] : $stages,
            makes: $this->makes,
            serves: $this->serves,
            story: mb_substr(implode("\n", [...$this->remarks, ...$besides]), 0, 4000),
        );
    }

}
