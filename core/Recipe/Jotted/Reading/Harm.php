<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Recipe\Jotted\Named;
use Vinculum\Recipe\Jotted\Naming;

/** A guess that would lose an allergen or a warning in the very words is shown, and never put in. */
final class Harm
{
    /** @var array<string, list<string>> allergens by words that were asked before */
    private array $allergens = [];

    public function __construct(
        private readonly Naming $naming,
        private readonly Lexicon $lexicon,
        private readonly Catalogue $catalogue,
    ) {}

    /**
     * A guess that is without the allergen in the very words is only shown, never put in: soy flour is no plain
     * flour. So is one whose words name another thing as well, hazelnut oil and sunflower oil, and any guess at what
     * is poisonous by its name: bitter almonds are no almonds. What its own words rule out is not even shown: of a
     * gluten-free flour, no wheat.
     *
     * @param string $words all that was written
     * @param string $preparation what of it stands beside the name
     */
    public function withoutHarm(Named $named, string $words, string $preparation): Named
    {
        $ingredient = $named->ingredient;
        if ($ingredient === null || ($named->isSure && $preparation === '' && $named->length > 1)) {
            return $named;
        }
        $vocabulary = $this->catalogue->vocabulary;
        // of a known name only what stands beside it can say more; and what it is for, or is like, is not in it
        $said = (string) preg_replace(
            '/\b(?:for|size|like|than|same|as|instead|without|not)\b.*$/iu',
            '',
            $preparation,
        );
        $beside = $named->isSure ? $said : $words;
        if ($vocabulary->isRuledOut($ingredient, $named->isSure ? $said : $words)) {
            $left = [];
            foreach ($this->naming->guesses->guesses($named) as $slug) {
                $guess = $this->catalogue->find($slug);
                if ($guess !== null && ! $vocabulary->isRuledOut($guess, $words)) {
                    $left[] = $slug;
                }
            }

            return new Named(null, $words, '', false, $left);
        }
        // "milk, oat if you like" is milk that may be oat, and keeps the words that say so
        $lost = Vocabulary::isPerhaps("{$words} {$named->words}") ? [] : array_diff(
            $this->allergens[$beside] ??= $beside === '' ? [] : $vocabulary->allergensNamed($beside),
            $ingredient->contains,
            $ingredient->mayContain,
        );

        $warnings = array_diff_key($vocabulary->hazardsNamed($words), $vocabulary->hazardsNamed($ingredient->name));

        return $lost === [] && $warnings === []
            && ($named->isSure || ! $this->namesAnotherToo($named))
            ? $named
            : new Named(null, $words, '', false, $named->guesses, $named->like);
    }

    /**
     * Whether what is left of the words beside a guess is a thing of its own, or makes one: almond flour, milk powder.
     */
    private function namesAnotherToo(Named $named): bool
    {
        $ingredient = $named->ingredient;
        if ($ingredient === null || Vocabulary::isPerhaps($named->words)) {
            return false;
        }
        $own = Naming::words("{$ingredient->name} {$ingredient->slug} ".implode(' ', $ingredient->aliases));
        foreach (Naming::words($named->preparation) as $word) {
            if ($this->lexicon->isWay($word) || in_array($word, $own, true)) {
                continue;
            }
            $other = $this->naming->exactly($word);
            if ($this->lexicon->isForm($word) || ($other !== null && $other->slug !== $ingredient->slug)) {
                return true;
            }
        }

        return false;
    }
}
