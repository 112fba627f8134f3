<?php

declare(strict_types=1);

namespace Vinculum\Figure;

/** What a number within a sentence is a number of. */
enum QuantityKind
{
    case Mass;
    case Volume;
    case Number;
    case Percent;
    case Steps;
    case Minutes;
}
