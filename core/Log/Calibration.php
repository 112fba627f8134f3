<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Mixture\Brix;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Mixture\Nutrition;
use Vinculum\Pantry\Ingredient;

/**
 * The ingredient whose own strength a surprising reading most likely tells of: the one that leaves the figure most in
 * doubt.
 */
final readonly class Calibration
{
    /** A thing of its kind differs by no more than this pH; beyond, it is something else; judgement. */
    private const PH_DIFFERS = 0.8;

    private const TIMES = 2.0;

    /**
     * @param string $field the value of an own ingredient it is about: ph, sugars_g or sodium_mg
     * @param float $now that value as the pantry has it
     * @param float $slope d(figure) / d(value)
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $field,
        public float $now,
        public float $slope,
    ) {}

    /** Null where no line's strength moves it: a weight hangs on the hob. */
    public static function of(CookedRecipe $cooked, string $kind): ?self
    {
        $best = null;
        $most = 0.0;
        foreach ($cooked->rows as $i => $row) {
            $ingredient = $cooked->weighed->lines[$i]->ingredient;
            if ($ingredient === null) {
                continue;
            }
            $candidate = self::by($cooked, $row, $ingredient, $kind);
            if ($candidate === null || $candidate->slope <= 0.0) {
                continue;
            }
            $doubt
                = $candidate->slope
                * ($kind === 'ph' ? $ingredient->certainty->ph() : $ingredient->certainty->general() * $candidate->now);
            if ($doubt > $most) {
                [$best, $most] = [$candidate, $doubt];
            }
        }

        return $best;
    }

    /** What the ingredient would be, if it alone were why the reading differs; null where that cannot be. */
    public function corrected(float $estimate, float $reading): ?float
    {
        $value = $this->now + ($reading - $estimate) / $this->slope;

        return match ($this->field) {
            'ph' => abs($value - $this->now) <= self::PH_DIFFERS ? $value : null,
            default => $value >= $this->now / self::TIMES && $value <= $this->now * self::TIMES ? $value : null,
        };
    }

    /**
     * @param array<int, float> $row
     */
    private static function by(CookedRecipe $cooked, array $row, Ingredient $ingredient, string $kind): ?self
    {
        $mass = $cooked->mixture->mass();
        $sugars = 100 * Nutrition::sugars($ingredient->perGram);
        $sodium = 1e5 * $ingredient->perGram[Constituent::SODIUM];

        return match (true) {
            $kind === 'ph' && $ingredient->ph !== null && $cooked->acidity !== null => new self(
                $ingredient->slug,
                $ingredient->shortName(),
                'ph',
                $ingredient->ph,
                $cooked->acidity->bufferOf($row) / $cooked->acidity->buffer,
            ),
            $kind === 'brix' && $sugars > 0.0 => new self(
                $ingredient->slug,
                $ingredient->shortName(),
                'sugars_g',
                $sugars,
                (100 * Nutrition::sugars($row)) / Brix::liquid($cooked->mixture->grams) / $sugars,
            ),
            $kind === 'salt' && $sodium > 0.0 => new self(
                $ingredient->slug,
                $ingredient->shortName(),
                'sodium_mg',
                $sodium,
                (100 * $row[Constituent::SODIUM] * Density::SALT_PER_SODIUM) / $mass / $sodium,
            ),
            default => null,
        };
    }
}
