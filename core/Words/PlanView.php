<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Batch\Equipment;
use Vinculum\Batch\EquipmentFit;
use Vinculum\Batch\Making;
use Vinculum\Batch\ScaledRecipe;
use Vinculum\Batch\Shopping;
use Vinculum\Batch\ShoppingLine;
use Vinculum\Recipe\Recipe;

/** A batch planned, as the API sends it (plan.schema.json). */
final readonly class PlanView
{
    /** Share of the cost from which a line is where it sits. */
    private const SITS = 0.2;

    private const SERVING_ML = 15.0;

    public function __construct(private Speech $speech, private ShoppingView $shopping) {}

    /**
     * @param list<Equipment> $equipment
     * @param Shopping $shopping for this batch
     * @return array<string, mixed>
     */
    public function of(
        ScaledRecipe $scaled,
        Recipe $given,
        array $equipment,
        Shopping $shopping,
        Making $making,
    ): array {
        $yield = $scaled->evaluation->estimates->volume()->value;
        $pan = EquipmentFit::pan($scaled->evaluation, $equipment);

        return [
            'scale' => (new ScaleView($this->speech))->of($scaled, $given),
            'pan_text' => $pan === null ? '' : $this->speech->say($pan['text']),
            'rounds' => $pan['rounds'] ?? 1,
            'blender_text'
                => ($blender = EquipmentFit::blender($scaled->evaluation, $equipment)) === null
                    ? ''
                    : $this->speech->say($blender),
            // the jars that were asked for are the jars it goes into
            'jars_text' => $scaled->containers === null
                ? $this->jars(EquipmentFit::jars($yield, $equipment, $making->headspacePercent))
                : '',
            'shopping' => $this->shopping->of($shopping),
            'cost' => $this->cost($scaled, $shopping, $yield),
            'cost_sits_text' => $this->sits($shopping),
        ];
    }

    /**
     * @param array{
     *     filled: list<array{name: string, count: int, each_ml: float}>,
     *     part: array{name: string, ml: float}|null,
     *     over_ml: float,
     * }|null $jars
     */
    private function jars(?array $jars): string
    {
        if ($jars === null) {
            return '';
        }
        $parts = array_map(
            fn (array $jar): string => sprintf(
                '%d × %s with %s each',
                $jar['count'],
                $jar['name'],
                $this->speech->volume($jar['each_ml']),
            ),
            $jars['filled'],
        );
        if ($jars['part'] !== null) {
            $parts[] = "one {$jars['part']['name']} with ".$this->speech->volume($jars['part']['ml']);
        }
        if ($jars['over_ml'] > 1.0) {
            $parts[] = $this->speech->volume($jars['over_ml']).' over, for tonight';
        }

        return $parts === [] ? 'None of your jars is small enough to be filled.' : ucfirst(implode(', ', $parts)).'.';
    }

    /**
     * @return list<array{label: string, text: string}>
     */
    private function cost(ScaledRecipe $scaled, Shopping $shopping, float $yield): array
    {
        if ($shopping->usedCost <= 0.0) {
            return [];
        }
        $cost = [['label' => 'the batch', 'text' => $this->shopping->money($shopping->usedCost)]];
        if ($scaled->containers !== null) {
            $cost[] = [
                'label' => 'a jar of '.$this->speech->volume($scaled->containers['fill_ml']),
                'text' => $this->shopping->money(
                    ($shopping->usedCost * $scaled->containers['fill_ml']) / $yield,
                ),
            ];
        }
        $cost[] = [
            'label' => 'a tablespoon',
            'text' => $this->shopping->money(($shopping->usedCost * self::SERVING_ML) / $yield),
        ];

        return $cost;
    }

    private function sits(Shopping $shopping): string
    {
        if ($shopping->usedCost <= 0.0) {
            return '';
        }
        $lines = $shopping->lines;
        usort($lines, fn (ShoppingLine $a, ShoppingLine $b): int => $b->usedCost <=> $a->usedCost);
        $parts = [];
        foreach ($lines as $line) {
            if (($line->usedCost ?? 0.0) >= self::SITS * $shopping->usedCost) {
                $parts[]
                    = $line->ingredient->shortName()
                    .' '
                    .$this->speech->percent(($line->usedCost ?? 0.0) / $shopping->usedCost);
            }
        }

        return $parts === [] ? '' : 'It sits in '.implode(', ', $parts).'.';
    }
}
