<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Jotted\Named;
use Vinculum\Recipe\Jotted\Naming;

/** What a name that is not known for sure may have been meant for. */
final readonly class Guesses
{
    /** Words a name has at most; more are a sentence. */
    private const NAME_OF = 6;

    /** A word this long may be misspelt by one letter, and one twice as long by two. */
    private const MISSPELT_FROM = 5;

    /** Letters from which a word may be part of a name: no ice in allspice; judgement. */
    private const SOUGHT_FROM = 4;

    public function __construct(
        private Naming $naming,
        private Lexicon $lexicon,
        private Catalogue $catalogue,
        private Harm $harm,
    ) {}

    /**
     * What words that hold nothing of the pantry were most likely meant for, misspelt or cut short; the same where
     * they are like nothing, or the likeness would lose what they say.
     */
    public function meant(Named $named): Named
    {
        $words = Naming::words($named->words);
        // a sentence is no misspelt name
        // in another tongue a likeness of letters says nothing
        $isRead = $this->naming->tongue !== '' || $named->ingredient !== null || $named->guesses !== [];
        if ($isRead || count($words) > self::NAME_OF) {
            return $named;
        }
        [$head, $behind] = Naming::parted($named->words);
        $words = Naming::words($head);
        $best = null;
        foreach ($words as $from => $word) {
            // the words before it only say how it is prepared, or it is another thing: chicken livers are no lavers
            if ($from > 0 && ! $this->lexicon->isWay($words[$from - 1])) {
                break;
            }
            $name = implode(' ', array_slice($words, $from));
            $best ??= mb_strlen($name) < self::MISSPELT_FROM ? null : $this->catalogue->misspelt($name);
        }
        // a name that holds all the words from the beginning of one: "sweet chilli", "parm"
        $best ??= mb_strlen($head) >= self::SOUGHT_FROM ? $this->catalogue->beginning($head) : null;
        if ($best === null) {
            return $named;
        }
        $guess = new Named($best, $head, '', false, [$best->slug], $head);

        return $this->harm->withoutHarm($guess, $named->words, implode(', ', $behind))->prepared($named->preparation);
    }

    /**
     * What a name may have been meant for, best first.
     *
     * @return list<string> slugs, up to four
     */
    public function guesses(Named $named): array
    {
        $guesses = $named->guesses;
        if ($named->like !== '') {
            foreach ([...$this->naming->maybe($named->like), ...$this->catalogue->search($named->like, 3)] as $one) {
                $guesses[] = $one->slug;
            }
        }

        return array_slice(
            array_values(array_unique(
                $guesses === [] && $named->like !== '' ? $this->catalogue->nearest($named->like) : $guesses,
            )),
            0,
            4,
        );
    }
}
