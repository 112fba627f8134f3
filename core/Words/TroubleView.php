<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Trouble\Trouble;
use Vinculum\Trouble\Troubles;

/** What goes wrong in a pot, as it is sent: with what mends it. */
final readonly class TroubleView
{
    public function __construct(private Speech $speech) {}

    /** @return list<array{stage: string, code: string, grade: string, text: string, mend: string, source: string}> */
    public function of(CookedRecipe $cooked): array
    {
        return array_map(
            fn (Trouble $trouble): array => [
                'stage' => $trouble->stage,
                'code' => $trouble->fault->value,
                'grade' => $trouble->isGrave ? 'mind' : 'know',
                'text' => $this->speech->say($trouble->text),
                'mend' => $this->speech->say($trouble->mend),
                'source' => $trouble->source,
            ],
            Troubles::of($cooked),
        );
    }
}
