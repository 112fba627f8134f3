<?php

declare(strict_types=1);

namespace App\Documents;

use App\Recipes\Planner;
use Vinculum\Batch\Division;
use Vinculum\Batch\EquipmentFit;
use Vinculum\Batch\ScaledRecipe;
use Vinculum\Batch\Shopping;
use Vinculum\Batch\ShoppingLine;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Recipe\Recipe;

/** A batch planned, as the API sends it (plan.schema.json). */
final class PlanDocument
{
    /** Share of the cost from which a line is where it sits. */
    private const SITS = 0.2;

    private const SERVING_ML = 15.0;

    /**
     * @return array<string, mixed>
     */
    public static function of(ScaledRecipe $scaled, Recipe $given, Planner $planner, float $headspacePercent, string $portions): array
    {
        $kit = $planner->kit();
        $yield = $scaled->evaluation->estimates->volume()->value;
        $pan = EquipmentFit::pan($scaled->evaluation, $kit);
        $shopping = $planner->shopping([$scaled->evaluation->cooked->weighed]);
        $divided = [];
        $problem = '';
        try {
            $divided = trim($portions) === '' ? [] : Division::of($portions, $yield, $given->measures);
        } catch (UnreachableTarget $why) {
            $problem = $why->getMessage();
        }

        return [
            'scale' => ScaleDocument::of($scaled, $given),
            'pan_text' => $pan['text'] ?? '',
            'rounds' => $pan['rounds'] ?? 1,
            'blender_text' => EquipmentFit::blender($scaled->evaluation, $kit) ?? '',
            'jars_text' => self::jars(EquipmentFit::jars($yield, $kit, $headspacePercent)),
            'portions' => array_map(static fn (array $portion): array => ['name' => $portion['name'], 'text' => Wording::volume($portion['ml']), 'label' => $portion['label']], $divided),
            'portions_problem' => $problem,
            'shopping' => ShoppingDocument::of($shopping),
            'cost' => self::cost($scaled, $shopping, $yield),
            'cost_sits_text' => self::sits($shopping),
        ];
    }

    /**
     * @param array{filled: list<array{name: string, count: int, each_ml: float}>, part: array{name: string, ml: float}|null, over_ml: float}|null $jars
     */
    private static function jars(?array $jars): string
    {
        if ($jars === null) {
            return '';
        }
        $parts = array_map(static fn (array $jar): string => sprintf('%d × %s with %s each', $jar['count'], $jar['name'], Wording::volume($jar['each_ml'])), $jars['filled']);
        if ($jars['part'] !== null) {
            $parts[] = "one {$jars['part']['name']} with ".Wording::volume($jars['part']['ml']);
        }
        if ($jars['over_ml'] > 1.0) {
            $parts[] = Wording::volume($jars['over_ml']).' over, for tonight';
        }

        return $parts === [] ? 'None of your jars is small enough to be filled.' : ucfirst(implode(', ', $parts)).'.';
    }

    /**
     * @return list<array{label: string, text: string}>
     */
    private static function cost(ScaledRecipe $scaled, Shopping $shopping, float $yield): array
    {
        if ($shopping->usedCost <= 0.0) {
            return [];
        }
        $cost = [['label' => 'the batch', 'text' => ShoppingDocument::money($shopping->usedCost)]];
        if ($scaled->containers !== null) {
            $cost[] = ['label' => 'a jar of '.Wording::volume($scaled->containers['fill_ml']), 'text' => ShoppingDocument::money($shopping->usedCost * $scaled->containers['fill_ml'] / $yield)];
        }
        $cost[] = ['label' => 'a tablespoon', 'text' => ShoppingDocument::money($shopping->usedCost * self::SERVING_ML / $yield)];

        return $cost;
    }

    private static function sits(Shopping $shopping): string
    {
        if ($shopping->usedCost <= 0.0) {
            return '';
        }
        $lines = $shopping->lines;
        usort($lines, static fn (ShoppingLine $a, ShoppingLine $b): int => $b->usedCost <=> $a->usedCost);
        $parts = [];
        foreach ($lines as $line) {
            if (($line->usedCost ?? 0.0) >= self::SITS * $shopping->usedCost) {
                $parts[] = $line->ingredient->shortName().' '.Wording::percent(($line->usedCost ?? 0.0) / $shopping->usedCost);
            }
        }

        return $parts === [] ? '' : 'It sits in '.implode(', ', $parts).'.';
    }
}
