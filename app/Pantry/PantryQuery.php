<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Models\OwnIngredientRecord;
use Illuminate\Http\Request;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Strength;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Taste\Measure;

/** What a maker looks for in the pantry: by name, role, allergen, strength, and what is on hand. */
final readonly class PantryQuery
{
    private const MOST = 1000;

    /** Of the household's own, where nothing but a name is asked for: the rest are found by typing more of it. */
    private const MOST_OWN = 100;

    private function __construct(
        private string $typed,
        private string $role,
        private string $with,
        private string $without,
        private ?Measure $measure,
        private ?float $least,
        private ?float $most,
        private bool $onHand,
    ) {}

    /**
     * @throws InvalidRecipe naming the field
     */
    public static function from(Request $request): self
    {
        $text = static fn (string $field): string => mb_substr($request->string($field)->trim()->value(), 0, 120);
        $measure
            = $text('taste') === ''
                ? null
                : Measure::tryFrom($text('taste'))
                    ?? throw InvalidRecipe::at(
                        'taste',
                        'is not accepted. Expected: one of sweetness, sourness, saltiness, umami, heat.',
                    );
        $number = static function (string $field) use ($text): ?float {
            $value = str_replace(',', '.', $text($field));
            if ($value !== '' && (! is_numeric($value) || (float) $value < 0.0)) {
                throw InvalidRecipe::at($field, 'is not accepted. Expected: a number, 0 or more.');
            }

            return $value === '' ? null : (float) $value;
        };

        return new self(
            $text('q'),
            $text('role'),
            $text('contains'),
            $text('without'),
            $measure,
            $number('least'),
            $number('most'),
            $request->boolean('on_hand'),
        );
    }

    /** Nothing is typed and no taste is asked for: then what matters in this kitchen stands first. */
    public function isForAnything(): bool
    {
        return $this->typed === '' && $this->measure === null;
    }

    /**
     * By name as typed; with a taste, strongest first.
     *
     * @param list<string> $onHand
     * @return list<Ingredient>
     */
    public function find(Household $household, array $onHand): array
    {
        $catalogue = $this->isByName() ? $household->searched($this->typed, self::MOST_OWN) : $household->whole();
        $found = array_values(
            array_filter(
                $catalogue->search($this->typed, self::MOST),
                fn (Ingredient $ingredient): bool => $this->takes($ingredient, $onHand),
            ),
        );
        if ($this->measure !== null) {
            $measure = $this->measure;
            usort(
                $found,
                static fn (Ingredient $a, Ingredient $b): int => ($measure->strengthOf($b) ?? -1.0)
                    <=> ($measure->strengthOf($a) ?? -1.0),
            );
        }

        return $found;
    }

    /**
     * How many of the household's own, or of anything, are shown where there are more; null where that is all there is.
     *
     * @return array{shown: int, own: int|null}|null own is how many of its own there are, null where it is not them
     */
    public function cut(int $found): ?array
    {
        $own = $this->isByName() ? OwnIngredientRecord::query()->found($this->typed)->count() : 0;

        return match (true) {
            $own > self::MOST_OWN => ['shown' => self::MOST_OWN, 'own' => $own],
            $found === self::MOST => ['shown' => self::MOST, 'own' => null],
            default => null,
        };
    }

    private function isByName(): bool
    {
        return $this->measure === null && ! $this->onHand && $this->role.$this->with.$this->without === '';
    }

    /**
     * @param list<string> $onHand
     */
    private function takes(Ingredient $ingredient, array $onHand): bool
    {
        $allergens = [...$ingredient->contains, ...$ingredient->mayContain];

        return ($this->role === '' || in_array($this->role, $ingredient->roles, true))
            && ($this->with === '' || in_array($this->with, $allergens, true))
            && ($this->without === '' || ! in_array($this->without, $allergens, true))
            && (! $this->onHand || in_array($ingredient->slug, $onHand, true))
            && $this->isAsStrong($ingredient);
    }

    private function isAsStrong(Ingredient $ingredient): bool
    {
        if ($this->measure === null) {
            return true;
        }
        $strength = $this->measure->strengthOf($ingredient);

        // "salty things under 10 % salt" are things that are salty at all
        return $strength !== null
            && $strength > 0.0
            && $strength >= ($this->least ?? 0.0)
            && $strength <= ($this->most ?? INF);
    }
}
