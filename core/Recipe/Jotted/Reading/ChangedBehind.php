<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Singular;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Recipe\Jotted\Named;
use Vinculum\Recipe\Jotted\Naming;

/** What stands behind a comma and makes a thing another one. */
final readonly class ChangedBehind
{
    public function __construct(private Naming $naming, private Lexicon $lexicon, private Catalogue $catalogue) {}

    /**
     * A word behind the comma that makes it another thing: "tomatoes, green", "yoghurt, Greek", "vinegar, 4 %",
     * "peppers, roasted and peeled", "orange, juiced".
     *
     * @param array{Ingredient, int, int, list<Ingredient>}|null $plain the thing as it stands, where, of how many words
     * @param list<string> $words
     * @param list<string> $behind
     */
    public function of(string $head, ?array $plain, array $words, array $behind): ?Named
    {
        if ($plain === null || $behind === []) {
            return null;
        }
        [$ingredient, $from, $count] = $plain;
        $name = implode(' ', array_slice($words, $from, $count));
        $before = implode(' ', array_slice($words, 0, $from));
        $tail = implode(' ', $behind);
        if (preg_match('/(\d+(?:[.,]\d+)?)\s*%/u', $tail, $match) === 1) {
            $strong
                = $this->catalogue->named("{$name}, {$match[1]} %")
                ?? $this->catalogue->named("{$ingredient->shortName()}, {$match[1]} %");
            if ($strong !== null) {
                return new Named($strong, $head, $before, true);
            }
        }
        $parts = preg_split('/\s*,\s*/u', implode(', ', $behind)) ?: [];
        foreach ($parts as $part) {
            // "salt, black pepper" are two things
            if (str_contains($part, ' ') && $this->naming->exactly($part) !== null) {
                continue;
            }
            // "or dried", "dairy-free if needed": that is another way, and not this one
            $tailWords = Vocabulary::isPerhaps($part) ? [] : Naming::words($part);
            foreach ([2, 1] as $length) {
                for ($i = 0; $i + $length <= count($tailWords); $i++) {
                    $change = implode(' ', array_slice($tailWords, $i, $length));
                    // chopped is the same thing in pieces; roasted, dried or green is another
                    if ($this->lexicon->is('ways', $change)) {
                        continue;
                    }
                    foreach ($this->forms($change) as $form) {
                        $names = [
                            ...$this->catalogue->beginsAName($form) ? ["{$form} {$name}"] : [],
                            ...$this->lexicon->isForm($form) ? ["{$name} {$form}", Singular::of($name)." {$form}"] : [],
                        ];
                        foreach ($names as $made) {
                            $found = $this->catalogue->named($made);
                            if (
                                $found !== null
                                && ($found->slug !== $ingredient->slug || $this->naming->maybe($name) !== [])
                            ) {
                                return $this->changedTo($found, $head, $before, $name);
                            }
                        }
                    }
                }
            }
        }

        return null;
    }

    /** Sure where the words behind say which of several it is, or where there was only one. */
    private function changedTo(Ingredient $found, string $head, string $before, string $name): Named
    {
        $maybe = array_map(static fn (Ingredient $one): string => $one->slug, $this->naming->maybe($name));
        $isSure = $maybe === [] || in_array($found->slug, $maybe, true);

        return new Named(
            $found,
            $head,
            $before,
            $isSure,
            $isSure ? [] : [$found->slug],
            $name,
        );
    }

    /**
     * "juiced" is juice, "powdered" powder.
     *
     * @return list<string>
     */
    private function forms(string $change): array
    {
        $forms = [$change];
        if (preg_match('/^(.{3,}?)(?:e?d)$/u', $change, $match) === 1) {
            $forms[] = $match[1];
            $forms[] = $match[1].'e';
        }

        return $forms;
    }
}
