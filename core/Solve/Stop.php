<?php

declare(strict_types=1);

namespace Vinculum\Solve;

/** Why the optimiser stopped. */
enum Stop: string
{
    case Optimal = 'optimal';
    case Infeasible = 'infeasible';
    case Stopped = 'stopped';
}
