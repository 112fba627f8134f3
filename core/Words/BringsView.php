<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Safety\Brings;

/** What a proposal brings, as every answer carries it (brings.schema.json). */
final class BringsView
{
    /** @return array{allergens: list<string>, check: list<string>, other: list<string>} */
    public static function of(Brings $brings): array
    {
        return ['allergens' => $brings->allergens, 'check' => $brings->check, 'other' => $brings->other];
    }
}
