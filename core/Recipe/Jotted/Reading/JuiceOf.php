<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Pantry\Singular;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;
use Vinculum\Recipe\Jotted\Naming;

/** Juice or zest, measured by the fruit it comes from. */
final readonly class JuiceOf implements Construct
{
    /**
     * "juice of half a lemon", "zest and juice of 2 limes", "2 lemons, zest and juice of", "lime juice (2 limes)".
     *
     * @return list<JottedLine>|null
     */
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        [$wanted, $of] = self::wanted($line);
        if ($wanted === []) {
            return null;
        }
        // "the juice of 2 limes plus a little zest"
        $besides = '/\s*,?\s*(?:\bplus|\band|&|\+)\s+(?:an?\s+|some\s+|the\s+)?(?:little|bit|touch)?\s*(?:of\s+)?'
            .'(?:the\s+|its\s+|their\s+)?(?:(?:finely\s+)?grated\s+)?(zest|juice)$/iu';
        $more = preg_match($besides, $of, $match) === 1 ? mb_strtolower($match[1]) : '';
        $of = (string) preg_replace($besides, '', $of);
        $amount = JottedAmount::at($of, $reader->things->kit);
        [$fruit, $behind] = Naming::parted($amount->rest ?? $of);
        // how large and how good the fruit is stands before it
        $words = Naming::words($fruit);
        while (count($words) > 1 && $reader->things->lexicon->isWay($words[0])) {
            array_shift($words);
        }
        $fruit = Singular::of(implode(' ', $words));
        if (($amount !== null && ! $amount->bare && $amount->isMeasuredOut()) || self::isKept($fruit)) {
            return null;
        }
        $lines = [];
        foreach (array_filter($wanted) as $which) {
            $which = ['juiced' => 'juice', 'zested' => 'zest'][mb_strtolower($which)] ?? mb_strtolower($which);
            $name = $fruit.($which === 'juice' || $which === 'squeeze' ? ' juice' : ' zest');
            if ($reader->things->naming->exactly($name) === null) {
                return null;
            }
            $lines[] = $reader->things->line(
                $name,
                $which === 'squeeze' ? '1 squeeze' : $amount->text ?? '1',
                $optional,
            );
        }
        if ($more !== '') {
            $lines[] = $reader->things->line("{$fruit} {$more}", 'to taste', $optional);
        }

        return $lines;
    }

    /**
     * What of a fruit is wanted, and the words that name the fruit; nothing where the line says neither.
     *
     * @return array{list<string>, string}
     */
    private static function wanted(string $line): array
    {
        $part = '(juiced?|zest(?:ed)?|rind|peel)';
        $parts = "(?:the\\s+)?(?:(?:finely\\s+|freshly\\s+)?(?:grated|squeezed|pared)\\s+)?{$part}(?:\\s*(?:and|"
            ."&|\\+|\\/)\\s*(?:the\\s+)?(?:(?:finely\\s+)?grated\\s+)?{$part})?";
        // "2 oranges' worth of juice"
        $line = (string) preg_replace("/^(.+?)['’]?s?['’]?\\s+worth\\s+of\\s+{$part}$/iu", '$2 of $1', $line);
        return match (true) {
            preg_match("/^{$parts}\\s+(?:(?:of|from)\\s+|(?=\\d|½|an?\\b|half|one|two|"
                .'three))(.+)$/iu', $line, $match) === 1 => [
                    [$match[1], $match[2]],
                    $match[3],
                ],
            preg_match(
                "/^(.+?)(?:\\s*[,:(–-]\\s*|['’]s?\\s+|\\s+(?=juiced|zested)){$parts}"
                    .'(?:\s+(?:of|only))?\)?$/iu',
                $line,
                $match,
            ) === 1 => [
                [$match[2], $match[3] ?? ''],
                $match[1],
            ],
            preg_match(
                '/^(\p{L}+)\s+(juice|zest)\s*(?:[(,]\s*|\b(?=from|of))\s*(?:from\s+|'
                    .'of\s+)?((?:about\s+)?(?:\d|'
                    .'½|half|one|two|three|a\b).*?)\)?$/iu',
                $line,
                $match,
            ) === 1 && preg_match("/\\b{$match[1]}/iu", $match[3]) === 1
                => [[$match[2]], $match[3]],
            preg_match(
                '/^(?|(\p{L}+) squeeze|(?:an? )?squeeze of (?:an? )?(\p{L}+))$/iu',
                $line,
                $match,
            ) === 1
                => [['squeeze'], $match[1]],
            default => [[], ''],
        };
    }

    /** The rind of what was salted or dried is no zest. */
    private static function isKept(string $fruit): bool
    {
        return preg_match('/^(?:preserved|salted|pickled|dried|candied)\b/u', $fruit) === 1;
    }
}
