<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

/** What a line of a note is for. */
enum LineKind
{
    case Title;
    case Yield;
    case Servings;
    case Heading;
    case Ingredient;
    case Method;
    case Remark;
    case Rule;
}
