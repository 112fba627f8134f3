<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\Numeral;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\Naming;

/** A line that says what first and how much last. */
final readonly class AmountBehind
{
    public function __construct(private Naming $naming, private Kitchenware $kit) {}

    /** "brown ale 500 ml": a few words and a measure, though nobody knows what they name. */
    public function endsInMeasure(string $line): bool
    {
        if (preg_match('/^(\p{L}+(?:\s+\p{L}+){1,3})\s+('.Numeral::BEGINS.'[^.;]*)$/u', $line, $match) !== 1) {
            return false;
        }
        $amount = JottedAmount::at($match[2], $this->kit);
        $connects = array_filter(
            preg_split('/\s+/u', mb_strtolower($match[1])) ?: [],
            fn (string $word): bool => $this->naming->lexicon->connects($word),
        );

        return $connects === [] && $amount?->isMeasuredOut() === true && trim($amount->rest) === '';
    }

    /** "Brown sugar 3 tablespoons", "olive oil, 3 parts". */
    public function isNameThenAmount(string $line): bool
    {
        $shape = '/^(.+?)[\s,:–-]+('.Numeral::BEGINS.'.*?)\.?$/iu';
        if (preg_match($shape, $line, $match) !== 1 || ! $this->naming->means($match[1])) {
            return false;
        }
        $amount = JottedAmount::at($match[2], $this->kit);

        // "Mustard 2" may be the second mustard of the house; "Shallots: 3" is three of them
        return $amount !== null && $amount->rest === '' && (! $amount->bare || str_contains($line, ':'));
    }
}
