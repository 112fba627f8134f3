<?php

declare(strict_types=1);

namespace Vinculum\Trouble;

use Vinculum\Cooking\StageReport;
use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;
use Vinculum\Pantry\Form;
use Vinculum\Recipe\ProcessKind;

/** A pot while one stage is done to it: what is in it, how hot it gets, for how long, and what becomes of it. */
final class Moment
{
    public const ROOM = 20.0;

    /**
     * How hot the liquid of a pot gets where nobody says, °C; common practice, no source. Frying and roasting are as
     * hot as what is in the pan is dry.
     */
    private const CELSIUS = [
        'warm' => 55.0,
        'simmer' => 95.0,
        'boil' => 100.0,
        'fry' => 100.0,
        'roast' => 100.0,
        'grill' => 100.0,
        'flame' => 80.0,
        'soak' => self::ROOM,
        'ferment' => self::ROOM,
        'rest' => self::ROOM,
        'chill' => 5.0,
    ];

    /** What is stirred into a pot that is taken off the heat is so hot at the most, °C; judgement. */
    private const OFF_THE_HEAT = 70.0;

    private ?float $ph = null;

    /**
     * @param list<Thing> $things all that is in the pot, this stage's lines included
     * @param float $celsius how hot it gets
     * @param float|null $before how hot it was, where it comes hot from the stage before
     * @param bool $isLast whether nothing but standing comes after it
     * @param array<string, true> $marks every trait and kind of something in it
     * @param float $stands minutes it stands afterwards, cold, all that follows together
     */
    public function __construct(
        public readonly StageReport $report,
        public readonly array $things,
        public readonly float $celsius,
        public readonly ?float $before,
        public readonly bool $isLast,
        public readonly float $stands,
        private readonly array $marks,
    ) {}

    /** How hot a stage gets, where the one before left the pot so hot. */
    public static function celsius(StageReport $report, ?float $before): float
    {
        $process = $report->stage->process;
        $kind = $process->kind ?? ProcessKind::None;

        return $process->celsius
            ?? self::CELSIUS[$kind->value]
            ?? min($before ?? self::ROOM, self::OFF_THE_HEAT);
    }

    public function kind(): ProcessKind
    {
        return $this->report->stage->process->kind ?? ProcessKind::None;
    }

    public function is(ProcessKind ...$kinds): bool
    {
        return in_array($this->kind(), $kinds, true);
    }

    public function stage(): string
    {
        return $this->report->stage->id;
    }

    public function minutes(): float
    {
        return $this->report->minutes ?? 0.0;
    }

    public function isHigh(): bool
    {
        return $this->report->stage->process?->heat === 'high';
    }

    /** g of all that is in the sauce when the stage is done. */
    public function mass(): float
    {
        return max(1e-9, Mixture::massOf($this->report->sauce->grams));
    }

    /** g of one constituent in the sauce when the stage is done. */
    public function grams(int ...$constituents): float
    {
        $grams = 0.0;
        foreach ($constituents as $constituent) {
            $grams += $this->report->sauce->grams[$constituent];
        }

        return $grams;
    }

    /** Share of the sauce when the stage is done. */
    public function share(int ...$constituents): float
    {
        return $this->grams(...$constituents) / $this->mass();
    }

    /** Share of sugars of the sauce when the stage is done. */
    public function sugars(): float
    {
        return $this->report->sauce->sugars() / $this->mass();
    }

    /** Starch of the sauce, raw or swollen, share. */
    public function starch(): float
    {
        return $this->share(Constituent::STARCH_RAW, Constituent::STARCH_COOKED);
    }

    /** pH when the stage is done; 7 where there is too little water to have one. */
    public function ph(): float
    {
        return $this->ph ??= Acidity::of($this->report->sauce->grams)->ph ?? 7.0;
    }

    /** g of water that is poured, and not held in pieces of something. */
    public function liquid(): float
    {
        return self::sum(
            array_values(array_filter(
                $this->things,
                static fn (Thing $thing): bool => $thing->ingredient->form !== Form::Pieces,
            )),
            Constituent::WATER,
        );
    }

    /** g of what was cut up and put in. */
    public function pieces(): float
    {
        return self::weight(array_values(array_filter(
            $this->things,
            static fn (Thing $thing): bool => ! $thing->isLiftedOut && $thing->ingredient->form === Form::Pieces,
        )));
    }

    /** g that steam took, as a share of what was there. */
    public function lost(): float
    {
        return $this->report->massIn > 0.0 ? $this->report->boiledOff / $this->report->massIn : 0.0;
    }

    /** @return list<Thing> those that have one of these traits and stay in the sauce */
    public function having(string ...$traits): array
    {
        if (! $this->hasOneOf($traits)) {
            return [];
        }

        return array_values(array_filter(
            $this->things,
            static fn (Thing $thing): bool => ! $thing->isLiftedOut
                && array_filter($traits, $thing->ingredient->is(...)) !== [],
        ));
    }

    /** @return list<Thing> those that are of one of these kinds and stay in the sauce */
    public function ofKind(string ...$kinds): array
    {
        if (! $this->hasOneOf($kinds)) {
            return [];
        }

        return array_values(array_filter(
            $this->things,
            static fn (Thing $thing): bool => ! $thing->isLiftedOut && $thing->ingredient->isOf(...$kinds),
        ));
    }

    /** @param array<string> $marks */
    private function hasOneOf(array $marks): bool
    {
        foreach ($marks as $mark) {
            if (isset($this->marks[$mark])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<Thing> $things
     */
    public static function weight(array $things): float
    {
        $grams = 0.0;
        foreach ($things as $thing) {
            $grams += $thing->grams;
        }

        return $grams;
    }

    /**
     * @param list<Thing> $things
     */
    public static function sum(array $things, int $constituent): float
    {
        $grams = 0.0;
        foreach ($things as $thing) {
            $grams += $thing->of($constituent);
        }

        return $grams;
    }

    /**
     * @param list<Thing> $things
     */
    public static function isFromThisStage(array $things, string $stage): bool
    {
        foreach ($things as $thing) {
            if ($thing->stage === $stage) {
                return true;
            }
        }

        return false;
    }
}
