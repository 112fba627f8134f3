<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** What becomes of a line: it stays in, it is steeped and lifted out, or it goes in whole. */
enum Handling: string
{
    case In = 'in';
    case Steeped = 'steeped';
    case Whole = 'whole';
}
