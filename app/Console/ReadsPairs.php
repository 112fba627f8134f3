<?php

declare(strict_types=1);

namespace App\Console;

use Vinculum\Recipe\InvalidRecipe;

/** An option given as name:number, as often as needed. */
trait ReadsPairs
{
    /**
     * @param list<string>|null $names that are accepted; null for any
     * @return array<string, float>
     *
     * @throws InvalidRecipe
     */
    private function pairs(string $option, ?array $names, float $least, float $most): array
    {
        $pairs = [];
        /** @var list<string> $given */
        $given = $this->option($option);
        foreach ($given as $pair) {
            [$name, $number] = [...explode(':', $pair, 2), ''];
            if (
                ! is_numeric($number)
                || (float) $number < $least
                || (float) $number > $most
                || ($names !== null && ! in_array($name, $names, true))
            ) {
                throw InvalidRecipe::at(
                    "--{$option}",
                    "“{$pair}” is not accepted. Expected: NAME:NUMBER from {$least} to {$most}"
                        .($names === null ? '.' : ', where NAME is one of '.implode(', ', $names).'.'),
                );
            }
            if (isset($pairs[$name]) && $pairs[$name] !== (float) $number) {
                throw InvalidRecipe::at(
                    "--{$option}",
                    "“{$name}” is said twice, {$pairs[$name]} and {$number}. Which of them is it? Taste again and "
                        .'say one.',
                );
            }
            $pairs[$name] = (float) $number;
        }

        return $pairs;
    }
}
