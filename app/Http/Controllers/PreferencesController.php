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
        DB::transaction(static function () use ($given): void {
            $was = $given['was'] ?? [];
            unset($given['was']);
            $now = PreferencesRecord::query()->first()?->preferences()->document() ?? $given;
            $merged = $was === [] ? $given : Merge::fields($now, $was, $given, ['meanings' => static fn (mixed $meaning): string => is_array($meaning) && is_string($meaning['words'] ?? null) ? $meaning['words'] : '', 'never' => static fn (mixed $named): string => is_string($named) ? $named : '']);
            /** @var array{measures: string, scale_g: float|int, mass: 'g'|'oz', volume: 'ml'|'cup'|'fl oz', decimal: 'point'|'comma', scale?: bool, eighths?: bool, never?: list<string>, meanings?: list<array{words: string, ingredient: string}>, kitchen?: array{rings: int, oven: bool, wakes: string, sleeps: string, zone: string}} $merged */
            PreferencesRecord::keep(Preferences::of($merged));
        });
        $this->household->forget();

        return $this->show();
    }
}
