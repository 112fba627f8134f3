<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Pantry\OwnIngredient;

/**
 * An ingredient of the household’s own (own-ingredient.schema.json).
 *
 * @phpstan-import-type Definition from OwnIngredient
 */
final class OwnIngredientRequest extends SchemaRequest
{
    protected const SCHEMA = 'own-ingredient';

    /**
     * @return Definition
     */
    public function definition(): array
    {
        /** @var Definition $definition */
        $definition = $this->body;

        return $definition;
    }
}
