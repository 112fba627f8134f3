<?php

declare(strict_types=1);

namespace App\Documents;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Diet;

/** What a sauce contains, who can eat it as far as its lines say, and what to mind. */
final readonly class SafetyDocument
{
    private function __construct(private Evaluation $evaluation) {}

    /**
     * @return array<string, mixed>
     */
    public static function of(Evaluation $evaluation): array
    {
        $keeping = new self($evaluation);
        $allergens = Allergens::of($evaluation->cooked->weighed);
        $cautions = Cautions::of($evaluation->cooked);
        $grave = count(array_filter($cautions, static fn (Caution $caution): bool => $caution->isGrave));
        $contains = $keeping->named($allergens['contains']);

        return [
            'headline' => match (true) {
                $cautions === [] => '',
                $grave > 0 => $grave === 1 ? '1 thing to mind' : "{$grave} things to mind",
                default => 'fridge, dated',
            },
            'contains' => $contains,
            'check' => $keeping->named($allergens['check']),
            'diets' => $cautions === [] ? [] : array_map($keeping->diet(...), Diet::cases()),
            'cautions' => array_map(static fn (Caution $caution): array => ['code' => $caution->code, 'text' => $caution->text, 'rule' => $caution->rule, 'grave' => $caution->isGrave], $cautions),
        ];
    }

    /**
     * @param array<string, list<string>> $allergens line ids, by allergen
     * @return list<array{name: string, from: string}>
     */
    private function named(array $allergens): array
    {
        $named = [];
        foreach ($allergens as $allergen => $lines) {
            $named[] = ['name' => Allergens::LISTED[$allergen][0], 'from' => $this->names($lines)];
        }

        return $named;
    }

    /**
     * @return array{name: string, state: string, text: string}
     */
    private function diet(Diet $diet): array
    {
        $found = $diet->of($this->evaluation->cooked);

        return [
            'name' => $diet->words(),
            'state' => match (true) {
                $found['against'] !== [] => 'against',
                $found['check'] !== [] => 'check',
                default => 'fits',
            },
            'text' => match (true) {
                $found['against'] !== [] => 'not with '.$this->names($found['against']),
                $found['check'] !== [] => 'check the label of '.$this->names($found['check']),
                default => 'nothing in its lines against it',
            },
        ];
    }

    /**
     * @param list<string> $ids
     */
    private function names(array $ids): string
    {
        $names = [];
        foreach ($this->evaluation->cooked->weighed->lines as $line) {
            if (in_array($line->line->id, $ids, true)) {
                $names[] = $line->ingredient?->shortName() ?? $line->line->ingredient;
            }
        }

        return implode(', ', array_unique($names));
    }
}
