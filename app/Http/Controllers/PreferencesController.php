<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PreferencesRequest;
use App\Models\PreferencesRecord;
use App\Pantry\Household;
use App\Pantry\Preferences;
use App\Support\Merge;
use Illuminate\Support\Facades\DB;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\InvalidRecipe;

/**
 * The set that is owned, the scale's step, what is read, and what never comes into the house.
 *
 * @phpstan-import-type PreferencesArray from Preferences
 */
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
                throw InvalidRecipe::at(
                    "never[{$i}]",
                    'is not accepted. Expected: one of '
                        .implode(', ', array_keys($catalogue->vocabulary->words['needs']))
                        .', or the slug of an ingredient.',
                );
            }
        }
        foreach ($given['meanings'] ?? [] as $i => $meaning) {
            if ($catalogue->find($meaning['ingredient']) === null) {
                throw InvalidRecipe::at(
                    "meanings[{$i}].ingredient",
                    'is not accepted. Expected: the slug of an ingredient.',
                );
            }
        }
        $was = $request->was();
        DB::transaction(static function () use ($given, $was): void {
            $now = PreferencesRecord::query()->first()?->preferences()->document() ?? $given;
            $merged = $was === [] ? $given : Merge::fields($now, $was, $given, self::lists());
            /** @var PreferencesArray $merged */
            PreferencesRecord::keep(Preferences::of($merged));
        });
        $this->household->forget();

        return $this->show();
    }

    /**
     * What one entry of a list is known by, where two have changed the list.
     *
     * @return array<string, \Closure(mixed): string>
     */
    private static function lists(): array
    {
        $wordsOf = static fn (mixed $meaning): mixed => is_array($meaning) ? $meaning['words'] ?? null : null;

        return [
            'meanings' => static fn (mixed $meaning): string => is_string($wordsOf($meaning)) ? $wordsOf($meaning) : '',
            'never' => static fn (mixed $named): string => is_string($named) ? $named : '',
        ];
    }
}
