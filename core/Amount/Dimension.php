<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/** What a unit measures. A count has no size of its own: the ingredient says what one clove weighs. */
enum Dimension: string
{
    case Mass = 'mass';
    case Volume = 'volume';
    case Count = 'count';
    case Part = 'part';
}
