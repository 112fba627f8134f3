<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EquipmentRequest;
use App\Http\Resources\EquipmentResource;
use App\Models\EquipmentRecord;

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
        EquipmentRecord::replaceAll($request->given()['equipment']);

        return $this->index();
    }
}
