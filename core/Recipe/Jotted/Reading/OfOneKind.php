<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Numeral;
use Vinculum\Pantry\Singular;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/** A list of one kind of thing, which is named before it. */
final readonly class OfOneKind implements Construct
{
    private const SEPARATORS = '/\s*[,;]\s*(?:and\s+)?|\s+and\s+|\s*&\s*|\s*\+\s*/iu';

    /**
     * "dried chillies - 10 arbol, 3 guajillo": a list of one kind of thing, which is named before it.
     *
     * @return list<JottedLine>|null
     */
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        if (preg_match('/^([^\d:–—(-]+?)\s*(?::|\s[–—-]\s)\s*('.Numeral::BEGINS.'.*)$/iu', $line, $match) !== 1) {
            return null;
        }
        $kind = Singular::of((string) preg_replace('/^.*\s(?=\S+$)/u', '', trim($match[1])));
        $lines = [];
        foreach (preg_split(self::SEPARATORS, $match[2]) ?: [] as $chunk) {
            $amount = JottedAmount::at($chunk, $reader->things->kit);
            $words = array_values(array_filter(
                [trim($amount->rest ?? ''), trim(($amount->rest ?? '')." {$kind}")],
                fn (string $name): bool => $reader->things->naming->exactly($name) !== null,
            ));
            if ($amount === null || $words === []) {
                return null;
            }
            $lines[] = $reader->things->measured($amount, $words[0], $optional);
        }

        return count($lines) > 1 ? $lines : null;
    }
}
