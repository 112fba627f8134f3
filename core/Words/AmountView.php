<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Amount\Amount;
use Vinculum\Amount\AmountTerm;
use Vinculum\Amount\Dimension;

/** An amount as it is set: each number with its fraction over a bar, and the unit behind it. */
final readonly class AmountView
{
    /**
     * @return list<array{
     *     number: array{whole: string, numerator: string, denominator: string},
     *     up_to: array{whole: string, numerator: string, denominator: string}|null,
     *     unit: string,
     * }> none where there is no amount
     */
    public static function terms(?Amount $amount, Speech $speech): array
    {
        return array_map(
            static fn (AmountTerm $term): array => [
                'number' => $speech->set($term->number),
                'up_to' => $term->number->upTo === null ? null : $speech->set($term->number->upTo),
                'unit'
                    => $term->words === '' || $term->unit?->dimension === Dimension::Count ? 'each' : $term->words,
            ],
            $amount->terms ?? [],
        );
    }
}
