<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\VesselsRequest;
use App\Models\Vessel;
use App\Pantry\Household;
use App\Support\Merge;
use Illuminate\Support\Facades\DB;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Units;
use Vinculum\Recipe\InvalidRecipe;

/** The household's own measures: "the blue mug", "my ladle". */
final readonly class VesselController
{
    public function __construct(private Household $household) {}

    /**
     * @return array<string, mixed>
     */
    public function index(): array
    {
        $vessels = $this->household->vessels();

        return [
            'vessels' => array_map(
                static fn (string $name, float $millilitres): array => ['name' => $name, 'millilitres' => $millilitres],
                array_keys($vessels),
                $vessels,
            ),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public function replace(VesselsRequest $request): array
    {
        $given = $request->given();
        $wanted = [];
        foreach ($given['vessels'] as $i => $vessel) {
            $name = self::plain($vessel['name']);
            if (
                preg_match('/\p{L}/u', $name) !== 1
                || Units::find($name, MeasuringSet::Us) !== null
                || isset($wanted[$name])
            ) {
                throw InvalidRecipe::at(
                    "vessels[{$i}].name",
                    'is not accepted. Expected: a name that is no measure already, such as blue mug.',
                );
            }
            $wanted[$name] = ['name' => $name, 'millilitres' => (float) $vessel['millilitres']];
        }
        DB::transaction(static function () use ($given, $wanted): void {
            $now = array_map(
                static fn (Vessel $vessel): array => ['name' => $vessel->name, 'millilitres' => $vessel->millilitres],
                [...Vessel::query()->orderBy('name')->get()],
            );
            $was = array_map(
                static fn (array $vessel): array => [
                    'name' => self::plain($vessel['name']),
                    'millilitres' => (float) $vessel['millilitres'],
                ],
                $given['was'] ?? $now,
            );
            $merged = Merge::lists(
                $now,
                $was,
                array_values($wanted),
                static fn (array $vessel): string => $vessel['name'],
            );
            Vessel::replaceAll(array_column($merged, 'millilitres', 'name'));
        });
        $this->household->forget();

        return $this->index();
    }

    private static function plain(string $name): string
    {
        return mb_strtolower(trim((string) preg_replace('/^(?:my|the|our)\s+/iu', '', trim($name))));
    }
}
