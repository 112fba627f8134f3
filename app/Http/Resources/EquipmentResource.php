<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\EquipmentRecord;
use Illuminate\Http\Request;

/**
 * A pan, jar, bottle or blender (equipment-list.schema.json).
 *
 * @mixin EquipmentRecord
 */
final class EquipmentResource extends Resource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'name' => $this->name,
            'kind' => $this->kind,
            'ml' => $this->millilitres,
            'count' => $this->count,
            'width_cm' => $this->width_cm,
        ];
    }
}
