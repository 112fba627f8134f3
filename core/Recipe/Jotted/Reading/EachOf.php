<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Numeral;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/** One amount for each of several things. */
final readonly class EachOf implements Construct
{
    private const SEPARATORS = '/\s*[,;]\s*(?:and\s+)?|\s+and\s+|\s*&\s*|\s*\+\s*/iu';

    /**
     * "1/2 tsp each: garlic powder, dried parsley", "cumin and caraway, 1 tsp each".
     *
     * @return list<JottedLine>|null
     */
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        $amount = JottedAmount::at($line, $reader->things->kit);
        if (
            preg_match(
                '/^(.+?)\s*[,:(–-]?\s*((?:about\s+)?'.Numeral::BEGINS.'.*?)\s*(?:of\s+)?each\)?$/iu',
                $line,
                $match,
            ) === 1
            && ($amount === null || $amount->bare)
        ) {
            $line = "{$match[2]} each {$match[1]}";
            $amount = JottedAmount::at($line, $reader->things->kit);
        }
        if (
            $amount !== null
            && preg_match('/^(?:each|apiece)\b\s*:?\s*(?:of\s+)?(.+)$/iu', $amount->rest, $match) === 1
        ) {
            $both = '';
            $names = (string) preg_replace_callback(
                '/\s*\((?:both|all)\s+([^)]*)\)/iu',
                static function (array $found) use (&$both): string {
                    $both = $found[1];

                    return '';
                },
                $match[1],
            );

            return array_map(
                fn (string $name): JottedLine => $reader->things->measured(
                    $amount,
                    $both === '' ? $name : "{$name}, {$both}",
                    $optional,
                ),
                $this->allAsTheFirst($reader, preg_split(self::SEPARATORS, $names) ?: []),
            );
        }
        if ($amount !== null && preg_match('/^(.+?)\s*,?\s+each$/iu', $amount->rest, $match) === 1) {
            return array_map(
                fn (string $name): JottedLine => $reader->things->measured($amount, $name, $optional),
                $this->allAsTheFirst($reader, preg_split(self::SEPARATORS, $match[1]) ?: []),
            );
        }

        return null;
    }

    /**
     * "cumin, caraway and coriander seed, toasted, ground": what is no thing at the end is how they are prepared.
     *
     * @param list<string> $names
     * @return list<string>
     */
    private function withTheirPreparation(LineReader $reader, array $names): array
    {
        while (
            count($names) > 1
            && ! $reader->things->naming->means($names[count($names) - 1])
            && ! str_contains($names[count($names) - 1], ' ')
        ) {
            $said = array_pop($names);
            $names = array_map(static fn (string $name): string => "{$name}, {$said}", $names);
        }

        return $names;
    }

    /**
     * "ground cumin and coriander": what is said of the first is meant of what may else be several things.
     *
     * @param list<string> $names
     * @return list<string>
     */
    private function allAsTheFirst(LineReader $reader, array $names): array
    {
        $said = (string) preg_replace('/\s.*$/u', '', $names[0] ?? '');

        return array_map(
            fn (string $name): string => $reader->things->naming->isUnsure($name)
                && $reader->things->naming->exactly($said) === null
                && $reader->things->naming->exactly("{$said} {$name}") !== null
                ? "{$said} {$name}"
                : $name,
            $this->withTheirPreparation($reader, $names),
        );
    }
}
