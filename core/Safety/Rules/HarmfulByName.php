<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Safety\Caution;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/** What is not in the catalogue, and can make ill by its name, or can until it has been cooked. */
final class HarmfulByName implements Rule
{
    public function of(Facts $sauce): array
    {
        $lines = [];
        $hazards = [];
        foreach ($sauce->cooked->weighed->lines as $i => $line) {
            if ($line->ingredient !== null || $line->line->leftOut) {
                continue;
            }
            $words = implode(' ', [$line->line->amount, $line->line->ingredient, $line->line->prep]);
            $named = array_filter(
                $sauce->cooked->weighed->vocabulary->hazardsNamed($words),
                static fn (array $hazard): bool => ! (($hazard['until_cooked'] ?? false) && $sauce->isCooked($i)),
            );
            $hazards += $named;
            foreach (array_keys($named) as $code) {
                $lines[$code][] = $line->line->id;
            }
        }

        return array_map(
            static fn (string $code): Caution => Caution::of(
                Grade::Stop,
                $code,
                $hazards[$code]['text'],
                $hazards[$code]['rule'],
                $lines[$code] ?? [],
            ),
            array_keys($hazards),
        );
    }
}
