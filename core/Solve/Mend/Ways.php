<?php

declare(strict_types=1);

namespace Vinculum\Solve\Mend;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Ingredient;

/**
 * What a cook does about a pot that has split, curdled or burnt. Amounts are by the weight of the pot: McGee, On Food
 * and Cooking (2004), and common practice, both from memory. Where nothing helps, there is no way, and that is said.
 */
final readonly class Ways
{
    /** Shares of the pot from which it is one of butter, oil, cheese, sugar, chocolate, nuts; judgement. */
    private const OF_IT = 0.15;
    private const SWEET = 0.4;

    private float $mass;

    public function __construct(private Evaluation $of, private Larder $larder, ?float $grams = null)
    {
        $this->mass = $grams ?? $of->cooked->mixture->mass();
    }

    /** @return list<Way> best first; none where nothing helps */
    public function of(Complaint $complaint): array
    {
        return array_values(array_filter(match ($complaint) {
            Complaint::Split => $this->split(),
            Complaint::Curdled => [$this->curdled()],
            Complaint::Lumpy => [$this->lumpy()],
            Complaint::Grainy => $this->grainy(),
            Complaint::TooFirm => $this->tooFirm(),
            Complaint::Pasty => $this->pasty(),
            Complaint::Burnt => [],
            Complaint::Bitter => $this->bitter(),
            Complaint::Oily => $this->oily(),
            Complaint::ThinAgain => [$this->thinAgain()],
        }));
    }

    /** Said where there is no way, or beside the first. */
    public function note(Complaint $complaint): Sentence
    {
        return match (true) {
            $complaint === Complaint::Burnt && $this->isFried() => Sentence::of(
                'Nothing takes the bitterness out again. Pour it away, and begin with new oil and fresh garlic or '
                    .'spice: sugar only covers it.',
            ),
            $complaint === Complaint::Burnt => Sentence::of(
                'Take it off at once, and pour what is above into a clean pan without scraping. Taste that: where it '
                    .'tastes of burning, nothing takes it out again, and sugar only covers it.',
            ),
            default => Sentence::of(''),
        };
    }

    /** @return list<Way|null> */
    private function split(): array
    {
        $share = fn (string ...$kinds): float => $this->share(static fn (Ingredient $thing): bool
            => $thing->isOf(...$kinds));
        if ($share('ripe-cheese') >= self::OF_IT) {
            return [$this->cheese()];
        }
        if ($this->share(static fn (Ingredient $thing): bool => $thing->is('sets-cold')) >= self::OF_IT) {
            return [...$this->butter(), $this->yolk()];
        }
        $hasEgg = $this->share(static fn (Ingredient $thing): bool => $thing->is('emulsifies')) > 0.02;
        if ($share('oil') >= self::OF_IT) {
            return $hasEgg ? [$this->yolk(), $this->mustard()] : [$this->mustard(), $this->yolk()];
        }
        if ($hasEgg) {
            return [$this->yolk()];
        }

        return [$this->slackened(), $this->curdled()];
    }

    private function cheese(): ?Way
    {
        $acid = $this->larder->acid();
        $wet = $this->larder->wine() ?? $this->larder->water();

        return $this->way(
            [[$this->larder->starch(), 0.017], [$acid, 0.025], [$wet, 0.025]],
            [
                Sentence::of('Slake the starch in the other two.'),
                Sentence::of('Whisk it into the cheese below the boil, about 75 °C, until it is smooth again.'),
                Sentence::of('Add no more cheese, and do not let it boil.'),
            ],
        );
    }

    /** @return list<Way|null> */
    private function butter(): array
    {
        $cream = $this->larder->cream();

        return [
            $this->way([[$cream, 0.1]], [
                Sentence::of('Boil the cream to half in a clean pan, and take it off.'),
                Sentence::of('Whisk the sauce in by spoons, hand-hot, about 50 °C; do not boil it.'),
            ]),
            $this->way([[$this->larder->stock() ?? $this->larder->water(), 0.08]], [
                Sentence::of('Off the heat, swirl it in by the spoon until it is creamy again.'),
                Sentence::of('Keep it hand-hot, and do not boil it on.'),
            ]),
        ];
    }

    private function yolk(): ?Way
    {
        $yolk = $this->larder->yolk();
        $grams = $yolk?->portions[0]->grams ?? 17.0;

        return $yolk === null ? null : $this->way(
            [[$yolk, $grams * max(1.0, round($this->mass / 500)) / $this->mass], [$this->larder->water(), 0.03]],
            [
                Sentence::of('Whisk the yolk with the water in a clean bowl.'),
                Sentence::of('Whisk the split sauce in by drops, then by the spoon: it goes in as oil did.'),
                Sentence::of('The egg is raw: a pasteurised one for whoever has to be careful.'),
            ],
        );
    }

    private function mustard(): ?Way
    {
        return $this->way([[$this->larder->mustard(), 0.025]], [
            Sentence::of('Put the mustard into a clean bowl or jar, and whisk or shake the sauce in by and by.'),
        ]);
    }

    private function slackened(): ?Way
    {
        return $this->way([[$this->larder->stock() ?? $this->larder->water(), 0.1]], [
            Sentence::of('Warm it, not to the boil, and whisk it in by the spoon until the sauce is smooth again.'),
        ]);
    }

    private function curdled(): ?Way
    {
        return $this->way([[$this->larder->starch(), 0.0115], [$this->larder->water(), 0.03]], [
            Sentence::of('Slake the starch in the cold water.'),
            Sentence::of('Blend it into the sauce, and warm it to about 80 °C, stirring; never boil it.'),
        ]);
    }

    private function lumpy(): Way
    {
        $isGum = $this->share(static fn (Ingredient $thing): bool => $thing->isOf('gum')) > 0.0;

        return new Way([], $isGum
            ? [
                Sentence::of('Blend it for half a minute, and let it rest for ten.'),
                Sentence::of('No more gum, and never dry: mix it with a spoon of oil or sugar first.'),
            ]
            : [
                Sentence::of('Off the heat whisk hard, or blend it; then pass it through a sieve.'),
                Sentence::of('No more dry flour: slake it in cold water, or rub it into butter, first.'),
            ]);
    }

    /** @return list<Way|null> */
    private function grainy(): array
    {
        if ($this->share(static fn (Ingredient $thing): bool => $thing->isOf('chocolate')) >= self::OF_IT) {
            $hands = [
                Sentence::of('Bring it to the boil, pour it over at once, and whisk until it is smooth.'),
                Sentence::of('Not a little of it, and no more heat.'),
            ];

            return [
                $this->way([[$this->larder->cream(), 0.3]], $hands),
                $this->way([[$this->larder->water(), 0.3]], $hands),
            ];
        }
        if ($this->of->cooked->mixture->sugars() < self::SWEET * $this->of->cooked->mixture->mass()) {
            return [$this->curdled()];
        }

        return [$this->way([[$this->larder->water(), 0.15], [$this->larder->acid(), 0.0125]], [
            Sentence::of('Warm it with them, lid on, until it boils clear.'),
            Sentence::of('Do not stir it, and leave no crystals on the rim.'),
        ])];
    }

    /** @return list<Way|null> */
    private function tooFirm(): array
    {
        $isJelly = $this->share(static fn (Ingredient $thing): bool => $thing->is('gels')) > 0.0;
        $isMilky = $this->share(static fn (Ingredient $thing): bool => $thing->isOf('dairy', 'plant-dairy')) >= 0.2;
        $liquid = ($isMilky ? $this->larder->milk() : $this->larder->stock()) ?? $this->larder->water();

        return [$this->way([[$liquid, $isJelly ? 0.3 : 0.25]], [
            Sentence::of('Warm it, stir it in by and by until it is melted and smooth, and let a spoonful go cold to '
                .'see.'),
            Sentence::of('Salt it again at the end.'),
        ])];
    }

    /** @return list<Way|null> */
    private function pasty(): array
    {
        if ($this->share(static fn (Ingredient $thing): bool => $thing->isOf('nut-paste')) >= self::OF_IT) {
            return [$this->way([[$this->larder->water(), 0.5]], [
                Sentence::of('Cold, and by the spoon, whisking: it goes stiff first, and then smooth. Stop when it '
                    .'pours.'),
            ])];
        }
        if ($this->share(static fn (Ingredient $thing): bool => $thing->isOf('mustard')) >= self::OF_IT) {
            return [$this->way([[$this->larder->acid() ?? $this->larder->water(), 0.11]], [
                Sentence::of('Stir it in, and let it rest for twelve hours before you judge it.'),
                Sentence::of('No more dry mustard.'),
            ])];
        }

        return $this->tooFirm();
    }

    /** @return list<Way|null> */
    private function bitter(): array
    {
        $rich = $this->share(static fn (Ingredient $thing): bool => $thing->isOf('nut-paste', 'dairy'));
        $isRich = $rich >= self::OF_IT;

        return [$this->way(
            [
                [$this->larder->salt(), 0.0025],
                [$this->larder->sugar(), 0.025],
                [$isRich ? $this->larder->yoghurt() : $this->larder->acid(), $isRich ? 0.1 : 0.01],
            ],
            [
                Sentence::of('One after the other, and taste between them: salt first, for it hides what is bitter.'),
                Sentence::of('Do not simmer it longer, and put in no zest or seeds.'),
            ],
            needsAll: false,
        )];
    }

    /** @return list<Way|null> */
    private function oily(): array
    {
        return [
            new Way([], [
                Sentence::of('Let it stand off the heat, and spoon the oil off, or lay kitchen paper on it.'),
                Sentence::of('Cold, it sets on top and lifts off in one piece.'),
            ]),
            $this->curdled(),
        ];
    }

    private function thinAgain(): ?Way
    {
        return $this->way([[$this->larder->starch(), 0.02], [$this->larder->water(), 0.05]], [
            Sentence::of('Slake the starch in the cold water.'),
            Sentence::of('Stir it in at the boil for two minutes, and no longer.'),
        ]);
    }

    /**
     * @param list<array{Ingredient|null, float}> $shares of the pot
     * @param list<Sentence> $hands
     */
    private function way(array $shares, array $hands, bool $needsAll = true): ?Way
    {
        $takes = [];
        foreach ($shares as [$thing, $share]) {
            if ($thing !== null) {
                $takes[] = [$thing, $share * $this->mass];
            } elseif ($needsAll) {
                return null;
            }
        }

        return $takes === [] ? null : new Way($takes, $hands);
    }

    /** @param callable(Ingredient): bool $is */
    private function share(callable $is): float
    {
        $grams = 0.0;
        foreach ($this->of->cooked->weighed->lines as $line) {
            $grams += $line->ingredient !== null && $is($line->ingredient) ? $line->grams : 0.0;
        }

        return $grams / max(1e-9, $this->of->cooked->mixture->mass());
    }

    private function isFried(): bool
    {
        foreach ($this->of->recipe->stages as $stage) {
            if ($stage->process?->kind->value === 'fry') {
                return true;
            }
        }

        return false;
    }
}
