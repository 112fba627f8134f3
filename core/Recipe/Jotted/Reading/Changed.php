<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Numeral;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/** An amount written down twice: before and after, or then and now. */
final readonly class Changed implements Construct
{
    /**
     * Written down twice: "soy sauce 512 g before, 468 g after" is what was used; "sugar 100 g -> 80 g" and "100 g
     * sugar
     * (was 120)" is the newer.
     *
     * @return list<JottedLine>|null
     */
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        $number = '(\d+(?:[.,]\d+)?)\s*(g|kg|ml|oz|tsp|tbsp|cups?)?';
        if (
            preg_match(
                "/^(.+?)[,:]?\\s+(?:from\\s+)?{$number}\\s*(?:before|full|"
                    ."to)[,;]?\\s*(?:and\\s+)?{$number}(?:\\s*(?:after|left|empty))?$/iu",
                $line,
                $match,
            ) === 1
        ) {
            $unit = ($match[5] ?? '') !== '' ? $match[5] : $match[3];
            $used = (float) strtr($match[2], ',', '.') - (float) strtr($match[4], ',', '.');

            return $unit === '' || $used <= 0.0
                ? null
                : [
                    $reader->things->line(
                        $match[1],
                        Numeral::digits($used).' '.mb_strtolower($unit),
                        $optional,
                        "before {$match[2]}, after {$match[4]} {$unit}",
                    ),
                ];
        }
        if (
            preg_match(
                "/^(.+?)[,:]?\\s+(?:from\\s+)?{$number}\\s*(?:→|->|=>|now)\\s*{$number}$/iu",
                $line,
                $match,
            ) === 1
            && $reader->things->naming->knows($match[1])
        ) {
            $unit = ($match[5] ?? '') !== '' ? $match[5] : $match[3];
            if ($unit === '') {
                return null;
            }
            [$old, $new] = ["{$match[2]} {$unit}", "{$match[4]} {$unit}"];

            return [
                $reader->things->line($match[1], $new, $optional, "was {$old}", [
                    ['amount', "It says {$old} and then {$new}: which is it now?", [$new, $old]],
                ]),
            ];
        }

        return null;
    }
}
