<?php

declare(strict_types=1);

namespace Vinculum\Solve\Mend;

/** What a cook says of a pot that is no taste: how it looks and feels. */
enum Complaint: string
{
    case Split = 'split';
    case Curdled = 'curdled';
    case Lumpy = 'lumpy';
    case Grainy = 'grainy';
    case TooFirm = 'too-firm';
    case Pasty = 'pasty';
    case Burnt = 'burnt';
    case Bitter = 'bitter';
    case Oily = 'oily';
    case ThinAgain = 'thin-again';
}
