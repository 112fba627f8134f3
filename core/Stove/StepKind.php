<?php

declare(strict_types=1);

namespace Vinculum\Stove;

/** What a maker does at one point of a cook. */
enum StepKind: string
{
    case Gather = 'gather';
    case Prepare = 'prepare';
    case Add = 'add';
    case Heat = 'heat';
    case Wait = 'wait';
    case Blend = 'blend';
    case Strain = 'strain';
    case Taste = 'taste';
    case Cool = 'cool';
    case SetApart = 'set-apart';
    case Serve = 'serve';
    case Fill = 'fill';
    case Rest = 'rest';
}
