<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Recipes\Styles;

/** The styles that ship with the product. */
final class StyleController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(Styles $styles): array
    {
        return ['styles' => $styles->all()];
    }
}
