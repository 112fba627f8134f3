<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\Bin;

/** What was thrown away: put back, or thrown away for good. */
final class BinController
{
    /**
     * @return array<string, mixed>
     */
    public function restore(string $kind, string $id): array
    {
        Bin::putBack($kind, $id);

        return (new HouseController)->show();
    }

    /**
     * @return array<string, mixed>
     */
    public function destroy(string $kind, string $id): array
    {
        Bin::forget($kind, $id);

        return (new HouseController)->show();
    }

    /**
     * @return array<string, mixed>
     */
    public function empty(): array
    {
        Bin::empty();

        return (new HouseController)->show();
    }
}
