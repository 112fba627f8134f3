<?php

declare(strict_types=1);

namespace Vinculum\Solve;

/** What a line is in its recipe. */
enum Role: string
{
    /** It stands in the sauce's name, or its style is made of it. */
    case NamesIt = 'names-it';
    /** It gives the volume. */
    case Body = 'body';
    /** Salt, sugar, plain acid, water, plain fat: free to move. */
    case Seasoning = 'seasoning';
    /** Strong in smell, bite or heat. */
    case Accent = 'accent';
    case Part = 'part';
}
