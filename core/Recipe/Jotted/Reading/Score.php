<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Numeral;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\Weight;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\Naming;

/**
 * How well a reading accounts for the words of a line: whether every thing is known and weighs something, how likely
 * so much of it is, and what is left over. Between readings of one line the higher is the likelier; weights are
 * judgement.
 */
final readonly class Score
{
    private const SURE = 3.0;
    private const ONE_OF_SEVERAL = 2.0;
    private const UNKNOWN = -2.0;
    /** Of each word of a known name beyond its first: the longest name first. */
    private const OF_A_WORD = 0.2;
    private const WEIGHED = 2.0;
    private const LEFT_TO_TASTE = 1.0;
    private const NOT_SAID = -1.2;
    private const UNWEIGHABLE = -1.0;
    /** Of each word that nothing accounts for, and of a thing or an amount that would fall out. */
    private const LEFT_OVER = -0.3;
    private const LOST_THING = -2.0;
    private const LOST_AMOUNT = -2.0;
    private const SAID_TWICE = -0.5;
    /** Of each e-fold by which there is more or less of it than in any sauce. */
    private const UNLIKELY = -0.7;

    public function __construct(private Things $things) {}

    /** @param non-empty-list<JottedLine> $reading */
    public function of(array $reading): float
    {
        $sum = 0.0;
        $left = 0.0;
        foreach ($reading as $line) {
            $sum += $this->named($line) + $this->weighed($line);
            $left += $this->leftOver($line);
        }

        return $sum / count($reading) + $left;
    }

    private function named(JottedLine $line): float
    {
        $thing = $line->named->ingredient;
        if ($thing === null) {
            return self::UNKNOWN;
        }

        return ($line->named->isSure ? self::SURE : self::ONE_OF_SEVERAL)
            + self::OF_A_WORD * ($line->named->length - 1);
    }

    private function weighed(JottedLine $line): float
    {
        if ($line->tie !== null) {
            return self::WEIGHED;
        }
        $thing = $line->named->ingredient;
        $amount = JottedAmount::parse($line->amount, $this->things->kit);
        if ($thing === null || $amount === null) {
            return $amount === null ? self::UNWEIGHABLE : 0.0;
        }
        if ($amount->isToTaste()) {
            return in_array('amount', array_column($line->questions, 0), true) ? self::NOT_SAID : self::LEFT_TO_TASTE;
        }
        if (($amount->terms[0]->unit->name ?? '') === 'part') {
            return self::WEIGHED;
        }
        try {
            $grams = Weight::of($amount, $thing, $line->named->preparation)->grams;
        } catch (UnreadableAmount) {
            return self::UNWEIGHABLE;
        }

        return $grams > 0.0
            ? self::WEIGHED + self::UNLIKELY * $this->things->lexicon->unlikeliness($thing, $grams)
            : self::UNWEIGHABLE;
    }

    /** What of its words is in no name, no amount and no way of preparing. */
    private function leftOver(JottedLine $line): float
    {
        $left = 0.0;
        $number = '/(?<![\p{L}\d])'.Numeral::BEGINS.'(?![\d.,]*\s*%)/u';
        $isBehind = preg_match($number, $line->named->preparation) === 1;
        $isBefore = preg_match($number, Naming::parted($line->named->words)[0]) === 1;
        if ($isBefore && ($isBehind || $line->named->ingredient === null)) {
            $left += self::LOST_AMOUNT;
        } elseif ($isBehind && ! str_contains($line->note, 'written as')) {
            $left += self::SAID_TWICE;
        }
        foreach ($this->things->naming->beside->unaccounted($line->named) as $isThing) {
            $left += $isThing ? self::LOST_THING : self::LEFT_OVER;
        }

        return max($left, -4.0);
    }
}
