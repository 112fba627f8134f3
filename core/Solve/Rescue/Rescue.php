<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Solve\Feel;

/** A pot that does not taste right, mended by what can still be done to it: adding things, boiling off water. */
final readonly class Rescue
{
    public const TO_TASTE = 'x-to-taste';
    private const SHOWN = 6;
    /** A second batch is a remedy up to so many times the pot. */
    private const MOST_GROWTH = 3.0;
    /** So much more may the pot grow for it where it goes first, in parts of the pot; judgement. */
    private const HARDLY_MORE = 0.25;
    /** So many times as strong as the sauce, a thing is what makes it so; judgement. */
    private const STRONG = 2.0;
    /** Share of a taste from which one line is what it hangs on. */
    private const BRINGS_MOST = 0.5;

    private function __construct(
        private Equations $equations,
        private Search $search,
        private Writer $writer,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param array<string, float> $feels steps by Feel value, positive is too much, none of them 0
     * @param list<Ingredient> $have what may go in, besides water
     */
    public static function of(
        Evaluation $from,
        Catalogue $catalogue,
        array $feels,
        array $have,
        ?PotState $pot = null,
    ): Rescued {
        $pot ??= new PotState;
        $water = $catalogue->plainFor('water');
        $equations = new Equations(
            $from,
            $feels,
            $pot,
            array_values(array_filter([$water, ...$have])),
            $from->recipe->kitchenware(),
            $catalogue,
        );
        $ranking = new Ranking($equations);

        return (new self(
            $equations,
            new Search($equations, $ranking),
            new Writer($equations, $ranking, $catalogue),
            $catalogue,
        ))->rescued();
    }

    private function rescued(): Rescued
    {
        $doses = $this->search->best();
        $remedies = array_map(
            fn (array $dose): Remedy => $this->writer->remedy($dose['grams'], $dose['texts'], $dose['boil']),
            array_slice($doses, 0, self::SHOWN),
        );
        $lands = $remedies !== [] && $this->writer->lands($remedies[0]);
        if (! $lands || $this->writer->throwsFar($remedies[0])) {
            $second = $this->equations->state->isNameless ? null : $this->milderBatch() ?? $this->secondBatch();
            // it mends one taste, and is judged by all of them
            $isWorthIt = $second !== null
                && $second->growth() <= self::MOST_GROWTH
                && ($this->isOfItsBite() || $this->writer->isSound($second));
            // more of all the rest throws nothing out, and goes first where nothing of it has to be cooked again and
            // the pot grows hardly more for it
            $isFirst = $isWorthIt
                && ! $this->equations->isCooked()
                // more than that is an offer, and no first answer
                && $second->growth() <= Room::GROWS
                && $second->growth() <= ($remedies === [] ? 0.0 : $remedies[0]->growth()) + self::HARDLY_MORE
                && $this->writer->nearlyLands($second);
            $remedies = [
                ...$isFirst ? [$second] : [],
                ...$remedies,
                ...$isWorthIt && ! $isFirst ? [$second] : [],
            ];
        }

        return new Rescued(
            $remedies,
            $this->equations->feels,
            $this->equations->from,
            $this->writer->note($remedies),
            $this->passedOver($remedies),
        );
    }

    /**
     * @param list<Remedy> $remedies in which, as a batch more, something may go in after all
     * @return array<string, list<string>> names by WhyNot value
     */
    private function passedOver(array $remedies): array
    {
        $goesIn = [];
        foreach ($remedies as $remedy) {
            foreach ($remedy->additions as $addition) {
                $goesIn[$addition->ingredient->slug] = true;
            }
        }
        $names = [];
        foreach (array_diff_key($this->equations->whyNot, $goesIn) as $slug => $reason) {
            $names[$reason->value][] = $this->catalogue->find($slug)?->shortName() ?? $slug;
        }

        return $names;
    }

    /** Said to be too hot where nothing of it is a chilli: it is the pepper, the mustard or the ginger. */
    private function isOfItsBite(): bool
    {
        return array_keys($this->equations->feels) === [Feel::Hot->value] && $this->writer->hardlyAny() !== [];
    }

    /** Everything but what bites and is no chilli, whose bite is in no figure. */
    private function milderBatch(): ?Remedy
    {
        $biting = array_filter(
            $this->equations->from->cooked->weighed->lines,
            static fn (WeighedLine $line): bool => $line->ingredient !== null && $line->ingredient->bite() > 0.0,
        );

        return ! $this->isOfItsBite() || $biting === []
            ? null
            : BatchExtension::of(
                $this->equations->from,
                $this->catalogue,
                array_values(array_map(static fn (WeighedLine $line): string => $line->line->id, $biting)),
                $this->equations->feels[Feel::Hot->value],
                $this->equations->state,
            );
    }

    /** It brings much of something that there is too much of. */
    private function isTooMuchAlready(Ingredient $thing): bool
    {
        foreach ($this->equations->feels as $named => $steps) {
            $measure = Feel::from($named)->measure();
            if (
                $steps > 0.0
                && $measure !== null
                && ($measure->strengthOf($thing) ?? 0.0)
                    > self::STRONG * $this->equations->from->tasting->value($measure)
            ) {
                return true;
            }
        }

        return false;
    }

    /** Everything but the lines that bring most of what is too much, as often as that takes. */
    private function secondBatch(): ?Remedy
    {
        $feels = $this->equations->feels;
        arsort($feels);
        $measure = Feel::from((string) array_key_first($feels))->measure();
        $by = $measure === null ? [] : $this->equations->from->tasting->measures[$measure->value]->contributions;
        if ($measure === null || $by === [] || reset($feels) <= 0.0) {
            return null;
        }
        $value = $this->equations->from->tasting->value($measure);
        // none of the lines that have more of it than the sauce goes in again, nor what brings another thing there is
        // too much of
        $bringing = array_filter(
            $this->equations->from->cooked->weighed->lines,
            fn (WeighedLine $line): bool => $line->ingredient !== null
                && (($measure->strengthOf($line->ingredient) ?? 0.0) > $value
                    || $this->isTooMuchAlready($line->ingredient)),
        );
        $bring = array_sum(array_intersect_key($by, $bringing));
        $room = $this->equations->wanted[Feel::ofMeasure($measure)->value] - $value + $bring;
        if ($room <= 0.0 || $bring < self::BRINGS_MOST * $value) {
            return null;
        }

        return BatchExtension::byFactor(
            $this->equations->from,
            $this->catalogue,
            array_values(array_map(static fn (WeighedLine $line): string => $line->line->id, $bringing)),
            $bring / $room,
            $this->equations->state,
            $this->equations->feels,
        );
    }
}
