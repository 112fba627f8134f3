<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Amount;
use Vinculum\Amount\Numeral;
use Vinculum\Pantry\Singular;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;

/**
 * A line as one thing with its amount, which may stand before its name, behind it or in the middle: every place where
 * an amount can begin gives a reading, and so does the line without any.
 */
final readonly class OneThing
{
    /** How much is left to whoever tastes. */
    private const TO_TASTE = '/[\s,:(–-]*\b(?:or\s+)?(?:(?:to|as|acc(?:ording|\.)? to) (?:(?:your |one\'s )?(?:own )?'
        .'(?:taste|liking|preference)|needed|required|desired|you like|necessary)|t\.?t\.?|q\.?s\.?)\)?\.?(?=\W|$)/iu';

    /** Some of it, and nobody says how much. */
    private const SOME = '/^(?:an?\s+)?(?:little|some|plenty|lots?|loads?|tons|masses|heaps)'
        .'(?:\s+bits?)?\s+(?:of\s+)?(?:the\s+)?(?=\p{L}{2})/iu';

    private const MORE = '/\s*,?\s*\(?\s*(?:\bplus\b|\band\b|\+)\s+(?:a\s+(?:little|bit|few)\s+)?(?:some\s+)?'
        .'(?:more|extra)\b[^)]*\)?\s*$/iu';

    /** Words between a number and what is counted at most: "1 big ol' head of". */
    private const QUALITIES = 3;

    public function __construct(private Things $things) {}

    /** @return iterable<list<JottedLine>> */
    public function readings(string $line, bool $optional): iterable
    {
        $more = preg_match(self::MORE, $line, $match) === 1 ? trim($match[0], ' ,()+') : '';
        $line = $more === '' ? $line : trim((string) preg_replace(self::MORE, '', $line));
        if (preg_match(self::TO_TASTE, $line, $match, PREG_OFFSET_CAPTURE) === 1 && $match[0][1] > 0) {
            $said = (string) preg_replace('/^or\s+/iu', '', trim($match[0][0], " \t,:()–-"));
            $rest = trim(substr($line, 0, $match[0][1])
                .', '.trim(substr($line, $match[0][1] + strlen($match[0][0])), ' ,)'), ' ,');
            yield array_map(
                fn (string $name): JottedLine => $this->things->line($name, 'to taste', $optional),
                $this->things->severalOf($rest),
            );
            // "1 tsp salt, or to taste": the amount is a beginning
            $line = $rest;
            $more = trim("{$more} {$said}");
        }
        // "3 sprigs of thyme or 1 tsp dried": what is said first is what went in
        $or = '/^(.*\p{L}{3}.*?),?\s+(or\s+(?:about\s+)?(?:'.Numeral::BEGINS.'|an?\s|half\s).*)$/iu';
        if (preg_match($or, $line, $match) === 1 && $this->things->namesOne(
            JottedAmount::at($match[1], $this->things->kit),
        )) {
            $line = $match[1];
            $more = trim("{$more} {$match[2]}");
        }
        $isVague = preg_match(self::SOME, $line) === 1
            && (JottedAmount::at($line, $this->things->kit)->bare ?? true);
        foreach ($isVague ? [] : $this->withAmount($line) as [$amount, $words]) {
            [$amount, $questions] = $this->clear($amount);
            $words = $words.($more === '' ? '' : ", {$more}");
            $read = $this->things->measured($amount, $words, $optional, $questions);
            yield [$read];
            if ($read->named->isSure && $amount->isMeasuredOut() && $read->named->preparation === '') {
                // every word is accounted for, and no other reading does better
                return;
            }
        }
        yield $this->things->withoutAmount((string) preg_replace(self::SOME, '', $line), $optional);
    }

    /** @return iterable<array{JottedAmount, string}> the amount, and the name with all else that is said */
    private function withAmount(string $line): iterable
    {
        foreach ($this->places($line) as $at) {
            yield from $this->from($line, $at, substr($line, $at));
            // "1 whole head of garlic": how large or good it is may stand between a number and what is counted
            $plain = $this->withoutQuality(substr($line, $at));
            if ($plain !== null) {
                yield from $this->from($line, $at, $plain);
            }
        }
    }

    private function withoutQuality(string $text): ?string
    {
        $number = JottedAmount::number($text);
        $words = explode(' ', trim($number[1] ?? ''), self::QUALITIES + 2);
        foreach (array_slice($words, 1, self::QUALITIES, true) as $count => $counted) {
            $word = (string) preg_replace('/[^\p{L}-].*$/u', '', $counted);
            $isCounted = $this->things->lexicon->is('portions', Singular::of(mb_strtolower($word)))
                || $this->things->kit->find($word) !== null;
            if (! $isCounted || $number === null) {
                continue;
            }
            $qualities = array_slice($words, 0, $count);
            foreach ($qualities as $quality) {
                // what an amount may hold itself is left to it, and so is what may be a thing
                if (
                    preg_match('/^[\p{L}\'’-]+$/u', $quality) !== 1
                    || ($count === 1 && Amount::looseLength("{$quality} {$word}", $this->things->kit) > 0)
                    || JottedAmount::isMeasured($this->things->kit->find($quality))
                    || $this->things->lexicon->connects($quality)
                    || ($count > 1 && $this->things->naming->exactly($quality) !== null)
                ) {
                    return null;
                }
            }
            // what nobody knows stays beside it
            $beside = array_filter($qualities, fn (string $one): bool => ! $this->things->lexicon->isWay($one));
            $rest = implode(' ', array_slice($words, $count));

            return substr($text, 0, strlen($text) - strlen($number[1]))." {$rest}"
                .($beside === [] ? '' : ', '.implode(' ', $beside));
        }

        return null;
    }

    /** @return iterable<array{JottedAmount, string}> */
    private function from(string $line, int $at, string $text): iterable
    {
        $before = substr($line, 0, $at);
        // what stands in brackets ends with them
        $isWithin = substr_count($before, '(') > substr_count($before, ')');
        $end = $isWithin ? strpos($text, ')') : false;
        $beyond = $end === false ? '' : trim(substr($text, $end + 1), ' ,;');
        $text = $end === false ? $text : substr($text, 0, $end);
        // "sprig thyme", "tin of tomatoes", "salt - teaspoon" are one
        $word = preg_match('/^(\p{L}+)(?:\s+\p{L}|$)/u', $text, $match) === 1 ? mb_strtolower($match[1]) : '';
        $isApart = preg_match('/(?:^|[,;:(–—-])\s*$/u', $before) === 1;
        // "chilli powder, heaping tablespoon"
        $isLoose = $isApart && $before !== '' && preg_match('/^(\p{L}+)\s+(\p{L}+)\.?$/u', $text, $match) === 1
            && Amount::looseLength($text, $this->things->kit) > 0
            && JottedAmount::isMeasured($this->things->kit->find($match[2]));
        $isOne = $isLoose || $isApart && ($this->things->lexicon->is('portions', $word)
            || JottedAmount::isMeasured($word === '' ? null : $this->things->kit->find($word)));
        $amount = JottedAmount::at($isOne ? "1 {$text}" : $text, $this->things->kit);
        if ($amount !== null) {
            $before = trim($before, " \t,;:–—-…(×");
            $before = (string) preg_replace('/(?:\s+x|[\s,]+(?:about|around|approx\.?))$/iu', '', $before);
            $rest = trim($amount->rest);
            if ($before === '') {
                if (trim($rest, ' ,.') !== '') {
                    yield [$amount, $rest];
                }

                return;
            }
            // "garlic 10 cloves smashed", "root ginger, large piece": what is counted stands with the number
            $word = preg_match('/^[\p{L}.]+/u', $rest, $match) === 1 ? $match[0] : '';
            $isCounted = $amount->bare && $word !== '' && ($this->isSize($word) || $this->isPortion($word, $before));
            $behind = self::unwrapped($isCounted ? substr($rest, strlen($word)) : $rest);
            $behind = implode(', ', array_filter([$behind, $beyond]));
            yield [$amount, trim(($isCounted ? "{$word} " : '').$before).($behind === '' ? '' : ", {$behind}")];
        }
    }

    /** Without the brackets around the whole of it, and what divides it from what stands before. */
    private static function unwrapped(string $text): string
    {
        $text = trim($text, " \t,;:–—-.");
        $text = preg_match('/^\(([^()]*)\)?$/u', $text, $match) === 1 ? trim($match[1]) : $text;

        return substr_count($text, ')') > substr_count($text, '(') ? rtrim($text, ')') : $text;
    }

    /** @return list<int> bytes from the beginning of the line where an amount may begin */
    private function places(string $line): array
    {
        preg_match_all(
            '/(?<![\p{L}\p{N}.,\/½¼¾⅓⅔⅛])(?:'.Numeral::BEGINS.'(?![\d.,]*\s*%)|[.,]\d|[~≈]|\p{L}+)/u',
            $line,
            $found,
            PREG_OFFSET_CAPTURE,
        );
        $places = [0];
        $wasAmount = false;
        foreach ($found[0] as [$word, $at]) {
            $may = preg_match('/^[\p{L}]/u', $word) !== 1
                || JottedAmount::number($word) !== null
                || $this->things->kit->find($word) !== null
                || Amount::looseLength(substr($line, $at), $this->things->kit) > 0
                || $this->things->lexicon->is('portions', Singular::of(mb_strtolower($word)));
            // a unit behind its number begins no amount of its own
            if ($may && $at > 0 && (! $wasAmount || preg_match('/^\p{L}/u', $word) !== 1)) {
                $places[] = $at;
            }
            $wasAmount = $may;
        }

        return $places;
    }

    private function isSize(string $word): bool
    {
        return $this->things->lexicon->is('sizes', mb_strtolower(rtrim($word, '.')));
    }

    private function isPortion(string $word, string $before): bool
    {
        $portion = Singular::of(mb_strtolower(rtrim($word, '.')));

        return $this->things->lexicon->is('portions', $portion)
            || $this->things->naming->of($before)->ingredient?->portion($portion) !== null;
    }

    /**
     * What a written number most likely means, and what it may mean besides: "21/4 cups" may have lost its space.
     *
     * @return array{JottedAmount, list<array{string, string, list<string>}>}
     */
    private function clear(JottedAmount $amount): array
    {
        if (
            preg_match('/^(\d+)(\d)\s*\/\s*(\d)(.*)$/u', $amount->text, $match) !== 1
            || (int) $match[2] >= (int) $match[3]
            || (int) "{$match[1]}{$match[2]}" <= (int) $match[3]
        ) {
            return [$amount, []];
        }
        $apart = "{$match[1]} {$match[2]}/{$match[3]}{$match[4]}";
        $likely = JottedAmount::at("{$apart} {$amount->rest}", $this->things->kit) ?? $amount;

        return [
            $likely,
            [['amount', "Is “{$amount->text}” {$apart}, or as it stands?", [$apart, $amount->text]]],
        ];
    }
}
