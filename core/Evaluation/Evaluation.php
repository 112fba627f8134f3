<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Cooking\Kitchen;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedRecipe;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;
use Vinculum\Taste\Tasting;
use Vinculum\Taste\Verdict;

/** Everything that can be said of a recipe: weighed, cooked, tasted and held against its style. */
final readonly class Evaluation
{
    /** Share of the sauce from which fat matters; judgement. */
    private const FAT_MATTERS_FROM = 0.1;

    private function __construct(
        public Recipe $recipe,
        public CookedRecipe $cooked,
        public Tasting $tasting,
        public Estimates $estimates,
        public ?Style $style,
    ) {}

    public static function of(Recipe $recipe, Catalogue $catalogue, ?Style $style): self
    {
        return self::ofWeighed(WeighedRecipe::of($recipe, $catalogue), $style);
    }

    /** What the same recipe comes to with other weights, without writing them down. */
    public static function ofWeighed(WeighedRecipe $weighed, ?Style $style): self
    {
        $cooked = Kitchen::cook($weighed);

        return new self($weighed->recipe, $cooked, Tasting::of($cooked), new Estimates($cooked), $style);
    }

    /**
     * The same figure in the water of the sauce, where fat is enough to matter: what is dissolved is dissolved there,
     * and a tongue meets it as strong as it is there. Null where there is little fat, and for heat, which is in the
     * fat.
     */
    public function inTheWater(Measure $measure): ?float
    {
        $mass = $this->cooked->mixture->mass();
        $fat = $this->cooked->mixture->grams[Constituent::FAT];
        if (
            $measure === Measure::Heat
            || $measure === Measure::Umami
            || $fat < self::FAT_MATTERS_FROM * $mass
            || $fat >= $mass
        ) {
            return null;
        }

        return ($this->tasting->value($measure) * $mass) / ($mass - $fat);
    }

    /** What is drawn as one level: the style's aim, or a fixed scale where there is none. In the measure's unit. */
    public function scaleOf(Measure $measure): float
    {
        $aim = $this->style?->band($measure)->aim ?? 0.0;

        return $aim > 0.0 ? $aim : $measure->fixedScale();
    }

    /** Against the style's band for a measure; null without one. */
    public function verdict(Measure $measure): ?Verdict
    {
        $band = $this->style?->band($measure);

        return $band === null || $this->cooked->rows === []
            ? null
            : Verdict::of($measure, $this->tasting->measures[$measure->value]->figure, $band);
    }

    /**
     * @return list<Problem>
     */
    public function problems(): array
    {
        $style
            = is_string($this->recipe->style) && $this->style === null
                ? [Problem::unknownStyle($this->recipe->style)]
                : [];

        return [
            ...$style,
            ...$this->cooked->weighed->problems,
            ...$this->cooked->problems,
            ...UnlikelyAmount::problems($this->cooked),
        ];
    }
}
