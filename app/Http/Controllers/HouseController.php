<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\Archive;
use App\House\Backups;
use App\House\Bin;
use App\House\UnreadableArchive;
use App\Models\Batch;
use App\Models\OwnIngredientRecord;
use App\Models\StoredRecipe;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What this house keeps, and all of it to take along. */
final class HouseController
{
    /**
     * @return array<string, mixed>
     */
    public function show(): array
    {
        $copies = Backups::usual()->all();

        return [
            'recipes' => StoredRecipe::query()->count(),
            'batches' => Batch::query()->count(),
            'own_ingredients' => OwnIngredientRecord::query()->count(),
            'copies' => array_map(
                static fn (array $copy): array => [
                    'name' => basename($copy['path']),
                    'at' => $copy['at']->toIso8601ZuluString(),
                    'kilobytes' => (int) ceil($copy['bytes'] / 1024),
                ],
                array_slice($copies, 0, 30),
            ),
            'bin' => Bin::all(),
        ];
    }

    /** All of it, to take along. */
    public function archive(): BinaryFileResponse
    {
        $path = tempnam(sys_get_temp_dir(), 'house');
        if ($path === false) {
            throw new UnreadableArchive('There is no room for a copy. Free some of the disk.');
        }
        Archive::write($path);

        return (new BinaryFileResponse($path, 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => 'attachment; filename="vinculum-house.zip"',
        ]))->deleteFileAfterSend();
    }
}
