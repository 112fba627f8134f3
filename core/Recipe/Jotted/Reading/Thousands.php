<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Recipe\Jotted\LineReader;

/** "1,000 g" and "1.000 g" are a kilogram to most who write them, and one gram to a scale. */
final readonly class Thousands implements Construct
{
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        if (preg_match('/^(\d{1,3})([.,])(\d{3})(?=\s*(?:g|gr|grams?|ml)\b)(\s*\p{L}+)/iu', $line, $match) !== 1) {
            return null;
        }
        [$many, $few] = ["{$match[1]}{$match[3]}{$match[4]}", "{$match[1]}.{$match[3]}{$match[4]}"];
        $read = $reader->unasked($many.substr($line, strlen($match[0])));

        return [
            $read[0]->asking('amount', "Is “{$match[0]}” {$many}, or {$few}?", [$many, $few]),
            ...array_slice($read, 1),
        ];
    }
}
