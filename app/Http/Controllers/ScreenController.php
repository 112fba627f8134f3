<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;

/** The one page every screen is drawn on. */
final class ScreenController
{
    public function __invoke(): View
    {
        return view('screen');
    }
}
