<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EquipmentRequest;
use App\Http\Resources\EquipmentResource;
use App\Models\EquipmentRecord;
use App\Support\Merge;
use Illuminate\Support\Facades\DB;

/** The pans, jars, bottles and blenders of the household. */
final class EquipmentController
{
    /**
     * @return array<string, mixed>
     */
    public function index(): array
    {
        return ['equipment' => EquipmentResource::collection(EquipmentRecord::query()->orderBy('id')->get())];
    }

    /**
     * @return array<string, mixed>
     */
    public function replace(EquipmentRequest $request): array
    {
        $given = $request->given();
        DB::transaction(static function () use ($given): void {
            $now = array_map(static fn (EquipmentRecord $each): array => $each->document(), [
                ...EquipmentRecord::query()->orderBy('id')->get(),
            ]);
            EquipmentRecord::replaceAll(
                Merge::lists(
                    $now,
                    $given['was'] ?? $now,
                    $given['equipment'],
                    static fn (array $each): string => "{$each['kind']} {$each['name']}",
                ),
            );
        });

        return $this->index();
    }
}
