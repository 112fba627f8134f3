<?php

declare(strict_types=1);

namespace Vinculum\Log;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\Stage;
use Vinculum\Safety\KeepingTime;
use Vinculum\Safety\OwnSauce;

/** A batch that waited, or some of it, as the beginning of the next sauce: its state is the first line of that. */
final class Onward
{
    private const LONGEST_NAME = 120;

    /** So much more than there is is the rounding of whoever measured it, share; judgement. */
    private const ROUNDING = 0.01;

    /**
     * Days it keeps in the fridge from today, by the jars it is in: an opened one by when it was opened, a frozen one
     * as what is thawed today. Which jar is taken nobody says: of those that are not past their day, the shortest.
     *
     * @param list<Jar> $jars that are still there; empty for none that is known of
     * @return int|null below 0 where all of it is past its day; null where nothing is known of how long it keeps
     */
    public static function daysLeft(string $madeOn, array $jars, ?KeepingTime $keeps, string $today): ?int
    {
        $days = [];
        foreach ($jars === [] ? [new Jar($madeOn)] : $jars as $jar) {
            $until = $jar->movedTo('fridge', $today)->keepsUntil($keeps);
            if ($until === null) {
                return null;
            }
            $days[] = (int) (new \DateTimeImmutable($today))->diff(new \DateTimeImmutable($until))->format('%r%a');
        }
        $good = array_filter($days, static fn (int $left): bool => $left >= 0);

        return $good === [] ? max($days) : min($good);
    }

    /**
     * @param string $called the batch, such as "Gooseberry ketchup, no. 10"
     * @param string $amount of it, such as 300 ml; empty for all there is
     * @param int|null $daysLeft as daysLeft() has it
     *
     * @throws InvalidRecipe where there is not so much of it
     */
    public static function recipe(
        string $slug,
        string $called,
        string $madeOn,
        Evaluation $made,
        ?KeepingTime $keeps,
        ?int $daysLeft,
        string $amount,
        Catalogue $catalogue,
    ): Recipe {
        $definition = OwnSauce::definition(mb_substr($called, 0, self::LONGEST_NAME), $made, $keeps, $daysLeft);
        $all = $made->cooked->mixture->mass();
        if ($amount !== '') {
            $alone = new Catalogue(
                [$slug => OwnIngredient::compile($slug, $definition, $catalogue)],
                $catalogue->vocabulary,
            );
            $sauce = $alone->find($slug) ?? throw new \LogicException('What was just made is there.');
            $grams = LineWriter::gramsOf($amount, $sauce, null, $made->recipe->kitchenware()) ?? 0.0;
            if ($grams <= 0.0) {
                throw InvalidRecipe::at(
                    'amount',
                    "“{$amount}” is no amount of a sauce. Expected: a volume or a weight, such as 300 ml or 250 g.",
                );
            }
            if ($grams > (1 + self::ROUNDING) * $all) {
                throw InvalidRecipe::at('amount', sprintf(
                    '“%s” is %d g, and there were %d g of it. Expected: no more than that.',
                    $amount,
                    (int) round($grams),
                    (int) round($all),
                ));
            }
        }

        return new Recipe(
            mb_substr("With {$called}", 0, self::LONGEST_NAME),
            null,
            $made->recipe->measures,
            null,
            [],
            [new Stage('s1', '', [
                new Line('l1', $slug, $amount === ''
                    ? LineWriter::weighed($all, $made->recipe->kitchenware())
                    : $amount),
            ])],
            [$slug => $definition],
            story: "Begins with {$called}, made on {$madeOn}.",
        );
    }
}
