<?php

declare(strict_types=1);

namespace Vinculum\Log;

/** In what way something was made otherwise. */
enum ChangeKind: string
{
    /** More or less of a thing. */
    case Amount = 'amount';

    /** A thing that was not in it before. */
    case Added = 'added';

    case LeftOut = 'left-out';

    /** One thing in place of another. */
    case Instead = 'instead';

    /** Longer or shorter, further or less far. */
    case Longer = 'longer';

    /** A stage that is done otherwise, or was not there. */
    case Done = 'done';

    case NotDone = 'not-done';
}
