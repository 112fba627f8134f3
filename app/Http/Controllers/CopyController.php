<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\Archive;
use App\House\Backups;
use App\House\Door;
use App\Http\RequestRefused;
use Illuminate\Http\Request;

/** Copies of the house. */
final class CopyController
{
    /**
     * @return array<string, mixed>
     */
    public function store(): array
    {
        Backups::usual()->make();

        return (new HouseController)->show();
    }

    /**
     * What putting a copy back would change; nothing is changed.
     *
     * @return array{name: string, changes: list<string>}
     */
    public function show(string $copy): array
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
            throw new RequestRefused(
                403,
                'first-machine-only',
                'This is done on the first machine, the one the product runs on.',
            );
        }
        $tables = Archive::read($this->path($copy));
        Backups::usual()->beforeRestore();
        Archive::restore($tables);

        return (new HouseController)->show();
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
}
