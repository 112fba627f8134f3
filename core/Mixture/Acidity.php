<?php

declare(strict_types=1);

namespace Vinculum\Mixture;

/**
 * How sour a mixture is, by charge balance: pH, what it takes to neutralise it, and how it answers to a little more of
 * anything.
 *
 * Every food carries its weak acids and one net charge of strong ions, set so that it alone has its measured pH. A
 * mixture adds moles and charge and solves, per kilogram of water,
 *
 *     charge + [H] − [OH] − Σ n z(pH) = 0,    z = mean charge lost by a group, rising with pH
 *
 * which falls strictly with pH, so that there is one root. Mineral solids, proteins that unfold and carbon dioxide are
 * not in it.
 *
 * What a meter reads is activity. The constants are those of an ionic strength of 0.1 mol/kg by the Davies equation,
 * log γ = −0.509 z² (√I / (1 + √I) − 0.3 I) (from memory), which from 0.1 to 1, where sauces are, differs by 0.03 at
 * most for one charge. So they cost nothing, and a mixture is still linear; thinner than that a buffer reads up to 0.1
 * low, and an acid alone in water reads right, since there it cancels.
 *
 * pKa at 25 °C: CRC Handbook, "Dissociation constants of organic acids and bases", from memory. Protein and phosphate
 * are lumped by the gram of protein: 1.2 mmol carboxyl, 0.2 imidazole, 0.6 amino and 0.8 phosphate; judgement, between
 * milk and seeds. Milk needs about 50 mmol of strong acid to the kilogram to come to pH 4.6; here it needs 38, since
 * its calcium phosphate, which dissolves on the way, is not in it.
 */
final class Acidity
{
    /** The pH a titration ends at (AOAC 942.15, from memory). */
    public const NEUTRAL = 8.1;

    /**
     * What the charge balance itself may be off, half-width in pH of a four-in-five interval: 1.28 times the root
     * mean square of 0.19 over 45 published buffers and eighteen whole sauces (tests/Reference/PhTest).
     */
    public const MODEL_SPREAD = 0.24;

    /** Below this share of water there is no pH to speak of. */
    public const LEAST_WATER = 0.05;

    private const KW = 1.0e-14;

    private const LN10 = 2.302585092994046;

    /**
     * 1/γ of one charge at an ionic strength of 0.1, and what it makes of a dissociation constant: of a neutral acid,
     * of its anion, of that one's.
     */
    private const ACTIVITY = 1.2794;
    private const FIRST = self::ACTIVITY;
    private const SECOND = self::ACTIVITY ** 3;
    private const THIRD = self::ACTIVITY ** 5;

    /** Below this share of water a thing is taken for dry: its pH is measured in a slurry. */
    private const DRY = 0.18;

    /** g/mol. */
    private const ACETIC_MOLAR = 60.052;

    /** About the pH of a sauce, to begin from where nothing nearer is known: it only saves time. */
    public const ABOUT = 4.0;

    /** pH is found to about this. */
    private const PRECISION = 1e-12;

    /** From a step so small on, what is left of it is to first order: its square is below what is asked. */
    private const LAST_STEP = 1e-5;

    /**
     * Constituent, mol per gram, K of each of three steps (0 for none), and whether a tongue counts it as sour:
     * carboxylic acids, not amino acids, not phosphate.
     */
    private const GROUPS = [
        [Constituent::ACETIC, 1 / 60.052, [1.754e-5 * self::FIRST, 0.0, 0.0], true],
        [
            Constituent::CITRIC,
            1 / 192.12,
            [7.413e-4 * self::FIRST, 1.738e-5 * self::SECOND, 3.981e-7 * self::THIRD],
            true,
        ],
        [Constituent::MALIC, 1 / 134.09, [3.981e-4 * self::FIRST, 7.762e-6 * self::SECOND, 0.0], true],
        [Constituent::LACTIC, 1 / 90.08, [1.38e-4 * self::FIRST, 0.0, 0.0], true],
        [Constituent::TARTARIC, 1 / 150.09, [1.047e-3 * self::FIRST, 4.571e-5 * self::SECOND, 0.0], true],
        // quinic and gluconic acid: pKa about 3.6
        [Constituent::OTHER_ACID, 1 / 194.0, [2.512e-4 * self::FIRST, 0.0, 0.0], true],
        // of bicarbonate; CRC Handbook, from memory: 6.35 and 10.33
        [Constituent::CARBONIC, 1 / 62.03, [4.467e-7 * self::FIRST, 4.677e-11 * self::SECOND, 0.0], false],
        // amino acids begin as cations
        [
            Constituent::GLUTAMIC,
            1 / 147.13,
            [6.457e-3 / self::FIRST, 5.623e-5 * self::FIRST, 2.138e-10 * self::SECOND],
            false,
        ],
        [
            Constituent::ASPARTIC,
            1 / 133.1,
            [1.023e-2 / self::FIRST, 1.259e-4 * self::FIRST, 1.259e-10 * self::SECOND],
            false,
        ],
        [Constituent::PROTEIN, 1.2e-3, [5.012e-5, 0.0, 0.0], false],
        [Constituent::PROTEIN, 0.2e-3, [5.012e-7, 0.0, 0.0], false],
        [Constituent::PROTEIN, 0.6e-3, [6.31e-11, 0.0, 0.0], false],
        [
            Constituent::PROTEIN,
            0.8e-3,
            [7.079e-3 * self::FIRST, 6.31e-8 * self::SECOND, 4.467e-13 * self::THIRD],
            false,
        ],
    ];

    /** @var array<int, float>|null mol of strong base left over for a gram of each, once asked for */
    private ?array $surplusWeights = null;

    /** @var array<int, float>|null mol of strong base that a gram of each takes up for one pH more, once asked for */
    private ?array $bufferWeights = null;

    /**
     * @param float $ph at 25 °C
     * @param array<int, float> $z mean charge lost at this pH by those of GROUPS that are there
     * @param array<int, float> $slopes dz/dpH of each
     * @param float $buffer mol of strong base to raise the mixture by one pH, at this pH
     * @param float $charge mol of strong base less strong acid
     * @param array<int, array{float, float, float, float}> $moles of what there is of GROUPS, with its constants
     */
    private function __construct(
        public readonly float $ph,
        private readonly array $z,
        private readonly array $slopes,
        public readonly float $buffer,
        private readonly float $charge,
        private readonly array $moles,
    ) {}

    /**
     * @param array<int, float> $grams by Constituent
     * @param float $guess a pH near the answer, where one is known; it only saves time
     * @return self|null where there is too little water
     */
    public static function of(array $grams, float $guess = self::ABOUT): ?self
    {
        $mass = Mixture::massOf($grams);

        return $mass <= 0.0 || $grams[Constituent::WATER] < self::LEAST_WATER * $mass
            ? null
            : self::inSteam($grams, $guess);
    }

    /**
     * The same however dry it is: what boils on has an undissociated share of acid to the end, though a meter would no
     * longer read it.
     *
     * @param array<int, float> $grams by Constituent; some water
     * @param float $guess a pH near the answer, where one is known; it only saves time
     */
    public static function inSteam(array $grams, float $guess = self::ABOUT): self
    {
        $moles = [];
        foreach (self::GROUPS as $i => [$constituent, $perGram, [$first, $second, $third]]) {
            if ($grams[$constituent] > 0.0) {
                $moles[$i] = [$grams[$constituent] * $perGram, $first, $second, $third];
            }
        }

        return self::solved(
            $grams[Constituent::STRONG_BASE] - $grams[Constituent::STRONG_ACID],
            $moles,
            $grams[Constituent::WATER],
            $guess,
        );
    }

    /**
     * The same mixture where some of its water and acetic acid has boiled off, or come back.
     *
     * @param float $water g, some
     * @param float $acetic g, none of it in a mixture without any
     */
    public function boiled(float $water, float $acetic): self
    {
        $moles = $this->moles;
        $h = 10 ** -$this->ph;
        $surplus = $this->charge + (self::ACTIVITY * ($h - self::KW / $h) * $water) / 1000;
        if (isset($moles[0])) {
            $moles[0][0] = $acetic / self::ACETIC_MOLAR;
        }
        foreach ($moles as $i => [$amount]) {
            $surplus -= $amount * $this->z[$i];
        }

        // begun where it is to first order
        return self::solved($this->charge, $moles, $water, $this->ph + $surplus / $this->buffer);
    }

    /**
     * Carboxylic acid still to be neutralised in a thing by itself, g of acetic acid; of what is nearly dry, in its
     * slurry.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function sournessOf(array $grams): float
    {
        $sour = 0.0;
        foreach (self::ofSlurry($grams)?->sournessWeights() ?? [] as $constituent => $weight) {
            $sour += $weight * $grams[$constituent];
        }

        return $sour;
    }

    /**
     * Net charge of strong ions that gives a food its pH, mol, positive for base. What is nearly dry is taken as a
     * slurry of one part in nine of water, as its pH is measured.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function chargeFor(array $grams, float $ph): float
    {
        $kilograms = self::kilogramsOfWater($grams);
        $lost = 0.0;
        foreach (self::GROUPS as [$constituent, $perGram, $ks]) {
            $lost += $grams[$constituent] * $perGram * self::group($ks, 10 ** -$ph)[0];
        }

        return $lost - self::ACTIVITY * (10 ** -$ph - self::KW * 10 ** $ph) * $kilograms;
    }

    /**
     * As it would be in a slurry, for what is nearly dry.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function ofSlurry(array $grams): ?self
    {
        $grams[Constituent::WATER] = 1000 * self::kilogramsOfWater($grams);

        return self::of($grams);
    }

    /** @param array<int, float> $grams by Constituent */
    public static function kilogramsOfWater(array $grams): float
    {
        $mass = Mixture::massOf($grams);

        return ($grams[Constituent::WATER] < self::DRY * $mass ? 9 * $mass : $grams[Constituent::WATER]) / 1000;
    }

    /**
     * d(pH) for a small change of what is in the mixture, to first order.
     *
     * @param array<int, float> $change g of each constituent
     */
    public function shift(array $change): float
    {
        return $this->surplus($change) / $this->buffer;
    }

    /**
     * Strong base left over in a mixture at this pH, mol: 0 for the mixture itself. Linear.
     *
     * @param array<int, float> $grams by Constituent
     */
    public function surplus(array $grams): float
    {
        return Mixture::sum($this->surplusWeights(), $grams);
    }

    /**
     * The same for a gram of each, mol.
     *
     * @return array<int, float> by Constituent
     */
    public function surplusWeights(): array
    {
        return $this->surplusWeights ??= $this->weighSurplus();
    }

    /**
     * The same of what is in the mixture alone: all that a change of it by boiling can be made of.
     *
     * @return array<int, float> by Constituent, the same ones at any pH
     */
    public function ownSurplusWeights(): array
    {
        $h = 10 ** -$this->ph;
        $weights = [
            Constituent::STRONG_BASE => 1.0,
            Constituent::STRONG_ACID => -1.0,
            Constituent::WATER => (self::ACTIVITY * ($h - self::KW / $h)) / 1000,
            Constituent::PROTEIN => 0.0,
        ];
        foreach ($this->z as $i => $lost) {
            [$constituent, $perGram] = self::GROUPS[$i];
            $weights[$constituent] = ($weights[$constituent] ?? 0.0) - $perGram * $lost;
        }

        return $weights;
    }

    /**
     * Strong base that a part of the mixture takes up for one pH more, mol. Linear.
     *
     * @param array<int, float> $grams by Constituent
     */
    public function bufferOf(array $grams): float
    {
        return Mixture::sum($this->bufferWeights(), $grams);
    }

    /**
     * What one of GROUPS has lost at this pH, and its slope; of what is not there as well, since it may come in.
     *
     * @return array{float, float}
     */
    private function lost(int $group): array
    {
        return isset($this->z[$group])
            ? [$this->z[$group], $this->slopes[$group]]
            : self::group(self::GROUPS[$group][2], 10 ** -$this->ph);
    }

    /**
     * The same for a gram of each, mol.
     *
     * @return array<int, float> by Constituent
     */
    public function bufferWeights(): array
    {
        return $this->bufferWeights ??= $this->weighBuffer();
    }

    /** @return array<int, float> by Constituent */
    private function weighSurplus(): array
    {
        $weights = $this->ownSurplusWeights();
        foreach (array_diff_key(self::GROUPS, $this->z) as $i => [$constituent, $perGram]) {
            $weights[$constituent] = ($weights[$constituent] ?? 0.0) - $perGram * $this->lost($i)[0];
        }

        return $weights;
    }

    /** @return array<int, float> by Constituent */
    private function weighBuffer(): array
    {
        $h = 10 ** -$this->ph;
        $weights = [
            Constituent::WATER => (self::LN10 * self::ACTIVITY * ($h + self::KW / $h)) / 1000,
            Constituent::PROTEIN => 0.0,
        ];
        foreach (self::GROUPS as $i => [$constituent, $perGram]) {
            $weights[$constituent]
                = ($weights[$constituent] ?? 0.0) + $perGram * ($this->slopes[$i] ?? $this->lost($i)[1]);
        }

        return $weights;
    }

    /**
     * Carboxylic acid still to be neutralised between this pH and 8.1, in grams of acetic acid to the gram of each.
     *
     * @return array<int, float> by Constituent
     */
    public function sournessWeights(): array
    {
        $weights = [];
        foreach (self::GROUPS as $i => [$constituent, $perGram, $ks, $isSour]) {
            if ($isSour) {
                $weights[$constituent]
                    = max(0.0, self::group($ks, 10 ** -self::NEUTRAL)[0] - $this->lost($i)[0])
                    * $perGram
                    * self::ACETIC_MOLAR;
            }
        }

        return $weights;
    }

    /**
     * d(sourness weight) / d(pH), of each.
     *
     * @return array<int, float> by Constituent
     */
    public function sournessSlopes(): array
    {
        $slopes = [];
        foreach (self::GROUPS as $i => [$constituent, $perGram, , $isSour]) {
            if ($isSour) {
                $slopes[$constituent] = -$this->lost($i)[1] * $perGram * self::ACETIC_MOLAR;
            }
        }

        return $slopes;
    }

    /**
     * Titratable acidity proper: strong base to bring everything to pH 8.1, as grams of acetic acid; below 0 for what
     * is more alkaline than that. Linear in what there is, since charge is balanced: the pH it starts from need not be
     * known.
     *
     * @param array<int, float> $grams by Constituent
     */
    public static function titratable(array $grams): float
    {
        $acetic = 0.0;
        foreach (self::titrationWeights() as $constituent => $weight) {
            $acetic += $weight * $grams[$constituent];
        }

        return $acetic;
    }

    /**
     * Grams of acetic acid that a gram of each is worth in a titration.
     *
     * @return array<int, float> by Constituent
     */
    public static function titrationWeights(): array
    {
        /** @var array<int, float>|null $weights */
        static $weights = null;

        return $weights ??= self::titrated();
    }

    /** Share of the acetic acid that is undissociated, and so volatile, at this pH. */
    public function acetic(): float
    {
        return 1 - $this->lost(0)[0];
    }

    /** d(undissociated share of acetic acid) / d(pH). */
    public function aceticSlope(): float
    {
        return -$this->lost(0)[1];
    }

    /** @return array<int, float> by Constituent */
    private static function titrated(): array
    {
        $end = 10 ** -self::NEUTRAL;
        $weights = [
            Constituent::STRONG_ACID => 1.0,
            Constituent::STRONG_BASE => -1.0,
            Constituent::WATER => -self::ACTIVITY * ($end - self::KW / $end) / 1000,
        ];
        foreach (self::GROUPS as [$constituent, $perGram, $ks]) {
            $weights[$constituent] = ($weights[$constituent] ?? 0.0) + $perGram * self::group($ks, $end)[0];
        }

        return array_map(static fn (float $moles): float => $moles * self::ACETIC_MOLAR, $weights);
    }

    /**
     * Newton's method between bounds that close in: it cannot leave them, so it cannot fail.
     *
     * @param float $charge mol of strong base less strong acid
     * @param array<int, array{float, float, float, float}> $moles of what there is of GROUPS, with its constants
     * @param float $water g
     * @param float $ph to begin at
     */
    private static function solved(float $charge, array $moles, float $water, float $ph): self
    {
        $z = [];
        $slopes = [];
        $low = -1.0;
        $high = 15.0;
        // what the ions of water count for
        $ions = (self::ACTIVITY * $water) / 1000;
        do {
            $h = 10 ** -$ph;
            $oh = self::KW / $h;
            $surplus = $charge + ($h - $oh) * $ions;
            $buffer = self::LN10 * ($h + $oh) * $ions;
            foreach ($moles as $i => [$amount, $first, $second, $third]) {
                // as group() below, in place: this is where a recipe's time goes
                $one = $first / $h;
                if ($second === 0.0) {
                    $lost = $one / (1.0 + $one);
                    $slope = self::LN10 * $lost * (1.0 - $lost);
                } else {
                    $two = ($one * $second) / $h;
                    $three = ($two * $third) / $h;
                    $sum = 1.0 + $one + $two + $three;
                    $lost = ($one + 2 * $two + 3 * $three) / $sum;
                    $slope = self::LN10 * (($one + 4 * $two + 9 * $three) / $sum - $lost * $lost);
                }
                $surplus -= $amount * $lost;
                $buffer += $amount * $slope;
                $z[$i] = $lost;
                $slopes[$i] = $slope;
            }
            $step = $surplus / $buffer;
            if (abs($step) < self::LAST_STEP) {
                $ph += $step;
                foreach ($moles as $i => $_) {
                    $z[$i] += $slopes[$i] * $step;
                }
                break;
            }
            if ($surplus > 0.0) {
                $low = $ph;
            } else {
                $high = $ph;
            }
            $ph += $step;
            if ($ph <= $low || $ph >= $high) {
                $ph = ($low + $high) / 2;
            }
        } while ($high - $low > self::PRECISION);

        return new self($ph, $z, $slopes, $buffer, $charge, $moles);
    }

    /**
     * Mean charge a group has lost at [H], and its change with pH: ln 10 times the variance of that number.
     *
     * @param array{float, float, float} $ks dissociation constants in order, 0 for none
     * @return array{float, float}
     */
    private static function group(array $ks, float $h): array
    {
        [$first, $second, $third] = $ks;
        $one = $first / $h;
        $two = ($one * $second) / $h;
        $three = ($two * $third) / $h;
        $sum = 1.0 + $one + $two + $three;
        $mean = ($one + 2 * $two + 3 * $three) / $sum;

        return [$mean, self::LN10 * (($one + 4 * $two + 9 * $three) / $sum - $mean * $mean)];
    }
}
