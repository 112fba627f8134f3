<?php

declare(strict_types=1);

namespace Vinculum\Log;

/** One thing that was made otherwise than another time. */
final readonly class Change
{
    /**
     * @param string $key what moves, the same whichever way it does
     * @param float $size how far, in a change a cook makes on purpose: 1 for yes or no, half as much again for an
     *     amount or a time; negative the other way
     * @param string $name of the thing or the stage
     * @param string $is how it was made now, as it is written
     * @param string $was and before
     * @param string $other what it stands in place of
     */
    public function __construct(
        public ChangeKind $kind,
        public string $key,
        public float $size,
        public string $name,
        public string $is = '',
        public string $was = '',
        public string $other = '',
    ) {}
}
