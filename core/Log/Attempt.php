<?php

declare(strict_types=1);

namespace Vinculum\Log;

/** One try of a sauce: what was made, and what everybody said of it. */
final readonly class Attempt
{
    /**
     * @param int $number what it is called by
     * @param list<TastingNote> $notes
     */
    public function __construct(public int $number, public AsMade $made, public array $notes) {}

    /** @return array<string, non-empty-list<int>> from 1 to 9, by who said so */
    public function likings(): array
    {
        $likings = [];
        foreach ($this->notes as $note) {
            if ($note->liking !== null) {
                $likings[$note->who][] = $note->liking;
            }
        }

        return $likings;
    }
}
