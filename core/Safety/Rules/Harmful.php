<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Recipe\WeighedLine;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/**
 * What makes ill, raw or at all: a hazard of the vocabulary is the trait of what is known, and in the name of what is
 * not.
 */
final class Harmful implements Rule
{
    public function of(Facts $sauce): array
    {
        $vocabulary = $sauce->cooked->weighed->vocabulary;
        $lines = [];
        foreach ($sauce->unknown() as $i => $line) {
            foreach ($vocabulary->hazardsNamed(self::words($line)) as $code => $hazard) {
                if (! ($hazard['until_cooked'] ?? false) || ! $sauce->isCooked($i)) {
                    $lines[$code][] = $line->line->id;
                }
            }
        }
        $cautions = [];
        foreach ($vocabulary->words['hazards'] as $code => $hazard) {
            $found = [...$lines[$code] ?? [], ...$sauce->rawHaving($code)];
            if ($found !== []) {
                $cautions[] = Caution::of(Grade::Stop, $code, $hazard['text'], $hazard['rule'], $found);
            }
        }

        return $cautions;
    }

    private static function words(WeighedLine $line): string
    {
        return implode(' ', [$line->line->amount, $line->line->ingredient, $line->line->prep]);
    }
}
