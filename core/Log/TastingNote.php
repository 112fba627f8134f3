<?php

declare(strict_types=1);

namespace Vinculum\Log;

/** What somebody said of a batch with a spoon in the mouth. */
final readonly class TastingNote
{
    public const LEAST_LIKED = 1;

    public const MOST_LIKED = 9;

    /** @var list<string> how it felt, in the words of the remark */
    public array $textures;

    /**
     * @param string $who who tasted; nothing for whoever keeps the Log
     * @param array<string, float> $feels steps by Feel value, positive is too much, 0 for as it should be; what nobody
     *     spoke of is not in it
     * @param int|null $liking from 1 to 9; null where nobody said
     * @param string $note in the maker's words
     * @param Remark|null $heard what the words say; null where they were not read
     */
    public function __construct(
        public string $who,
        public array $feels,
        public ?int $liking,
        public bool $isHot,
        public string $note = '',
        private ?Remark $heard = null,
    ) {
        $this->textures = $heard->textures ?? [];
    }

    /** Steps of a taste as the spoon or, where that said nothing, the remark has it; null where neither spoke of it. */
    public function of(string $taste): ?float
    {
        return $this->feels[$taste] ?? $this->heard->feels[$taste] ?? null;
    }

    /** @return array<string, float> what the remark says of tastes, and the spoon did not */
    public function onlyHeard(): array
    {
        return array_diff_key($this->heard->feels ?? [], $this->feels);
    }
}
