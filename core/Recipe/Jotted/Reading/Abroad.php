<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Kitchenware;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Jotted\JottedAmount;

/** A line of a note in another tongue, in two at once or in signs, with all that is in it as we call it. */
final readonly class Abroad
{
    /** Words of one thing at most. */
    private const PHRASE_OF = 4;

    private const WORD = "[\\p{L}’'.-]+";

    public function __construct(
        private Catalogue $catalogue,
        private Kitchenware $kit,
        private Lexicon $lexicon,
    ) {}

    /** The same where it holds no word of another tongue. */
    public function ours(string $line): string
    {
        // "🧄 x3"
        $line = preg_match('/[^\x00-\x7F]/', $line) === 1 ? strtr($line, $this->lexicon->page('signs')) : $line;
        $things = $this->things($line);

        return $this->measure($things, $things !== $line);
    }

    /** With every thing and way of preparing called as we call it, the longest names first. */
    private function things(string $line): string
    {
        $made = '';
        while ($line !== '') {
            if (preg_match('/^[^\p{L}]+/u', $line, $match) === 1) {
                [$made, $line] = [$made.$match[0], substr($line, strlen($match[0]))];

                continue;
            }
            preg_match('/^'.self::WORD.'(?: '.self::WORD.'){0,'.(self::PHRASE_OF - 1).'}/u', $line, $match);
            [$said, $ours] = $this->longest(explode(' ', $match[0] ?? $line), 'abroad');
            $line = substr($line, strlen($said));
            if ($ours === null) {
                $made .= $said;

                continue;
            }
            // "colher de sopa de vinagre", and what stands behind a thing says how it is: "alho amassado"
            $isThing = $this->catalogue->isWordOfAName(explode(' ', $ours)[0]) && ! str_ends_with($ours, ' of');
            $made = $isThing ? $this->withoutOfAtItsEnd($made) : $made;
            $isFollowed = $isThing && preg_match('/^ ('.self::WORD.')/u', $line, $next) === 1
                && $this->longest([$next[1]], 'abroad')[1] === null
                && ! $this->catalogue->isWordOfAName($next[1])
                && ! $this->lexicon->connects(mb_strtolower($next[1]));
            $made .= $ours.($isFollowed ? ',' : '');
        }

        return $made;
    }

    /** A number of another tongue, and what is measured or counted in it, at the head of a line. */
    private function measure(string $line, bool $isAbroad): string
    {
        $number = JottedAmount::number($line);
        $first = preg_match('/^\s*(\p{L}+)\s+(?=\S)/u', $line, $match) === 1 ? mb_strtolower($match[1]) : '';
        $counted = $number === null ? $this->lexicon->says('numbers-abroad', $first) : null;
        if ($number === null && $counted === null) {
            return $line;
        }
        $rest = ltrim($number === null ? substr($line, strlen($match[0] ?? '')) : $number[1]);
        $head = $counted ?? rtrim(substr($line, 0, strlen($line) - strlen($number[1])));
        preg_match('/^'.self::WORD.'(?: '.self::WORD.'){0,'.(self::PHRASE_OF - 1).'}/u', $rest, $match);
        [$said, $ours] = $this->longest(explode(' ', $match[0] ?? ''), 'measures-abroad');
        $isMeasured = $ours !== null || $this->kit->find(explode(' ', $rest)[0]) !== null;
        if ($counted !== null && ! $isMeasured && ! $isAbroad) {
            return $line;
        }
        if ($ours === null) {
            $thing = $this->withoutOf($rest);

            return $isAbroad || $counted !== null || $thing !== $rest ? "{$head} {$thing}" : $line;
        }

        return "{$head} {$ours} ".$this->withoutOfAtItsHead(ltrim(substr($rest, strlen($said)), ' .'));
    }

    /** "de la crème", "d'ail" */
    private function withoutOfAtItsHead(string $text): string
    {
        $words = explode(' ', $text);
        while (isset($words[1]) && $this->lexicon->is('of-abroad', mb_strtolower($words[0]))) {
            array_shift($words);
        }

        return (string) preg_replace("/^[dl][’'](?=\\p{L})/iu", '', implode(' ', $words));
    }

    /** "2 colher de sopa de": a unit and what it is of */
    private function withoutOfAtItsEnd(string $text): string
    {
        $words = explode(' ', rtrim($text));
        $isOf = count($words) > 1 && str_ends_with($text, ' ')
            && $this->lexicon->is('of-abroad', mb_strtolower((string) end($words)))
            && preg_match('/\p{L}\.?$/u', $words[count($words) - 2]) === 1;

        return $isOf ? implode(' ', array_slice($words, 0, -1)).' ' : $text;
    }

    /** "kg de tomates" */
    private function withoutOf(string $rest): string
    {
        $words = explode(' ', $rest, 2);

        return $this->kit->find($words[0]) === null || ! isset($words[1])
            ? $rest
            : "{$words[0]} ".$this->withoutOfAtItsHead($words[1]);
    }

    /**
     * @param list<string> $words
     * @return array{string, string|null} the longest phrase at their head that the page holds, and what we call it; the
     *     first word and null where there is none
     */
    private function longest(array $words, string $page): array
    {
        for ($count = count($words); $count > 0; $count--) {
            $said = implode(' ', array_slice($words, 0, $count));
            $phrase = mb_strtolower(strtr(rtrim($said, '.'), ['’' => "'"]));
            // "gousses d'ail"
            $ours = $this->lexicon->says($page, $phrase)
                ?? $this->lexicon->says($page, (string) preg_replace("/^[dl]'/u", '', $phrase));
            // a word that is of a name of ours is left to it
            if ($ours !== null && ($count > 1 || $page !== 'abroad' || ! $this->catalogue->isWordOfAName($phrase))) {
                return [$said, $ours];
            }
        }

        return [$words[0], null];
    }
}
