<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\Until;
use Vinculum\Solve\Addition;

/** The recipe of a pot with what mends it behind its last stage. */
final readonly class StirredIn
{
    /** Minutes until pieces are soft, lid on; common practice, no source. */
    private const SOFTENS = 15.0;

    public function __construct(private Equations $equations) {}

    /**
     * The recipe with the remedy behind its last stage. Where the pot is not what the recipe makes, in proportion.
     *
     * @param list<Addition> $additions
     */
    public function applied(array $additions, float $boil, float $share): Recipe
    {
        $recipe = $this->equations->from->recipe;
        $recipe = $recipe->size === null ? $recipe : $recipe->inGrams($this->equations->from->cooked->weighed);
        $scale = 1 / $this->equations->share;
        $stages = $this->begun($recipe);
        $lines = [];
        $thickens = $softens = false;
        foreach ($additions as $i => $addition) {
            $grams = $addition->grams * $share * $scale;
            $text
                = abs($scale * $share - 1) < 1e-9
                    ? $addition->text
                    : LineWriter::weighed($grams, $this->equations->kit);
            $lines[] = new Line($recipe->freshId('a').'-'.($i + 1), $addition->ingredient->slug, $text);
            $thickens = $thickens || $addition->ingredient->perGram[Constituent::STARCH_RAW] > 0.5;
            $softens = $softens || $this->isCookedSoft($addition->ingredient);
        }
        $next = $recipe->freshId('t');
        if ($lines !== []) {
            $stages[] = new Stage(
                $next,
                'To taste',
                $lines,
                $thickens || $softens
                    ? new Process(ProcessKind::Simmer, minutes: $softens ? self::SOFTENS : 1.0, lid: true)
                    : null,
                extra: [Rescue::TO_TASTE => true],
            );
        }
        if ($boil > 0.0) {
            $added
                = array_sum(array_map(static fn (Addition $addition): float => $addition->grams, $additions))
                * $share;
            $stages[] = new Stage(
                "{$next}-b",
                'Boil down to taste',
                [],
                new Process(
                    ProcessKind::Simmer,
                    until: new Until(
                        'loss_percent',
                        round((100 * $boil * $share) / ($this->equations->pot->mass + $added), 2),
                    ),
                ),
                extra: [Rescue::TO_TASTE => true],
            );
        }

        return $recipe->withStages($stages);
    }

    /** @return list<Stage> as it stands when it is tasted */
    private function begun(Recipe $recipe): array
    {
        $planned = $this->equations->from->cooked->mixture->mass();
        $stages = $recipe->stages;
        $hangs = array_filter($recipe->lines(), static fn (Line $line): bool => $line->handling !== Handling::In);
        if ($hangs !== []) {
            // what was steeped is out before anything is stirred in
            $stages = [...array_slice($stages, 0, -1), ...array_map(
                static fn (Stage $last): Stage => $last->strained(),
                array_slice($stages, -1),
            )];
        }
        if ($this->equations->state->boiledFurther > 0.0) {
            $stages[] = new Stage(
                $recipe->freshId('s'),
                'Boiled down further',
                [],
                new Process(
                    ProcessKind::Simmer,
                    until: new Until('mass_g', $planned - $this->equations->state->boiledFurther),
                ),
            );
        }

        return $stages;
    }

    /** Pieces that go into a pot which simmers are cooked in it. */
    public function isCookedSoft(Ingredient $thing): bool
    {
        return $this->equations->isCooked()
            && $thing->form === Form::Pieces
            && $thing->isOf('fruit', 'vegetable', 'tomatoes');
    }
}
