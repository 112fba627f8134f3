<?php

declare(strict_types=1);

namespace Vinculum\Trouble;

/** What may go wrong in a pot, by the word a cook has for it. */
enum Fault: string
{
    case Curdles = 'curdles';
    case Scrambles = 'scrambles';
    /** Oil and water part while it stands. */
    case Splits = 'splits';
    /** Oil that was held, or was to be held, comes out. */
    case BreaksOil = 'breaks-oil';
    case DoesNotSet = 'does-not-set';
    case SetsTooFirm = 'sets-too-firm';
    case Pasty = 'pasty';
    case ThinsAgain = 'thins-again';
    case Scorches = 'scorches';
    case Crystallises = 'crystallises';
    case Lumps = 'lumps';
    case GrainsStay = 'grains-stay';
}
