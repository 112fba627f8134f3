<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Models\EquipmentRecord;
use Illuminate\Http\Request;
use Vinculum\Batch\Equipment;

/** The pans, jars, bottles and blenders of the household. */
final class EquipmentController
{
    /**
     * @return array<string, mixed>
     */
    public function index(): array
    {
        return ['kit' => array_map(static fn (Equipment $each): array => ['name' => $each->name, 'kind' => $each->kind, 'ml' => $each->millilitres, 'count' => $each->count, 'width_cm' => $each->widthCm], EquipmentRecord::owned())];
    }

    /**
     * @return array<string, mixed>
     */
    public function replace(Request $request, Schemas $schemas): array
    {
        /** @var array{kit: list<array{name: string, kind: string, ml: float|int, count: int, width_cm: float|int|null}>} $given */
        $given = $schemas->check('kit-list', (string) $request->getContent());
        EquipmentRecord::replaceAll($given['kit']);

        return $this->index();
    }
}
