<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\RequestRefused;
use App\Models\Batch;
use App\Models\StoredRecipe;
use App\Pantry\Household;
use App\Support\Schemas;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Evaluation\StopChoices;
use Vinculum\Recipe\Formats\RecipeDocument;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Recipe;

/**
 * From a document of unknown worth to an evaluation: checked against the schema, read, and handed to core.
 *
 * @phpstan-import-type RecipeArray from RecipeDocument
 */
final readonly class Evaluator
{
    public function __construct(private Schemas $schemas, private Household $household, private Styles $styles) {}

    /**
     * @throws InvalidRecipe naming each field and what is accepted
     * @throws RequestRefused where it is no JSON at all
     */
    public function read(string $json): Recipe
    {
        /** @var RecipeArray $checked */
        $checked = $this->schemas->check('recipe', $json);

        return RecipeDocument::read($checked);
    }

    /**
     * A recipe that is kept, evaluated: however it came to be broken, it is refused with the reason and takes nothing
     * else
     * down.
     *
     * @throws RequestRefused
     */
    public function stored(StoredRecipe $recipe): Evaluation
    {
        return $this->whole($recipe, fn (): Evaluation => $this->evaluate(RecipeDocument::read($recipe->document)));
    }

    /**
     * What somebody makes of a recipe or a batch that is kept, refused with the reason where it is broken.
     *
     * @template T
     *
     * @param \Closure(): T $make
     * @return T
     *
     * @throws RequestRefused
     * @throws UnreachableTarget as it comes: that is no matter of the recipe
     */
    public function whole(StoredRecipe|Batch $kept, \Closure $make): mixed
    {
        try {
            return $make();
        } catch (UnreachableTarget|RequestRefused $why) {
            throw $why;
        } catch (InvalidRecipe $why) {
            throw RequestRefused::broken(rtrim($why->getMessage(), '.').'.');
        } catch (\JsonException) {
            throw RequestRefused::broken('its text is torn.');
        } catch (\PDOException $why) {
            throw $why;
        } catch (\Throwable) {
            throw RequestRefused::broken($this->whatIsWrong((string) $kept->getRawOriginal('document')));
        }
    }

    /** By the schema, which says it in words where the reader could only stumble. */
    private function whatIsWrong(string $json): string
    {
        try {
            $this->read($json);
        } catch (InvalidRecipe|RequestRefused $why) {
            return rtrim($why->getMessage(), '.').'.';
        } catch (\Throwable) {
        }

        return 'it is not as a recipe should be.';
    }

    /**
     * The finished sauce for a few places to stop one stage.
     *
     * @return list<array{percent: float, evaluation: Evaluation, like: string|null}>
     */
    public function stops(Recipe $recipe, string $stage): array
    {
        $recipe = $recipe->measuredWith($this->household->vessels(), $this->household->preferences()->scaleStep);

        return StopChoices::of($recipe, $stage, $this->household->justFor($recipe), $this->styles->of($recipe->style));
    }

    public function evaluate(Recipe $recipe): Evaluation
    {
        $recipe = $recipe->measuredWith($this->household->vessels(), $this->household->preferences()->scaleStep);

        return Evaluation::of($recipe, $this->household->justFor($recipe), $this->styles->of($recipe->style));
    }
}
