<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Models\PreferencesRecord;
use App\Pantry\Household;
use App\Pantry\Preferences;
use Illuminate\Http\Request;

/** The set that is owned, the scale's step, and the units and numbers that are read. */
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
    public function replace(Request $request, Schemas $schemas): array
    {
        /** @var array{measures: string, scale_g: float|int, mass: string, volume: string, decimal: string} $given */
        $given = $schemas->check('preferences', (string) $request->getContent());
        PreferencesRecord::keep(Preferences::of($given));
        $this->household->forget();

        return $this->show();
    }
}
