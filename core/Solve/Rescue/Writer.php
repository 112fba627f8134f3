<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Recipe;
use Vinculum\Safety\Limits;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;

/** A remedy as it is read and applied: what to add, what is left, what to mind. */
final readonly class Writer
{
    /** From this growth on, it is worth splitting the pot; beyond the second no addition is a mend. */
    private const SPLIT_FROM = 0.3;

    /** A dose of so many steps or more is better added in halves. */
    private const STRONG = 0.8;
    /** Steps of sweetness from which it is said what it is there for. */
    private const ROUNDS = 0.5;
    /** Steps from which another taste is thrown out; judgement. */
    private const THROWN = 1.5;

    /** Steps within which it is as good as mended. */
    private const NEARLY = 0.5;

    /** What a tongue meets first. */
    private const FIRST_TASTED = [Feel::Sweet, Feel::Sour, Feel::Salty];
    private const STRONG_ROLES = ['salty', 'hot', 'acid', 'umami'];

    private StirredIn $stirred;

    public function __construct(
        private Equations $equations,
        private Ranking $ranking,
        private Catalogue $catalogue,
    ) {
        $this->stirred = new StirredIn($equations);
    }

    /**
     * @param array<string, float> $grams
     * @param array<string, string> $texts
     */
    public function remedy(array $grams, array $texts, float $boil): Remedy
    {
        $additions = [];
        // what there is most of is read first
        arsort($grams);
        foreach ($grams as $slug => $each) {
            $additions[] = new Addition($this->equations->thing($slug), $each, $texts[$slug]);
        }
        $at = $this->equations->stirred(array_map(strval(...), [...array_keys($grams), '']), [
            ...array_values($grams),
            $boil,
        ]);
        $recipe = $this->stirred->applied($additions, $boil, 1.0);
        $after = Evaluation::of($recipe, $this->catalogue, $this->equations->from->style);
        $isStrong = false;
        foreach ($additions as $addition) {
            $isStrong
                = $isStrong
                || (array_intersect($addition->ingredient->roles, self::STRONG_ROLES) !== []
                    && $this->equations->dose(
                        $addition->ingredient->slug,
                        $addition->grams,
                        $this->equations->pot,
                    ) >= self::STRONG);
        }
        $left = $this->equations->left($at);

        return new Remedy(
            $additions,
            $boil,
            $this->equations->massNow,
            $this->equations->massNow + $at->mass - $this->equations->pot->mass,
            $left,
            $after,
            $recipe,
            $isStrong ? $this->stirred->applied($additions, $boil, 0.5) : null,
            $this->remark($additions, $at, $left),
            Limits::approached($this->equations->from->estimates, $after->estimates),
        );
    }

    /**
     * @param list<Addition> $additions
     * @param array<string, float> $left
     */
    private function remark(array $additions, LinearPot $after, array $left): Sentence
    {
        $remarks = [];
        foreach ($additions as $addition) {
            if ($addition->ingredient->perGram[Constituent::STARCH_RAW] > 0.5) {
                $remarks[] = Sentence::of(
                    'Stir the {name} into as much cold water first, then bring it to the boil.',
                    [
                        'name' => $addition->ingredient->shortName(),
                    ],
                );
            }
            if ($this->stirred->isCookedSoft($addition->ingredient)) {
                $remarks[] = Sentence::of(
                    'Cut the {name} small and simmer it in it, lid on, until it is as soft as the rest.',
                    ['name' => $addition->ingredient->shortName()],
                );
            }
        }
        $remarks = [...$remarks, ...$this->inParts($additions, $after)];
        $short = array_filter(
            $left,
            fn (float $steps, string $feel): bool => isset($this->equations->feels[$feel])
                && abs($steps) > Ranking::LANDS,
            ARRAY_FILTER_USE_BOTH,
        );
        $rounded = ['sweetness' => [], 'acid' => []];
        foreach (array_keys($this->equations->feels) as $feel) {
            $hides = $this->equations->hides(Feel::from($feel));
            if ($hides !== null && $this->equations->moreOf($hides, $left) >= self::ROUNDS) {
                $rounded[$hides === Feel::Sweet ? 'sweetness' : 'acid'][] = $feel;
            }
        }
        foreach (array_filter($rounded) as $what => $feels) {
            $remarks[] = Sentence::of('The {what} rounds what is {feel}, and takes none of it away.', [
                'what' => $what,
                'feel' => implode(' or ', $feels),
            ]);
        }
        foreach ($short as $feel => $steps) {
            $remarks[] = Sentence::of('{feel} stays {steps} {side}.', [
                'feel' => ucfirst($feel),
                'steps' => Quantity::steps($steps),
                'side' => $steps > 0 ? 'too much' : 'too little',
            ]);
        }

        return Sentence::together($remarks);
    }

    /**
     * What would grow much may be mended in part, and the rest kept.
     *
     * @param list<Addition> $additions
     * @return list<Sentence>
     */
    private function inParts(array $additions, LinearPot $after): array
    {
        $remarks = [];
        $growth = ($after->mass - $this->equations->pot->mass) / $this->equations->massNow;
        if ($growth >= self::SPLIT_FROM) {
            $take = $this->equations->massNow / (1 + $growth);
            $parts = implode(
                ' and ',
                array_map(
                    fn (Addition $addition): string => LineWriter::fresh(
                        $addition->grams / (1 + $growth),
                        $addition->ingredient,
                        $this->equations->kit,
                    )
                        .' '
                        .$addition->ingredient->shortName(),
                    $additions,
                ),
            );
            $remarks[] = Sentence::of(
                'Or mend a part of it: take {take}, add {parts}, and there is as much as now. Keep the rest for '
                    .'another batch.',
                ['take' => Quantity::mass($take), 'parts' => $parts],
            );
        }

        return $remarks;
    }

    /** Whether it takes away a good part of what is wrong, and throws nothing else far out. */
    public function isSound(Remedy $remedy): bool
    {
        $thrown = array_filter(
            array_diff_key($remedy->steps, $this->equations->feels),
            static fn (float $steps): bool => abs($steps) > self::THROWN,
        );

        return $thrown === [] && $this->ranking->helps($remedy->steps, isMore: true);
    }

    /** Whether it throws another taste far out on its way. */
    public function throwsFar(Remedy $remedy): bool
    {
        return array_filter(
            array_diff_key($remedy->steps, $this->equations->feels),
            static fn (float $steps, string $feel): bool => in_array(Feel::from($feel), self::FIRST_TASTED, true)
                && abs($steps) > self::THROWN,
            ARRAY_FILTER_USE_BOTH,
        ) !== [];
    }

    public function nearlyLands(Remedy $remedy): bool
    {
        return $this->ranking->miss($remedy->steps) <= self::NEARLY;
    }

    public function lands(Remedy $remedy): bool
    {
        return $this->ranking->miss($remedy->steps) <= Ranking::LANDS;
    }

    /**
     * What is too much can be mixed with a batch that has less of it; what is too little cannot.
     *
     * @param array<string, float> $feels steps by Feel value, positive is too much
     */
    public static function nothingHelps(array $feels): Sentence
    {
        return Sentence::of(
            array_filter($feels, static fn (float $steps): bool => $steps > 0.0) !== []
                ? 'Nothing on hand can mend that. Mark more of what you have in the Pantry, or make a second batch '
                    .'without what is too much and mix the two.'
                : 'Nothing on hand can mend that. Mark more of what you have in the Pantry.',
        );
    }

    /**
     * What there is said to be too much of, though hardly any of it can be tasted by the recipe.
     *
     * @return list<string> by Feel value
     */
    public function hardlyAny(): array
    {
        return array_keys(array_filter(
            $this->equations->feels,
            function (float $steps, string $named): bool {
                $feel = Feel::from($named);

                return $steps > 0.0
                    && $feel->measure() !== null
                    && $feel->value($this->equations->pot) < $feel->measure()->threshold();
            },
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /** @param list<Remedy> $remedies */
    public function note(array $remedies): Sentence
    {
        $notes = [];
        $later = $this->equations->willBeEnough();
        if ($remedies === [] && $later !== []) {
            $notes[] = Sentence::of(
                'Add nothing yet: boiled down it will be {feels} enough by itself. Taste it again then.',
                ['feels' => implode(' and ', $later)],
            );
        } elseif ($remedies === []) {
            $none = $this->hardlyAny();
            $notes[] = $none === []
                ? self::nothingHelps($this->equations->feels)
                : Sentence::of(
                    'By the recipe there is hardly anything {feels} in it. Taste it once more, or look whether '
                        .'something went in that is not written down.',
                    ['feels' => implode(' or ', $none)],
                );
        } elseif (! $this->lands($remedies[0])) {
            $notes[] = $remedies[0]->growth() >= self::SPLIT_FROM
                ? Sentence::of(
                    'To mend it all the way would take more than a pot grows by: this goes part of the way. A '
                        .'second batch without what is too much, mixed with this one, is the honest way.',
                )
                : Sentence::of('Nothing on hand mends it all the way; this comes nearest.');
        }
        if ($this->equations->isHotter > 1.0) {
            $notes[] = Sentence::of('Your chilli is hotter than the one we know: the spoon is believed.');
        }
        if ($this->equations->state->isHot) {
            $notes[] = Sentence::of(
                'Tasted hot: cold it will be thicker by about half a word and a little less sweet, which is counted.',
            );
        }
        if ($this->equations->state->beforeStage !== null && $this->equations->concentrates() > 1.0) {
            $notes[] = Sentence::of(
                'Tasted before it has boiled down: it will be {times} times as strong, which is counted.',
                ['times' => Quantity::number($this->equations->concentrates(), 1)],
            );
        }

        return Sentence::together($notes);
    }
}
