<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Mixture\Constituent;

/**
 * How long a sauce keeps, cautiously: the shortest that its kind, its lines and the cautious end of its pH allow. What
 * makers say stands beside it, with the reason and who decides. Never a promise. The figures are in
 * database/vocabulary.json.
 */
final readonly class KeepingTime
{
    /** Cautious end of the pH from which a thin sour sauce keeps as vinegar does. */
    private const VINEGAR_PH = 3.9;

    /** Share of acetic acid of what is put up with vinegar, as a chutney or a ketchup is; judgement. */
    private const SHARP = 0.005;

    /** Share of sugar from which sharp tomato is a ketchup and keeps as one; judgement. */
    private const SWEETENED = 0.08;

    /** Share of sugar from which fruit is preserved by it; extension services on jams with less sugar. */
    private const PRESERVED = 0.4;

    /** Share of vinegar's acid from which a sauce is mostly vinegar, g per g. */
    private const VINEGAR_ACETIC = 0.02;

    /** Share of sodium from which salt does the keeping, g per g. */
    private const SALTY = 0.02;

    private const OILY = 0.2;

    /**
     * @param string $kind what decides it
     * @param int $fridgeDays closed, cold
     * @param int $openedDays once it is opened
     * @param int $frozenMonths for its quality; 0 where it does not freeze well
     * @param string $makers what makers commonly say
     */
    private function __construct(
        public string $kind,
        public int $fridgeDays,
        public int $openedDays,
        public int $frozenMonths,
        public string $makers,
        public string $why,
        public string $rule,
    ) {}

    /** Null for an empty pot, and for a bought thing, which keeps as its label says. */
    public static function of(Facts $sauce): ?self
    {
        if ($sauce->isEmpty() || $sauce->isBoughtAlone() || $sauce->mass() <= 0.0) {
            return null;
        }
        $table = $sauce->cooked->weighed->vocabulary->words['keeping'];
        $kinds = array_intersect_key($table, array_filter(self::kinds($sauce)));
        if ($kinds === []) {
            throw new \LogicException('A sauce is of no kind that keeps.');
        }
        $shortest = min(array_column($kinds, 'fridge_days'));
        $decides = array_values(
            array_filter($kinds, static fn (array $kind): bool => $kind['fridge_days'] === $shortest),
        )[0];

        return new self(
            $decides['name'],
            $shortest,
            min(array_column($kinds, 'opened_days')),
            min(array_column($kinds, 'frozen_months')),
            $decides['makers'],
            $decides['why'],
            $decides['rule'],
        );
    }

    /** "fridge, 4 weeks" */
    public function short(): string
    {
        return 'fridge, '.self::days($this->fridgeDays);
    }

    public function text(): string
    {
        $frozen
            = $this->frozenMonths === 0
                ? 'It does not freeze well.'
                : 'Frozen: '.self::months($this->frozenMonths).', for its quality.';
        $opened = $this->openedDays === $this->fridgeDays ? '' : ' Opened: '.self::days($this->openedDays).'.';

        return 'In the fridge, '
            .self::days($this->fridgeDays)
            .": the cautious figure. Makers say {$this->makers}.{$opened} {$frozen} "
            .ucfirst($this->why)
            ." ({$this->kind}). Look, smell, and throw it away when in doubt.";
    }

    /** @return array<string, bool> by kind of sauce; what is of none keeps shortest, never longest */
    private static function kinds(Facts $sauce): array
    {
        $grams = $sauce->cooked->mixture->grams;
        $isCooked = $sauce->wasCooked();
        $isPlain = $sauce->having('low-acid-plant', 'fresh-plant', 'perishable', 'raw-egg') === [];
        $isSour = ! $sauce->isLowAcid();
        $hasFruit = self::has('fruit', $sauce);
        $hasTomato = self::has('tomatoes', $sauce);
        $isVinegar
            = $isSour
            && $grams[Constituent::ACETIC] >= self::VINEGAR_ACETIC * $sauce->mass()
            && ($sauce->ph()?->high() ?? 7.0) <= self::VINEGAR_PH;
        $isSharp = $isSour && $grams[Constituent::ACETIC] >= self::SHARP * $sauce->mass();
        $kinds = [
            'raw-egg' => $sauce->rawHaving('raw-egg') !== [],
            'cooked-egg' => $sauce->having('raw-egg') !== [],
            'plant-in-oil' => $sauce->fat() > self::OILY
                && [...$sauce->having('low-acid-plant'), ...$sauce->unknownPlants()] !== [],
            'dairy' => $sauce->having('perishable') !== [] && $sauce->having('not-for-canning') !== [],
            // an estimated pH shortens and never lengthens: stock, tofu and the like keep no longer for being sour
            'stock' => array_diff($sauce->having('perishable'), $sauce->having('not-for-canning')) !== [],
            'low-acid'
                => ! $isSour
                && ! $sauce->isTooDryForToxin()
                && ! ($isPlain && $grams[Constituent::SODIUM] >= self::SALTY * $sauce->mass()),
            'raw-fresh' => $sauce->rawHaving('fresh-plant') !== [] || self::rawFruit($sauce) !== [],
            'egg-bought'
                => array_filter(
                    $sauce->present(),
                    static fn ($line): bool => $line->ingredient?->is('bought') === true
                        && in_array('eggs', $line->ingredient->contains, true),
                ) !== [],
            'nut-paste'
                => $sauce->fat() > 0.1
                && array_filter(
                    $sauce->present(),
                    static fn ($line): bool => array_intersect(
                        ['nuts', 'peanuts', 'sesame'],
                        $line->ingredient->contains ?? [],
                    ) !== [] && $line->ingredient?->is('not-for-canning') === true,
                ) !== [],
            // vinegar and sugar make a ketchup of it
            'tomato' => $hasTomato && ! ($isSharp && $isCooked && $sauce->sugars() >= self::SWEETENED),
            'raw-seafood' => ! $isCooked && self::rawSeafood($sauce),
            'dip' => $isPlain && ! $isCooked && $grams[Constituent::SODIUM] >= self::SALTY * $sauce->mass(),
            'unknown' => $sauce->unknownLines() !== [],
            'oil' => $sauce->isTooDryForToxin() && $sauce->fat() > self::OILY,
            'sweet' => $sauce->isTooDryForToxin() && $sauce->fat() <= self::OILY,
            'vinegar' => $isVinegar && $isPlain,
            'fruit' => $hasFruit && $isCooked && $isSour && ! $isVinegar,
            // neither vinegar nor sugar keeps it: stewed apple, berries just burst
            'fruit-stewed' => $hasFruit && $isCooked && ! $isSharp && $sauce->sugars() < self::PRESERVED,
        ];
        $isOfBottles = $isPlain && $isSour && array_filter(
            $sauce->present(),
            static fn ($line): bool => $line->ingredient?->is('bought') !== true,
        ) === [];
        $kinds['acid-cooked']
            = ($isOfBottles && ! in_array(true, $kinds, true))
            || ($isCooked && $isSour && ! $isVinegar && ! $hasFruit && ! $sauce->isTooDryForToxin());
        $kinds['of-no-kind'] = ! in_array(true, $kinds, true);

        return $kinds;
    }

    private static function has(string $kind, Facts $sauce): bool
    {
        return array_filter(
            $sauce->present(),
            static fn ($line): bool => $line->ingredient?->isOf($kind) === true,
        ) !== [];
    }

    /** Whether a line that nobody knows is called after raw fish or shellfish. */
    private static function rawSeafood(Facts $sauce): bool
    {
        $vocabulary = $sauce->cooked->weighed->vocabulary;
        foreach ($sauce->unknown() as $line) {
            if (isset($vocabulary->hazardsNamed($line->line->ingredient)['raw-seafood'])) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> ids of fruit that goes in raw, and out of no jar or packet */
    private static function rawFruit(Facts $sauce): array
    {
        $fruit = [];
        foreach ($sauce->present() as $i => $line) {
            $thing = $line->ingredient;
            if ($thing?->isOf('fruit') === true && ! $thing->is('bought') && ! $sauce->isCooked($i)) {
                $fruit[] = $line->line->id;
            }
        }

        return $fruit;
    }

    private static function days(int $days): string
    {
        return match (true) {
            $days === 1 => '1 day',
            $days < 14 || ($days % 7 !== 0 && $days < 60) => "{$days} days",
            $days < 60 => intdiv($days, 7).' weeks',
            default => self::months(intdiv($days, 30)),
        };
    }

    private static function months(int $months): string
    {
        return $months === 1 ? '1 month' : "{$months} months";
    }
}
