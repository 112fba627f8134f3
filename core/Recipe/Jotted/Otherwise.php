<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Pantry\Weight;
use Vinculum\Recipe\Edit;
use Vinculum\Recipe\Jotted\Reading\DoneOtherwise;
use Vinculum\Recipe\Jotted\Reading\Roles;
use Vinculum\Recipe\Jotted\Reading\Times;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Recipe;

/**
 * What was made otherwise that time, in the maker's own words: "25 g ginger, not 35; 10 min more; the other vinegar".
 *
 * Every clause is taken apart into what it may hold: an amount, a thing, a time, a share, a process, and words that say
 * what becomes of them (database/words/otherwise.txt). What is there says what is meant, in whatever order it stands.
 * What is not understood is kept as a remark, and what may be one of several is asked; nothing is dropped.
 */
final class Otherwise
{
    /** Where one clause ends and the next begins; a comma behind which "not" stands goes on. */
    private const CLAUSES = '/\s*(?:;|\n|\.(?!\d)|,(?!\s*(?:not|instead|rather|in place|in lieu)\b)(?!\d)'
        .'|\s(?:and|but|so|also|then)\s(?!a\s+(?:half|quarter|third)\b))\s*/iu';

    /** Choices that are offered. */
    private const CHOICES = 4;

    private readonly Naming $naming;

    private readonly LineReader $reader;

    private readonly Roles $roles;

    private readonly DoneOtherwise $done;

    /**
     * @param array<string, float> $minutes that each stage takes as it is written, by its id
     */
    private function __construct(
        private readonly Catalogue $catalogue,
        private Recipe $recipe,
        array $minutes,
    ) {
        $kit = $recipe->kitchenware();
        $this->naming = new Naming($catalogue, $kit->set->value);
        $this->reader = new LineReader($catalogue, $kit, $this->naming);
        $this->roles = new Roles($this->naming->lexicon->page('otherwise'));
        $this->done = new DoneOtherwise($this->naming->lexicon, $this->roles, $minutes);
    }

    /**
     * @param array<string, float> $minutes that each stage takes as it is written, by its id
     * @return list<array{words: string, recipe: Recipe|null, ask: string, guesses: list<string>}> one for each clause,
     *     with the recipe as it then stands; null where it is kept as a remark or asked; a guess is what to say instead
     */
    public static function read(string $text, Recipe $recipe, Catalogue $catalogue, array $minutes = []): array
    {
        $reader = new self($catalogue, $recipe, $minutes);
        $read = [];
        $before = $recipe;
        foreach (preg_split(self::CLAUSES, trim(strtr($text, ['’' => "'"]), " \t\n.;,")) ?: [] as $clause) {
            $clause = trim($clause);
            if ($clause === '') {
                continue;
            }
            $whole = $reader->goesOn($clause, $read[count($read) - 1]['words'] ?? '');
            if ($whole !== null) {
                array_pop($read);
                $reader->recipe = $before;
            }
            $before = $reader->recipe;
            $read[] = $reader->clause($whole ?? $clause);
        }

        return $read;
    }

    /** The clause before and this one together, where this one is an amount and that one has none: "less salt, 8 g". */
    private function goesOn(string $clause, string $before): ?string
    {
        $amount = JottedAmount::at($clause, $this->recipe->kitchenware());
        if ($before === '' || $amount === null || trim($amount->rest) !== '' || preg_match('/\d/', $before) === 1) {
            return null;
        }
        $isInstead = $this->roles->says(mb_strtolower($before), 'instead');

        return "{$amount->text} ".($isInstead ? $before : $this->roles->plain(mb_strtolower($before)));
    }

    /** @return array{words: string, recipe: Recipe|null, ask: string, guesses: list<string>} */
    private function clause(string $words): array
    {
        $said = mb_strtolower($words);
        $found = $this->inPlace($said)
            ?? $this->done->times($this->recipe, $said, $this->thing($said) !== null)
            ?? $this->things($said)
            ?? $this->done->doing($this->recipe, $said);
        if ($found instanceof Recipe) {
            $this->recipe = $found;

            return ['words' => $words, 'recipe' => $found, 'ask' => '', 'guesses' => []];
        }

        return ['words' => $words, 'recipe' => null, 'ask' => $found[0] ?? '', 'guesses' => $found[1] ?? []];
    }

    /**
     * One thing in place of another, or one amount of it: what stands before "not", "instead of", "for" and what
     * behind.
     *
     * @return Recipe|array{string, list<string>}|null
     */
    private function inPlace(string $said): Recipe|array|null
    {
        $link = $this->roles->either('instead');
        $swaps = $this->roles->either('swaps');
        if (preg_match("/^(.+?)[,\\s]+(?:{$link})\\s+(.+)$/u", $said, $match) !== 1) {
            return $this->replaced($said, $swaps);
        }
        [, $new, $old] = $match;
        $swap = "/^(?:{$swaps})\\s+/u";
        if (preg_match($swap, $new) === 1) {
            // "swapped the cider vinegar for malt vinegar": the old one stands first
            [$new, $old] = [$old, (string) preg_replace($swap, '', $new)];
        }
        // "ground ginger instead of fresh": the noun is said once
        $was = $this->thing($old) ?? $this->thing("{$old} ".preg_replace('/^.*\s/u', '', $new));
        if ($was !== null && $this->roles->share($old) !== null) {
            // in place of some of it: how much of either nobody has said
            return ['How much of each: '.$this->called($was)." and {$new}?", []];
        }
        if ($was === null) {
            // "20 g ginger, not 35", "50 min, not 30": what stands first is what it was
            $before = Times::minutes($old) ?? Times::minutes("{$old} min");

            return preg_match('/\d|\bhour/', $old) === 1
                ? $this->done->times($this->recipe, $new, false, $before) ?? $this->things($new)
                : null;
        }

        return $this->put($new, $was);
    }

    /** @return Recipe|array{string, list<string>}|null */
    private function replaced(string $said, string $swaps): Recipe|array|null
    {
        if (preg_match("/^(?:{$swaps})\\s+(.+?)\\s+(?:with|by|to)\\s+(.+)$/u", $said, $match) !== 1) {
            return null;
        }
        $was = $this->thing($match[1]);

        return $was === null ? null : $this->put($match[2], $was);
    }

    /** @return Recipe|array{string, list<string>} with what some words name in place of a line */
    private function put(string $words, Line $was): Recipe|array
    {
        $read = $this->reader->unasked($this->roles->plain($words))[0];
        $new = $read->named;
        if ($new->ingredient === null || ! $new->isSure) {
            return ["What is “{$words}”?", array_values(array_filter(array_map(
                fn (string $slug): string => ($name = $this->catalogue->find($slug)?->shortName()) === null
                    ? ''
                    : "{$name} instead of ".$this->called($was),
                $new->guesses,
            )))];
        }

        $amount = $read->amount === 'to taste' ? null : $read->amount;

        return Edit::line($this->recipe, $was, $was->instead($new->ingredient->slug, $amount));
    }

    /**
     * How much of which thing, or none of it.
     *
     * @return Recipe|array{string, list<string>}|null
     */
    private function things(string $said): Recipe|array|null
    {
        $line = $this->thing($said);
        if ($line !== null && $this->roles->says($said, 'out')) {
            return Edit::without($this->recipe, static fn (Line $each): bool => $each->id === $line->id);
        }
        if ($this->roles->says($said, 'which')) {
            return $this->which($said);
        }
        $way = $this->roles->way($said);
        $share = $this->roles->share($said);
        if ($line !== null && $line->amount !== null && $share !== null) {
            return $this->scaled($line, $way === 0 ? $share : 1 + $way * $share);
        }
        $read = $this->fromTheAmount($this->roles->plain($said));
        $named = $read->named;
        if ($read->amount === 'to taste' || $named->ingredient === null) {
            return match (true) {
                $line !== null && $way !== 0 => $this->howMuch($line, $way),
                $line === null && $named->ingredient !== null && $named->isSure => $this->kin($named->ingredient),
                default => null,
            };
        }
        $line ??= $this->lineOf($named->ingredient) ?? $this->thing($named->words);
        if ($line === null) {
            return $named->isSure
                ? Edit::added($this->recipe, new Line('', $named->ingredient->slug, $read->amount))
                : ["What is “{$said}”?", []];
        }
        if ($way === 0) {
            return Edit::line($this->recipe, $line, $line->withAmount($read->amount));
        }
        $before = $this->grams($line, (string) $line->amount);
        $by = $this->grams($line, $read->amount);

        return $before === null || $by === null ? null : $this->scaled($line, 1 + ($way * $by) / $before);
    }

    /** "Dad put in 50 g ginger": what stands before an amount and names nothing is who did it. */
    private function fromTheAmount(string $words): JottedLine
    {
        $read = $this->reader->unasked($words)[0];
        if ($read->amount !== 'to taste' && $read->named->ingredient !== null) {
            return $read;
        }
        if (preg_match('/^\D+?\s(\d.*)$/u', $words, $match) === 1) {
            $other = $this->reader->unasked($match[1])[0];

            return $other->amount !== 'to taste' && $other->named->isSure ? $other : $read;
        }

        return $read;
    }

    /**
     * "Used brown sugar": in place of the one of its kind that there is; where there is none it is asked how much.
     *
     * @return Recipe|array{string, list<string>}
     */
    private function kin(Ingredient $new): Recipe|array
    {
        $kin = array_values(array_filter($this->recipe->lines(), function (Line $line) use ($new): bool {
            $is = $this->catalogue->find($line->ingredient);

            return $is !== null && $is->kinds[0] === $new->kinds[0];
        }));

        return count($kin) === 1
            ? Edit::line($this->recipe, $kin[0], $kin[0]->instead($new->slug, null))
            : ["How much {$new->shortName()}?", []];
    }

    /**
     * "The other vinegar": one that is of a kind with the one there is.
     *
     * @return array{string, list<string>}|null
     */
    private function which(string $said): ?array
    {
        $line = $this->thing($said);
        $is = $line === null ? null : $this->catalogue->find($line->ingredient);
        if ($line === null || $is === null) {
            return null;
        }
        $others = [];
        foreach ($this->catalogue->staples() as $slug) {
            $other = $this->catalogue->find($slug);
            if ($other !== null && $slug !== $is->slug && $other->kinds[0] === $is->kinds[0]) {
                $others[] = "{$other->shortName()} instead of {$is->shortName()}";
            }
        }

        return ["Which one, in place of {$is->shortName()}?", array_slice($others, 0, self::CHOICES)];
    }

    /** @return array{string, list<string>} */
    private function howMuch(Line $line, int $way): array
    {
        $called = $this->called($line);
        $guess = fn (float $share): string => "{$this->shared($line, 1 + $way * $share)} {$called}";

        return ["How much {$called}?", [$guess(0.25), $guess(0.5)]];
    }

    /** The line that some words speak of: what they name, or the only one that has such a word in its name. */
    private function thing(string $said): ?Line
    {
        $words = $this->roles->plain($said);
        $amount = JottedAmount::at($words, $this->recipe->kitchenware());
        $name = trim(JottedAmount::withoutOf($amount === null ? $words : $amount->rest));
        if ($name === '') {
            return null;
        }
        $line = $this->lineOf($this->naming->sure($name));
        if ($line !== null) {
            return $line;
        }
        $wanted = array_map(Singular::of(...), Naming::words($name));
        $found = array_values(array_filter($this->recipe->lines(), function (Line $line) use ($wanted): bool {
            $name = $this->catalogue->find($line->ingredient)->name ?? $line->ingredient;
            $has = array_map(Singular::of(...), Naming::words(mb_strtolower($name)));

            return $wanted !== [] && array_diff($wanted, $has) === [];
        }));

        return count($found) === 1 ? $found[0] : null;
    }

    private function lineOf(?Ingredient $thing): ?Line
    {
        $of = array_column($this->recipe->lines(), null, 'ingredient');

        return $thing === null ? null : $of[$thing->slug] ?? null;
    }

    private function scaled(Line $line, float $share): ?Recipe
    {
        $amount = $share > 0.0 ? $this->shared($line, $share) : null;

        return $amount === null ? null : Edit::line($this->recipe, $line, $line->withAmount($amount));
    }

    private function shared(Line $line, float $share): ?string
    {
        return JottedAmount::share((string) $line->amount, $share, $this->recipe->kitchenware());
    }

    private function grams(Line $line, string $amount): ?float
    {
        $is = $this->catalogue->find($line->ingredient);
        $read = JottedAmount::parse($amount, $this->recipe->kitchenware());
        try {
            return $is === null || $read === null ? null : Weight::of($read, $is, $line->prep)->grams;
        } catch (UnreadableAmount) {
            return null;
        }
    }

    private function called(Line $line): string
    {
        return $this->catalogue->find($line->ingredient)?->shortName() ?? $line->ingredient;
    }
}
