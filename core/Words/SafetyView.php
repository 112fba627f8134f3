<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Safety\Allergens;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Diet;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\KeepingTime;

/** What a sauce contains, who can eat it as far as its lines say, how long it keeps, and what to mind. */
final readonly class SafetyView
{
    public function __construct(private Speech $speech) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Evaluation $evaluation): array
    {
        $facts = Facts::of($evaluation);
        $allergens = Allergens::of($evaluation->cooked->weighed);
        $cautions = Cautions::of($facts);
        $times = KeepingTime::of($facts, $cautions);

        return [
            'headline' => $this->headline($cautions, $times),
            'contains' => $this->named($allergens['contains'], $evaluation),
            'check' => $this->named($allergens['check'], $evaluation),
            'unsaid' => $this->names($allergens['unsaid'], $evaluation),
            'diets'
                => $cautions === []
                    ? []
                    : array_map(
                        fn (Diet $diet): array => $this->diet($diet, $evaluation),
                        Diet::all($evaluation->cooked->weighed->vocabulary),
                    ),
            'cautions' => array_map($this->caution(...), $cautions),
            'times' => $times === null ? null : $this->times($times),
        ];
    }

    /**
     * What whoever is handed the recipe has to know of it: what it contains, what to stop at, how long it keeps.
     *
     * @return list<string>
     */
    public function onTheCard(Evaluation $evaluation): array
    {
        $facts = Facts::of($evaluation);
        $allergens = Allergens::of($evaluation->cooked->weighed);
        $cautions = Cautions::of($facts);
        $contains = array_column($this->named($allergens['contains'], $evaluation), 'name');
        $check = array_column($this->named($allergens['check'], $evaluation), 'name');

        return array_values(array_filter([
            $contains === [] ? '' : 'Contains '.implode(', ', $contains).'.',
            $check === [] ? '' : 'May contain '.implode(', ', $check).': check the labels of what goes in.',
            $allergens['unsaid'] === []
                ? ''
                : 'Nobody has said what is in '.$this->names($allergens['unsaid'], $evaluation).': read its label.',
            ...array_map(
                fn (Caution $caution): string => $this->speech->say($caution->text),
                array_filter($cautions, static fn (Caution $caution): bool => $caution->grade !== Grade::Know),
            ),
            KeepingTime::of($facts, $cautions)?->text() ?? '',
        ], static fn (string $said): bool => $said !== ''));
    }

    /** @return array{code: string, grade: string, text: string, rule: string, lines: list<string>} */
    public function caution(Caution $caution): array
    {
        return [
            'code' => $caution->code,
            'grade' => $caution->grade->value,
            'text' => $this->speech->say($caution->text),
            'rule' => $caution->rule,
            'lines' => $caution->lines,
        ];
    }

    /** @return array{short: string, text: string, rule: string} */
    public function times(KeepingTime $times): array
    {
        return ['short' => $times->short(), 'text' => $times->text(), 'rule' => $times->rule];
    }

    /** @param list<Caution> $cautions */
    private function headline(array $cautions, ?KeepingTime $times): string
    {
        $stops = count(array_filter($cautions, static fn (Caution $caution): bool => $caution->grade === Grade::Stop));

        return match (true) {
            $cautions === [] => '',
            $stops > 0 => $stops === 1 ? '1 thing to stop at' : "{$stops} things to stop at",
            default => $times?->short() ?? 'fridge, dated',
        };
    }

    /**
     * @param array<string, list<string>> $allergens line ids, by allergen
     * @return list<array{name: string, from: string}>
     */
    private function named(array $allergens, Evaluation $evaluation): array
    {
        $named = [];
        foreach ($allergens as $allergen => $lines) {
            $named[] = [
                'name' => $evaluation->cooked->weighed->vocabulary->allergenName($allergen),
                'from' => $this->names($lines, $evaluation),
            ];
        }

        return $named;
    }

    /**
     * @return array{name: string, state: string, text: string}
     */
    private function diet(Diet $diet, Evaluation $evaluation): array
    {
        $found = $diet->of($evaluation->cooked);
        [$state, $text] = match (true) {
            $found['against'] !== [] => ['against', 'not with '.$this->names($found['against'], $evaluation)],
            $found['check'] !== [] => ['check', 'check the label of '.$this->names($found['check'], $evaluation)],
            default => ['fits', 'nothing in its lines against it'],
        };

        return ['name' => $diet->name, 'state' => $state, 'text' => $text];
    }

    /**
     * @param list<string> $ids
     */
    private function names(array $ids, Evaluation $evaluation): string
    {
        $names = [];
        foreach ($evaluation->cooked->weighed->lines as $line) {
            if (in_array($line->line->id, $ids, true)) {
                $names[] = $line->ingredient?->shortName() ?? $line->line->ingredient;
            }
        }

        return implode(', ', array_unique($names));
    }
}
