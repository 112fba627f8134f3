<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * How thick a sauce is, on five words: an estimate, and called one.
 *
 * It adds, in powers of ten of viscosity beside water, what each thing does by itself: cooked starch, pulp and fibre,
 * dissolved sugar, fat in drops, and what sets or swells by its nature (soured milk, gums, jelly, egg that was cooked).
 * Fitted to common practice, no source: 8 g of maize starch to a US cup of stock makes a medium sauce; ketchup and
 * yellow mustard hold a line; mayonnaise and nut paste mound; honey coats, and however thick runs level; single cream
 * coats thinly; water, vinegar and a loose vinaigrette run. Hot it is half a word or so thinner.
 */
enum Thickness: int
{
    case Runs = 0;
    case CoatsThinly = 1;
    case Coats = 2;
    case HoldsALine = 3;
    case Mounds = 4;

    /** Powers of ten per gram in 100 g. */
    private const COOKED_STARCH = 0.75;
    /** Pulp and fibre: PULP p / (p + FEW) ^ CROWDED, p grams in 100 g: few bits hardly touch, many do. */
    private const PULP = 3.0;
    private const FEW = 0.5;
    private const CROWDED = 0.55;
    /** Of protein that soured milk has set, and that egg sets when it is cooked. */
    public const SOURED = 0.6;
    public const COOKED_EGG = 1.0;
    /** What drops of fat do for a gel they are in. */
    private const FAT_IN_GEL = 4.0;
    /** From here on a gel of twice as much is not twice as firm: powers of ten. */
    private const FIRM = 3.0;
    private const FIRMER = 2.0;
    /** Fat in drops: DROPS d / (ROOM − d), d its share. */
    private const DROPS = 3.0;
    private const ROOM = 1.2;
    private const MOST_DROPS = 0.85;
    /** A syrup however thick holds no line: it runs level. */
    private const SYRUP_MOST = 3.1;
    /** What starch keeps of its strength after an hour below pH 4. */
    private const SOUR_HOUR = 0.6;
    private const SOUR_PH = 4.0;

    /** Powers of ten from which each word holds, cold. */
    private const FROM = [1 => 0.6, 2 => 2.0, 3 => 3.2, 4 => 4.3];

    /** Powers of ten thinner at a simmer than cold. */
    public const HOT = 0.6;

    public function words(): string
    {
        return match ($this) {
            self::Runs => 'runs',
            self::CoatsThinly => 'coats thinly',
            self::Coats => 'coats',
            self::HoldsALine => 'holds a line',
            self::Mounds => 'mounds',
        };
    }

    /** The word for so many powers of ten of viscosity beside water. */
    public static function word(float $powers): self
    {
        $word = self::Runs;
        foreach (self::FROM as $value => $from) {
            $word = $powers >= $from ? self::from($value) : $word;
        }

        return $word;
    }

    /** Powers of ten from which on it is this. */
    public function begins(): float
    {
        return self::FROM[$this->value] ?? 0.0;
    }

    /**
     * Powers of ten of viscosity beside water, about, cold.
     *
     * @param array<int, float> $grams by Constituent
     * @param float $emulsified g of the fat that is held in drops and does not float up
     * @param float $body what sets or swells by its nature: powers of ten times 100 g
     * @param float|null $ph where it is known
     * @param float $minutes its starch has simmered
     */
    public static function powers(array $grams, float $emulsified, float $body, ?float $ph, float $minutes): float
    {
        $mass = Mixture::massOf($grams);
        if ($mass <= 0.0) {
            return 0.0;
        }
        $percent = 100 / $mass;
        $weakened = $ph !== null && $ph < self::SOUR_PH ? self::SOUR_HOUR ** ($minutes / 60) : 1.0;
        $starch
            = self::COOKED_STARCH * $weakened * $percent * $grams[Constituent::STARCH_COOKED];
        $pulp = $percent * $grams[Constituent::INSOLUBLE];
        // what a syrup holds beyond what it should is as thick as if it should
        $liquid = Brix::liquid($grams);
        $dissolved = $liquid > 0.0 ? (100 * Brix::dissolved($grams)) / $liquid : 0.0;
        // log10 of the viscosity of sucrose solutions at 20 °C (CRC, from memory: 0.29 at 20 %, 0.79 at 40, 1.77 at 60,
        // 2.68 at 70)
        $syrup = min(self::SYRUP_MOST, $dissolved / max(1.0, 86.6 - 0.87 * $dissolved));
        $drops = min(self::MOST_DROPS, $emulsified / $mass);
        $gel = $body * $percent * (1 + self::FAT_IN_GEL * $drops);
        if ($gel > self::FIRM) {
            $gel = self::FIRM + ($gel - self::FIRM) / (1 + ($gel - self::FIRM) / self::FIRMER);
        }

        return max(
            0.0,
            $starch
                + self::PULP * $pulp / ($pulp + self::FEW) ** self::CROWDED
                + $gel
                + $syrup
                + self::DROPS * $drops / (self::ROOM - $drops),
        );
    }
}
