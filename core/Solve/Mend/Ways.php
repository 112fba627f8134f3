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
    private float $mass;

    public function __construct(
        private Evaluation $of,
        private HeldBy $hold,
        private Larder $larder,
        ?float $grams = null,
    ) {
        $this->mass = $grams ?? $of->cooked->mixture->mass();
    }

    /** @return list<Way> best first; none where nothing helps */
    public function of(Complaint $complaint): array
    {
        return array_values(array_filter(match ($complaint) {
            Complaint::Split => $this->split(),
            Complaint::Curdled => $this->curdled(),
            Complaint::Lumpy => [$this->lumpy()],
            Complaint::Grainy => $this->grainy(),
            Complaint::TooFirm, Complaint::Pasty => $this->tooFirm(),
            Complaint::Burnt => [],
            Complaint::Bitter => $this->bitter(),
            Complaint::Oily => $this->oily(),
            Complaint::ThinAgain => $this->thinAgain(),
        }));
    }

    /** Said where there is no way, or beside the first. */
    public function note(Complaint $complaint): Sentence
    {
        return match (true) {
            $complaint === Complaint::Burnt && $this->hold->isFried() => Sentence::of(
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
        return match (true) {
            $this->hold->isCheese() => [$this->cheese()],
            $this->hold->isButter() => [...$this->butter(), $this->yolk()],
            $this->hold->isOil() && $this->hold->hasEgg() => [$this->yolk(), $this->mustard()],
            $this->hold->isOil() => [$this->mustard(), $this->yolk()],
            $this->hold->isNutPaste() => [$this->slackened()],
            $this->hold->isCold(), $this->hold->isLean() => [$this->stirredBack()],
            $this->hold->hasStarch() => [$this->slackened(), $this->blended()],
            $this->hold->hasEgg() => [$this->smoothed()],
            default => [$this->slackened(), $this->smoothed()],
        };
    }

    /** @return list<Way|null> what was held by fat is mended as where it has split */
    private function curdled(): array
    {
        return match (true) {
            $this->hold->isEmulsion() => $this->split(),
            ! $this->hold->canCurdle(), $this->hold->hasStarch() => [$this->blended()],
            $this->hold->isCold() => [$this->stirredBack()],
            default => [$this->smoothed()],
        };
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
                Sentence::of('Whisk the egg with the water in a clean bowl.'),
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
            $this->hold->isCold()
                ? Sentence::of('Whisk it in by the spoon until the sauce is smooth again.')
                : Sentence::of('Warm it, not to the boil, and whisk it in by the spoon until the sauce is smooth '
                    .'again.'),
        ]);
    }

    private function smoothed(): ?Way
    {
        return $this->way([[$this->larder->starch(), 0.0115], [$this->larder->water(), 0.03]], [
            Sentence::of('Slake the starch in the cold water.'),
            Sentence::of('Blend it into the sauce, and warm it to about 80 °C, stirring; never boil it.'),
        ]);
    }

    private function stirredBack(): Way
    {
        return new Way([], [
            Sentence::of('What stands on top is whey, juice or oil: stir it in again, or pour it off for a '
                .'thicker sauce.'),
            Sentence::of('Blended it is smooth again, and thinner.'),
        ]);
    }

    private function blended(): Way
    {
        return new Way([], [Sentence::of('Blend it for longer, and pass it through a sieve.')]);
    }

    private function lumpy(): Way
    {
        return new Way([], match (true) {
            $this->hold->isJelly() => [
                Sentence::of('Warm it, not to the boil, until all of it has melted, and pass it through a sieve.'),
            ],
            $this->hold->hasGum() => [
                Sentence::of('Blend it for half a minute, and let it rest for ten.'),
                Sentence::of('No more gum, and never dry: mix it with a spoon of oil or sugar first.'),
            ],
            $this->hold->hasStarch() => [
                Sentence::of('Off the heat whisk hard, or blend it; then pass it through a sieve.'),
                Sentence::of('No more dry flour: slake it in cold water, or rub it into butter, first.'),
            ],
            default => [Sentence::of('Whisk hard, or blend it; then pass it through a sieve.')],
        });
    }

    /** @return list<Way|null> */
    private function grainy(): array
    {
        if ($this->hold->isChocolate()) {
            $hands = [
                Sentence::of('Bring it to the boil, pour it over at once, and whisk until it is smooth.'),
                Sentence::of('Not a little of it, and no more heat.'),
            ];

            return [
                $this->way([[$this->larder->cream(), 0.3]], $hands),
                $this->way([[$this->larder->water(), 0.3]], $hands),
            ];
        }
        if (! $this->hold->isSyrup()) {
            return $this->curdled();
        }

        return [$this->way([[$this->larder->water(), 0.15], [$this->larder->acid(), 0.0125]], [
            Sentence::of('Warm it with them, lid on, until it boils clear.'),
            Sentence::of('Do not stir it, and leave no crystals on the rim.'),
        ])];
    }

    /** @return list<Way|null> */
    private function tooFirm(): array
    {
        $liquid = ($this->hold->isMilky() ? $this->larder->milk() : $this->larder->stock()) ?? $this->larder->water();

        return [match (true) {
            $this->hold->isNutPaste() => $this->way([[$this->larder->water(), 0.5]], [
                Sentence::of('Cold, and by the spoon, whisking: it goes stiff first, and then smooth. Stop when it '
                    .'pours.'),
            ]),
            $this->hold->isMustard() => $this->way([[$this->larder->ownAcid() ?? $this->larder->water(), 0.11]], [
                Sentence::of('Stir it in, and let it rest for twelve hours before you judge it.'),
                Sentence::of('No more dry mustard.'),
            ]),
            $this->hold->isOil() && ! $this->hold->hasEgg() => new Way([], [
                Sentence::of('Let it come to the warmth of the room, and shake it: oil sets in the cold.'),
            ]),
            $this->hold->isButter() => $this->butter()[1],
            $this->hold->isCold() => $this->way([[$liquid, $this->hold->isOil() ? 0.04 : 0.1]], [
                Sentence::of('Stir it in cold, by the spoon, and stop where it runs as it should.'),
            ]),
            default => $this->way([[$liquid, $this->hold->isGelled() ? 0.3 : 0.25]], [
                Sentence::of('Warm it, stir it in by and by until it is melted and smooth, and let a spoonful go cold '
                    .'to see.'),
                Sentence::of('Season it again at the end.'),
            ]),
        }];
    }

    /** @return list<Way|null> */
    private function bitter(): array
    {
        $isRich = $this->hold->isRich();

        return [$this->way(
            [
                [$this->larder->salt(), 0.0025],
                [$this->larder->sugar(), 0.025],
                [$isRich ? $this->larder->yoghurt() : $this->larder->acid(), $isRich ? 0.1 : 0.01],
            ],
            [
                Sentence::of('One after the other, and taste between them: salt first, for it hides what is bitter.'),
                $this->hold->isCold()
                    ? Sentence::of('Put in no zest or seeds.')
                    : Sentence::of('Do not simmer it longer, and put in no zest or seeds.'),
            ],
            needsAll: false,
        )];
    }

    /** @return list<Way|null> */
    private function oily(): array
    {
        if ($this->hold->isEmulsion()) {
            return $this->split();
        }
        if ($this->hold->isNutPaste()) {
            return [$this->slackened()];
        }
        if ($this->hold->isCold()) {
            return [$this->stirredBack()];
        }

        return [
            new Way([], [
                Sentence::of('Let it stand off the heat, and spoon the oil off, or lay kitchen paper on it.'),
                Sentence::of('Cold, it sets on top and lifts off in one piece.'),
            ]),
            $this->hold->canCurdle() ? $this->smoothed() : null,
        ];
    }

    /** @return list<Way|null> */
    private function thinAgain(): array
    {
        return match (true) {
            $this->hold->isEmulsion() => $this->split(),
            $this->hold->isNutPaste() => [new Way([], [
                Sentence::of('Let it stand for a quarter of an hour: it thickens as it stands.'),
                Sentence::of('Then more of the paste, by the spoon.'),
            ])],
            $this->hold->isJelly() => [new Way([], [
                Sentence::of('It sets only cold: put a spoonful into the fridge for a quarter of an hour before you '
                    .'judge it.'),
                Sentence::of('Where that stays thin, melt it again and boil it down a little.'),
            ])],
            $this->hold->isCold() && ! $this->hold->weeps() => [new Way([], [
                Sentence::of('Whisk in more of the thickest thing it is made of, by the spoon; cold, it is thicker '
                    .'too.'),
            ])],
            $this->hold->isCold() => [new Way([], [
                Sentence::of('Let it drain in a sieve, or in a cloth in the fridge for an hour.'),
                Sentence::of('Salt or sugar it only when it is eaten: both draw water out.'),
            ])],
            $this->hold->hasEgg() && ! $this->hold->hasStarch() => [$this->smoothed()],
            $this->hold->hasStarch() => [$this->thickened()],
            default => [
                new Way([], [Sentence::of('Boil it down, lid off, until a spoon drawn through it leaves a path.')]),
                $this->thickened(),
            ],
        };
    }

    private function thickened(): ?Way
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
}
