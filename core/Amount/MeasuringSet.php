<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/** Which cup and spoons a bare "cup" or "tbsp" means. */
enum MeasuringSet: string
{
    case Us = 'us';
    case Metric = 'metric';
    case Imperial = 'imperial';
    case Australian = 'australian';
}
