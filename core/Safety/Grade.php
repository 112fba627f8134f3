<?php

declare(strict_types=1);

namespace Vinculum\Safety;

/** How grave a caution is. Few are of the first kind, so that it is believed. */
enum Grade: string
{
    /** Do not eat it, or do not keep it, like this. */
    case Stop = 'stop';
    /** Do this, or it may go wrong. */
    case Mind = 'mind';
    case Know = 'know';
}
