<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\Archive;
use App\House\Backups;
use App\House\Bin;
use App\House\Door;
use App\House\UnreadableArchive;
use App\Http\RequestRefused;
use App\Models\Batch;
use App\Models\OwnIngredientRecord;
use App\Models\StoredRecipe;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What this house keeps, the copies of it, and what was thrown away. */
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
            'copies' => array_map(static fn (array $copy): array => ['name' => basename($copy['path']), 'at' => $copy['at']->toIso8601ZuluString(), 'kilobytes' => (int) ceil($copy['bytes'] / 1024)], array_slice($copies, 0, 30)),
            'bin' => Bin::all(),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public function copy(): array
    {
        Backups::usual()->make();

        return $this->show();
    }

    /**
     * What putting a copy back would change; nothing is changed.
     *
     * @return array{name: string, changes: list<string>}
     */
    public function look(string $copy): array
    {
        return ['name' => $copy, 'changes' => Archive::differences(Archive::read($this->path($copy)))];
    }

    /**
     * A copy put back, after one of how the house is now.
     *
     * @return array<string, mixed>
     */
    public function putBack(string $copy, Request $request): array
    {
        if (Door::isFromOutside($request)) {
            throw new RequestRefused(403, 'first-machine-only', 'This is done on the first machine, the one the product runs on.');
        }
        $tables = Archive::read($this->path($copy));
        Backups::usual()->beforeRestore();
        Archive::restore($tables);

        return $this->show();
    }

    /** Of a copy that is listed, and of no other file. */
    private function path(string $copy): string
    {
        foreach (Backups::usual()->all() as $each) {
            if (basename($each['path']) === $copy) {
                return $each['path'];
            }
        }
        throw new RequestRefused(404, 'not-found', 'There is no copy of that name any more.');
    }

    /** All of it, to take along. */
    public function archive(): BinaryFileResponse
    {
        $path = tempnam(sys_get_temp_dir(), 'house');
        if ($path === false) {
            throw new UnreadableArchive('There is no room for a copy. Free some of the disk.');
        }
        Archive::write($path);

        return (new BinaryFileResponse($path, 200, ['Content-Type' => 'application/zip', 'Content-Disposition' => 'attachment; filename="vinculum-house.zip"']))->deleteFileAfterSend();
    }

    /**
     * @return array<string, mixed>
     */
    public function restore(string $kind, string $id): array
    {
        Bin::putBack($kind, $id);

        return $this->show();
    }

    /**
     * @return array<string, mixed>
     */
    public function forget(string $kind, string $id): array
    {
        Bin::forget($kind, $id);

        return $this->show();
    }

    /**
     * @return array<string, mixed>
     */
    public function empty(): array
    {
        Bin::empty();

        return $this->show();
    }
}
