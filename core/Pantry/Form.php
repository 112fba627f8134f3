<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Amount\Spread;

/** How a thing lies in a cup, which decides how well a cup of it is known. */
enum Form: string
{
    case Liquid = 'liquid';
    case Paste = 'paste';
    case Powder = 'powder';
    case Pieces = 'pieces';

    /** Half-width in ln(mass) of a level measure of this volume in millilitres. */
    public function spread(float $millilitres): float
    {
        return match (true) {
            $this === self::Pieces => Spread::CUP_OF_PIECES,
            $this === self::Liquid && $millilitres >= Spread::CUP_FROM_ML => Spread::CUP_OF_LIQUID,
            default => Spread::LEVEL_SPOON,
        };
    }
}
