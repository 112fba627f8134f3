<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Vinculum\Recipe\Formats\Json;

/**
 * A recipe document as JSON text, with what stands under "x-" keys exactly as it came.
 *
 * @implements CastsAttributes<array<array-key, mixed>, array<array-key, mixed>>
 */
final class DocumentCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        if ($value === null) {
            return null;
        }
        /** @var array<array-key, mixed> $document */
        $document = Json::arrays(Json::decode(is_string($value) ? $value : '{}'));

        return $document;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : Json::encode($value);
    }
}
