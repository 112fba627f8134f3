<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PreferencesRequest;
use App\Models\PreferencesRecord;
use App\Pantry\Household;
use App\Pantry\Preferences;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\InvalidRecipe;

/** The set that is owned, the scale's step, what is read, and what never comes into the house. */
final readonly class PreferencesController
{
    public function __construct(private Household $household) {}

    /**
     * @return array<string, mixed>
     */
    public function show(): array
    {
        return $this->household->preferences()->document();
    }

    /**
     * @return array<string, mixed>
     */
    public function replace(PreferencesRequest $request, Catalogue $catalogue): array
    {
        $given = $request->given();
        foreach ($given['never'] ?? [] as $i => $named) {
            if ($catalogue->find($named) === null && ! isset($catalogue->vocabulary->words['needs'][$named])) {
                throw InvalidRecipe::at("never[{$i}]", 'is not accepted. Expected: one of '.implode(', ', array_keys($catalogue->vocabulary->words['needs'])).', or the slug of an ingredient.');
            }
        }
        foreach ($given['meanings'] ?? [] as $i => $meaning) {
            if ($catalogue->find($meaning['ingredient']) === null) {
                throw InvalidRecipe::at("meanings[{$i}].ingredient", 'is not accepted. Expected: the slug of an ingredient.');
            }
        }
        PreferencesRecord::keep(Preferences::of($given));
        $this->household->forget();

        return $this->show();
    }
}
