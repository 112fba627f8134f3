<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\ScreenScripts;
use Illuminate\Contracts\View\View;

/** The one page every screen is drawn on. */
final class ScreenController
{
    public function __invoke(string $screen = ''): View
    {
        return view('screen', [
            'asked' => $this->asked($screen),
            'scripts' => ScreenScripts::of(explode('/', $screen, 2)[0]),
        ]);
    }

    /**
     * What the screen will ask first, as the front end asks it: the browser fetches it while it still reads the
     * scripts.
     */
    private function asked(string $screen): ?string
    {
        [$name, $id] = explode('/', "{$screen}/");

        return match (true) {
            $name === 'bench' => '/api/bench'.($id === '' ? '' : '?recipe='.rawurlencode($id)),
            $name === 'shelf', $name === '' => '/api/recipes?q=&page=0&by=family',
            default => null,
        };
    }
}
