<?php

declare(strict_types=1);

namespace Vinculum\Solve\Mend;

use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Ingredient;

/** What is to hand, asked by what it is for; what the pot is made of comes first. */
final readonly class Larder
{
    /**
     * @param list<Ingredient> $own lines of the pot
     * @param list<Ingredient> $have what else is there
     */
    public function __construct(private array $own, private array $have) {}

    public function starch(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isOf('starch')
            && $thing->perGram[Constituent::STARCH_RAW] > 0.5);
    }

    public function yolk(): ?Ingredient
    {
        $eggs = $this->all(static fn (Ingredient $thing): bool => $thing->is('raw-egg') && $thing->is('emulsifies'));
        usort($eggs, static fn (Ingredient $a, Ingredient $b): int
            => $b->perGram[Constituent::FAT] <=> $a->perGram[Constituent::FAT]);

        return $eggs[0] ?? null;
    }

    public function cream(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isOf('cream'));
    }

    /** Of dairy or plants, that pours. */
    public function milk(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isOf('milks')
            || ($thing->isOf('plant-dairy') && $thing->perGram[Constituent::FAT] < 0.1));
    }

    public function mustard(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isOf('prepared-mustard'));
    }

    /** What the pot was made with, to let it down. */
    public function ownAcid(): ?Ingredient
    {
        return $this->ofItsOwn('citrus-juice', 'vinegar');
    }

    /** Lemon before vinegar. */
    public function acid(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isOf('citrus-juice'))
            ?? $this->first(static fn (Ingredient $thing): bool => $thing->isOf('vinegar'));
    }

    public function wine(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isOf('wine'));
    }

    /** Of the pot alone: no other sauce is let down with it. */
    public function stock(): ?Ingredient
    {
        return $this->ofItsOwn('stock');
    }

    public function salt(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isPlain('salty'));
    }

    public function sugar(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isPlain('sweet'))
            ?? $this->first(static fn (Ingredient $thing): bool => $thing->isOf('dry-sugar', 'syrup'));
    }

    public function yoghurt(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isOf('cultured'));
    }

    /** Every kitchen has it. */
    public function water(): ?Ingredient
    {
        return $this->first(static fn (Ingredient $thing): bool => $thing->isPlain('water'));
    }

    private function ofItsOwn(string ...$kinds): ?Ingredient
    {
        foreach ($this->own as $thing) {
            if ($thing->isOf(...$kinds)) {
                return $thing;
            }
        }

        return null;
    }

    /** @param callable(Ingredient): bool $is */
    private function first(callable $is): ?Ingredient
    {
        return $this->all($is)[0] ?? null;
    }

    /**
     * @param callable(Ingredient): bool $is
     * @return list<Ingredient>
     */
    private function all(callable $is): array
    {
        return array_values(array_filter([...$this->own, ...$this->have], $is));
    }
}
