<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** All pans, jars, bottles and blenders of the household (equipment-list.schema.json). */
final class EquipmentRequest extends SchemaRequest
{
    protected const SCHEMA = 'equipment-list';

    /**
     * @return array{equipment: list<array{name: string, kind: string, ml: float|int, count: int,
     * width_cm: float|int|null}>, was?: list<array{name: string, kind: string, ml: float|int, count: int,
     * width_cm: float|int|null}>}
     */
    public function given(): array
    {
        /**
         * @var array{equipment: list<array{name: string, kind: string, ml: float|int, count: int,
         * width_cm: float|int|null}>, was?: list<array{name: string, kind: string, ml: float|int, count: int,
         * width_cm: float|int|null}>} $body
         */
        $body = $this->body;

        return $body;
    }
}
