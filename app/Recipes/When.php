<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Http\Requests\AskedMaking;
use App\Pantry\Compiled;
use App\Pantry\Household;
use Illuminate\Support\Carbon;
use Vinculum\Batch\Making;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Plan\Beside;
use Vinculum\Plan\Hours;
use Vinculum\Plan\UnreadableTime;
use Vinculum\Plan\Wanted;
use Vinculum\Plan\WhenToBegin;
use Vinculum\Recipe\InvalidRecipe;

/** When this household has to begin, with the rings, the hours and the hands it has. */
final readonly class When
{
    public function __construct(private Household $household, private Makings $makings, private Compiled $compiled) {}

    /** Its own clock, or the one that is given. */
    public function hours(string $zone): Hours
    {
        $kitchen = $this->household->preferences()->kitchen;
        try {
            return new Hours(
                $kitchen['zone'] !== '' ? $kitchen['zone'] : ($zone !== '' ? $zone : date_default_timezone_get()),
                $kitchen['wakes'],
                $kitchen['sleeps'],
            );
        } catch (UnreadableTime $why) {
            throw InvalidRecipe::at('zone', $why->getMessage());
        }
    }

    /**
     * @param list<AskedMaking> $makings
     * @param list<array{text: string, ready: string|null}> $beside what they are for
     * @return array{WhenToBegin, list<string>, list<array<string, mixed>>} the plan, what each is called, and how each
     *     making looks
     */
    public function plan(array $makings, array $beside, Hours $hours): array
    {
        $wanted = [];
        $looks = [];
        foreach ($makings as $i => $asked) {
            try {
                $scaled = $this->makings->scaled($asked);
            } catch (UnreachableTarget $why) {
                throw InvalidRecipe::at("batches[{$i}].to", $why->getMessage());
            }
            $wanted[] = self::wanted($scaled->evaluation, $asked->making, $asked->ready, $hours, $i);
            $looks[] = $this->makings->shown($scaled, $asked->making);
        }

        foreach ($beside as $i => $each) {
            try {
                $wanted[] = Wanted::beside(
                    Beside::read($each['text'], $this->compiled->vocabulary()),
                    $each['ready'] === null ? null : $hours->minute($each['ready']),
                );
            } catch (UnreadableTime $why) {
                throw InvalidRecipe::at("beside[{$i}]", $why->getMessage());
            }
        }
        $names = array_map(static fn (Wanted $each): string => $each->name, $wanted);

        return [$this->scheduled($wanted, $hours), $names, $looks];
    }

    /**
     * @param string|null $ready null for as soon as may be
     * @param int $place which of the sauces, from 0
     *
     * @throws InvalidRecipe naming the field
     */
    public static function wanted(
        Evaluation $made,
        Making $making,
        ?string $ready,
        Hours $hours,
        int $place,
    ): Wanted {
        if ($made->cooked->mixture->mass() <= 0.0) {
            throw InvalidRecipe::at(
                "batches[{$place}].recipe",
                'There is nothing to cook in it yet. Give at least one line an amount.',
            );
        }
        try {
            return Wanted::sauce($made, $ready === null ? null : $hours->minute($ready), $making);
        } catch (UnreadableTime $why) {
            throw InvalidRecipe::at("batches[{$place}].ready", $why->getMessage());
        }
    }

    /** @param list<Wanted> $wanted */
    public function scheduled(array $wanted, Hours $hours): WhenToBegin
    {
        $kitchen = $this->household->preferences()->kitchen;

        return WhenToBegin::of(
            $wanted,
            Carbon::now()->getTimestamp() / 60,
            $kitchen['rings'],
            $kitchen['oven'] ? 1 : 0,
            $hours,
            Makings::clock(),
        );
    }
}
