<?php

declare(strict_types=1);

namespace Vinculum\Solve\Mend;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Sentence;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Ingredient;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\LineWriter;
use Vinculum\Recipe\Stage;
use Vinculum\Safety\Limits;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\LinearPot;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Solve\Rescue\Rescue;
use Vinculum\Solve\Rescue\Rescued;

/** A pot that has split, curdled or burnt, mended where it can be, in amounts and with what the hands do. */
final readonly class Mend
{
    /** Share by which an amount may be off as it is written; judgement. */
    private const WRITTEN = 0.15;

    /**
     * @param list<Ingredient> $have what may go in, besides water
     * @param float|null $grams in the pot; null for as much as the recipe makes
     */
    public static function of(
        Evaluation $from,
        Catalogue $catalogue,
        Complaint $complaint,
        array $have,
        ?float $grams = null,
    ): Rescued {
        $own = [];
        foreach ($from->cooked->weighed->lines as $line) {
            if ($line->ingredient !== null && ! $line->line->leftOut) {
                $own[] = $line->ingredient;
            }
        }
        $water = $catalogue->plainFor('water');
        $larder = new Larder($own, array_values(array_filter([...$have, $water])));
        $ways = new Ways($from, new HeldBy($from), $larder, $grams);
        $remedies = array_map(
            static fn (Way $way): Remedy => self::remedy($way, $from, $catalogue, $grams),
            $ways->of($complaint),
        );
        $note = $ways->note($complaint);

        return new Rescued(
            $remedies,
            [],
            $from,
            $remedies === [] && $note->isEmpty()
                ? Sentence::of('Nothing that is marked on hand mends that. Mark more of what you have in the Pantry.')
                : $note,
            [],
        );
    }

    private static function remedy(Way $way, Evaluation $from, Catalogue $catalogue, ?float $grams): Remedy
    {
        $kit = $from->recipe->kitchenware();
        $makes = $from->cooked->mixture->mass();
        $scale = ($grams ?? $makes) / $makes;
        $additions = $lines = [];
        foreach ($way->takes as $i => [$thing, $takes]) {
            $text = LineWriter::fresh($takes, $thing, $kit, self::WRITTEN);
            $written = LineWriter::gramsOf($text, $thing, null, $kit) ?? $takes;
            $additions[] = new Addition($thing, $written, $text);
            $lines[] = new Line(
                $from->recipe->freshId('m').'-'.($i + 1),
                $thing->slug,
                abs($scale - 1) < 1e-9 ? $text : LineWriter::weighed($written / $scale, $kit),
            );
        }
        $recipe = $lines === [] ? $from->recipe : $from->recipe->withStages([
            ...$from->recipe->stages,
            new Stage($from->recipe->freshId('t'), 'To mend it', $lines, extra: [Rescue::TO_TASTE => true]),
        ]);
        $after = Evaluation::of($recipe, $catalogue, $from->style);
        [$was, $is] = [LinearPot::of($from->cooked), LinearPot::of($after->cooked)];
        $steps = [];
        foreach (Feel::cases() as $feel) {
            $steps[$feel->value] = $feel->steps($feel->value($was), $feel->value($is));
        }

        return new Remedy(
            $additions,
            0.0,
            $makes * $scale,
            $is->mass * $scale,
            $steps,
            $after,
            $recipe,
            null,
            Sentence::of(''),
            Limits::approached($from->estimates, $after->estimates),
            $way->hands,
        );
    }
}
