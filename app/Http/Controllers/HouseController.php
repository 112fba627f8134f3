<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\Archive;
use App\House\Backups;
use App\House\Door;
use App\House\UnreadableArchive;
use App\Http\RequestRefused;
use App\Models\Batch;
use App\Models\OwnIngredientRecord;
use App\Models\StoredRecipe;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
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
            'bin' => array_values(StoredRecipe::onlyTrashed()->orderByDesc('deleted_at')->limit(200)->get()->map(static fn (StoredRecipe $recipe): array => ['id' => $recipe->id, 'name' => $recipe->name, 'deleted_at' => $recipe->deleted_at?->toIso8601ZuluString() ?? '', 'batches' => $recipe->batches()->count()])->all()),
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
        Backups::usual()->make();
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

    /** Thrown away for good; what was made from it keeps it. */
    public function forget(StoredRecipe $recipe): Response
    {
        if (! $recipe->trashed()) {
            throw new RequestRefused(409, 'not-in-the-bin', 'This recipe is on the Shelf. Delete it there first.');
        }
        if ($recipe->batches()->exists()) {
            throw new RequestRefused(409, 'has-batches', 'Batches were made from this recipe, and they keep it. It stays in the bin.');
        }
        $recipe->forceDelete();

        return new Response('', 204);
    }
}
