<?php

declare(strict_types=1);

namespace Vinculum\Safety;

/**
 * One caution, or a few that answer the same question. Every class in Rules/ is one, and is asked of every sauce: to
 * add a caution, add a file (docs/adding-a-caution.md). A rule asks for traits and for what happened, never for a name.
 */
interface Rule
{
    /** @return list<Caution> none where there is nothing to mind */
    public function of(Facts $sauce): array;
}
