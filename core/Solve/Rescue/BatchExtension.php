<?php

declare(strict_types=1);

namespace Vinculum\Solve\Rescue;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sense;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\LineWriter;
use Vinculum\Safety\Limits;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;

/**
 * Too much of one line (curry powder, garlic, clove, smoke), which no other taste covers: the batch is extended by
 * everything else in proportion, so that only that line is thinner. Exact: with f = (1 + w)^steps, everything else f
 * times, the line as it is.
 *
 * A noticeable step of an aroma is taken as a quarter; judgement.
 */
final class BatchExtension
{
    /**
     * @param list<string> $lines ids of the lines that are too much
     * @param float $steps above 0
     */
    public static function of(
        Evaluation $from,
        Catalogue $catalogue,
        array $lines,
        float $steps,
        PotState $pot = new PotState,
    ): ?Remedy {
        return self::byFactor($from, $catalogue, $lines, Sense::Aroma->moved(1.0, $steps), $pot);
    }

    /**
     * Everything but these lines, so many times.
     *
     * @param list<string> $lines ids
     * @param float $factor above 1
     * @param array<string, float> $feels what it is to mend, steps by Feel value
     * @return Remedy|null where there is no such line, or nothing beside it
     */
    public static function byFactor(
        Evaluation $from,
        Catalogue $catalogue,
        array $lines,
        float $factor,
        PotState $pot = new PotState,
        array $feels = [],
    ): ?Remedy {
        $kit = $from->recipe->kitchenware();
        $planned = $from->cooked->mixture->mass();
        $scale = ($pot->grams ?? $planned) / $planned;
        $additions = [];
        $amounts = [];
        $names = [];
        foreach ($from->cooked->weighed->lines as $i => $line) {
            if ($line->ingredient === null || $line->grams <= 0.0) {
                continue;
            }
            if (in_array($line->line->id, $lines, true)) {
                $names[] = $line->ingredient->shortName();
                continue;
            }
            $grams = $line->grams * ($factor - 1) * $scale;
            // in the words of its line: half a tomato more, a cup of basil
            $text = LineWriter::nearest($line, ($factor - 1) * $scale, $kit->set)
                ?? LineWriter::fresh($grams, $line->ingredient, $kit);
            $additions[] = new Addition($line->ingredient, $grams, $text);
            if ($line->source === $i) {
                $amounts[$line->line->id] = LineWriter::weighed($line->grams * $factor, $kit);
            }
        }
        if ($names === [] || $additions === []) {
            return null;
        }
        $stages = array_map(static fn ($stage) => $stage->scaled($factor), $from->recipe->stages);
        $recipe = $from->recipe->withStages($stages)->withAmounts($amounts);
        $written = Evaluation::of($recipe, $catalogue, $from->style);
        $left = [];
        foreach (Feel::cases() as $feel) {
            $left[$feel->value]
                = ($feels[$feel->value] ?? 0.0)
                + $feel->steps(
                    $feel->value(LinearPot::of($from->cooked)),
                    $feel->value(LinearPot::of($written->cooked)),
                );
        }
        $named = implode(' and ', $names);

        return new Remedy(
            $additions,
            0.0,
            $planned * $scale,
            $written->cooked->mixture->mass() * $scale,
            $left,
            $written,
            $recipe,
            null,
            Sentence::of(
                'Cook this much more of everything but the {named}, as the recipe says, and mix the two: the '
                    .'{named} is then {share} of what it was. Or make a whole second batch without it and mix to '
                    .'taste.',
                ['named' => $named, 'share' => Quantity::percent(1 / $factor)],
            ),
            Limits::approached($from->estimates, $written->estimates),
        );
    }
}
