<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/** Several things in a line, each with its own amount. */
final readonly class EachItsOwn implements Construct
{
    /** What may stand between two things of one line. */
    private const BREAK
        = '\s*[,;+]\s*(?:(?:'.self::MIXED.'|and|plus)\s+)?|\s+(?:'.self::MIXED.'|and|plus|with)\s+|\s*&\s*';

    private const MIXED = '(?:mixed|dissolved|slaked|whisked|stirred|blended|soaked|rehydrated|'
        .'steeped)\s+(?:with|in|into)';

    /**
     * "1 cup ketchup, 1/2 cup vinegar", "light soy 1 tbsp, dark soy 1 tsp", "2 carrots and 1 stick celery, chopped".
     *
     * @return list<JottedLine>|null
     */
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        $chunks = $this->chunks($line, $reader->things);
        if (count($chunks) < 2) {
            return null;
        }
        $lines = [];
        $measured = 0;
        $plain = 0;
        foreach ($chunks as $chunk) {
            // "2 tbsp of the brine" is of what was named before
            if (preg_match('/\bof (?:the|its|their)\b/iu', $chunk) === 1) {
                return null;
            }
            $one = $reader->unasked($chunk);
            $isMeasured = $one[0]->amount !== 'to taste';
            // "200 ml light olive oil + 50 ml evoo": two things, though one of them is not known so
            $isThing = count($one) === 1
                && ($one[0]->named->isSure && $one[0]->named->ingredient !== null
                    || $reader->things->naming->means($one[0]->named->words)
                    || JottedAmount::at($chunk, $reader->things->kit)?->isMeasuredOut() === true);
            if (! $isThing) {
                return null;
            }
            $measured += $isMeasured ? 1 : 0;
            $plain += $one[0]->named->ingredient !== null && $one[0]->named->preparation === '' ? 1 : 0;
            $lines[] = $optional ? $one[0]->left() : $one[0];
        }

        // a list in one line says so by what is measured in it, or by naming nothing but things
        $isList = $measured === count($lines) || $measured > 2 || ($measured > 0 && $plain === count($lines));

        return $isList ? $lines : null;
    }

    /**
     * What stands between the breaks; what only says how a thing is prepared stays with it.
     *
     * @return list<string>
     */
    private function chunks(string $line, Things $things): array
    {
        $depth = 0;
        $parts = [''];
        foreach (preg_split('/('.self::BREAK.'|[()])/iu', $line, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $token) {
            $depth += ($token === '(' ? 1 : 0) - ($token === ')' ? 1 : 0);
            if ($depth === 0 && preg_match('/^(?:'.self::BREAK.')$/iu', $token) === 1) {
                $parts[] = '';
            } else {
                $parts[count($parts) - 1] .= $token;
            }
        }
        $chunks = [];
        foreach ($parts as $part) {
            $last = count($chunks) - 1;
            $own = JottedAmount::at($part, $things->kit);
            if ($last >= 0 && $own === null && $things->naming->isPreparation($part)) {
                $chunks[] = array_pop($chunks).", {$part}";
                continue;
            }
            // "2 red onions, 3 white": what the first was
            $noun = $last < 0 ? '' : (string) preg_replace('/^.*\s/u', '', trim($chunks[$last]));
            $isOfThat = $own?->bare === true
                && $noun !== ''
                && $things->naming->exactly("{$own->rest} {$noun}") !== null
                && $things->naming->sure($own->rest) === null;
            $chunks[] = $isOfThat ? "{$part} {$noun}" : $part;
        }

        return $chunks;
    }
}
