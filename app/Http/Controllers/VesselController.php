<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\VesselsRequest;
use App\Models\Vessel;
use App\Pantry\Household;
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

        return ['vessels' => array_map(static fn (string $name, float $millilitres): array => ['name' => $name, 'millilitres' => $millilitres], array_keys($vessels), $vessels)];
    }

    /**
     * @return array<string, mixed>
     */
    public function replace(VesselsRequest $request): array
    {
        $given = $request->given();
        $vessels = [];
        foreach ($given['vessels'] as $i => $vessel) {
            $name = mb_strtolower(trim((string) preg_replace('/^(?:my|the|our)\s+/iu', '', trim($vessel['name']))));
            if ($name === '' || Units::find($name, MeasuringSet::Us) !== null || isset($vessels[$name])) {
                throw InvalidRecipe::at("vessels[{$i}].name", 'is not accepted. Expected: a name that is no measure already, such as blue mug.');
            }
            $vessels[$name] = (float) $vessel['millilitres'];
        }
        Vessel::replaceAll($vessels);
        $this->household->forget();

        return $this->index();
    }
}
