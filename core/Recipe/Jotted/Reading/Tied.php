<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/** As much as another thing, or so many times as much: "twice as much oil as vinegar", "honey, same as the mustard". */
final readonly class Tied implements Construct
{
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        $lexicon = $reader->things->lexicon;
        $words = array_keys($lexicon->page('times'));
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $quoted = array_map(static fn (string $word): string => preg_quote($word, '/'), $words);
        $times = '(?<times>'.implode('|', $quoted).')';
        $amount = '(?:amount|quantity|weight|volume|measure)';
        $other = '(?:the\s+|there\s+is\s+|for\s+the\s+)?(?<other>.+)$/iu';
        $shapes = [
            "/^(?:{$times}\\s+)?(?:as\\s+)?much\\s+(?:of\\s+(?:the\\s+)?)?(?<name>.+?)\\s+as\\s+".$other,
            "/^(?:an?\\s+|the\\s+)?{$times}\\s+(?:the\\s+)?{$amount}\\s+of\\s+(?<name>.+?)\\s+(?:as|to|than)\\s+"
                .$other,
            "/^(?<name>[^\\d,:;]+?)\\s*[,:–—-]?\\s+(?:an?\\s+)?{$times}(?:\\s+(?:much|{$amount}))?\\s+"
                .'(?:as|than|of)\s+'.$other,
        ];
        foreach ($shapes as $shape) {
            $isSo = preg_match($shape, $line, $match) === 1
                && JottedAmount::at($match['name'], $reader->things->kit) === null;
            $said = mb_strtolower($match['times'] ?? '');
            $naming = $reader->things->naming;
            if ($isSo && $naming->means($match['name']) && $naming->means($match['other'])) {
                $ratio = $said === '' ? 1.0 : (float) $lexicon->says('times', $said);

                return [new JottedLine(
                    $naming->of($match['name']),
                    '',
                    [],
                    $optional,
                    $ratio === 1.0 ? '' : $said,
                    [trim($match['other']), $ratio],
                )];
            }
        }

        return null;
    }
}
