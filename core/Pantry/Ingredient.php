<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Mixture\Acidity;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;

/**
 * What a thing is, what it is made of and how it is measured.
 *
 * @phpstan-import-type CompiledIngredient from Catalogue
 */
final readonly class Ingredient
{
    /** Fat from which a thing thins nothing, share; judgement. */
    private const FATTY = 0.4;
    /** The kind of whatever somebody put in by its label. */
    public const OWN = 'own';

    /** What one thing of the pantry is the plain one for. */
    public const PLAIN_FOR = ['sweet', 'sour', 'salty', 'umami', 'hot', 'water'];

    /** Share of alcohol from which a thing is a drink. */
    private const ALCOHOLIC = 0.03;

    /** Least that is measured, grams, of what is poured, of what is cut and of anything else. */
    private const POURED = 0.6;
    private const CUT = 0.5;
    private const PINCH = 0.1;

    /**
     * @param non-empty-list<string> $kinds what it is, by the vocabulary's tree: its own kind, then those around it
     * @param list<string> $aliases other names and renamed slugs
     * @param list<string> $roles what it is for, by the vocabulary
     * @param string $tint the pigment it is drawn in
     * @param float|null $density g/mL as poured or spooned; null where nobody measured it
     * @param list<Portion> $portions the first is what a bare number counts
     * @param list<float|null> $composition g per 100 g edible, by Constituent; null is unknown, not 0
     * @param list<string> $sources by Constituent, where each value comes from; '' for an unknown one
     * @param list<float> $perGram g per g, unknown taken as 0
     * @param string $caution what is easily confused, shown wherever it is chosen
     * @param list<string> $contains allergens it always has
     * @param list<string> $mayContain allergens some kinds have: check the label
     * @param bool $allergensKnown false where nobody has said what else it may contain
     * @param float $edible share that is used of what is bought, without peel, husk, stone or stem; above 0, up to 1
     * @param float|null $ph measured, of the thing as it is or, where it is nearly dry, of a slurry; null where nobody
     *     measured it
     * @param float|null $sourness of the thing by itself, g acetic acid equivalent per 100 g; null where none of its
     *     acids is known
     * @param list<string> $traits what it is, by the vocabulary
     * @param float $mostShare highest sensible share of a sauce, above 0, up to 1
     * @param array<string, float> $aroma what it smells of and how strongly, by the gram; empty for nothing in
     *     particular
     * @param array{int, int}|null $season first and last month, the last perhaps in the next year; null for none
     * @param float $thickens what it thickens beyond what it is made of: powers of ten of viscosity for each gram of it
     *     in 100 g, cold; below 0 where its starch is weaker than maize starch
     * @param array<string, float> $doubts half-widths in ln of 'sugars' or 'acids', where two tables contradict one
     *     another
     * @param bool $setsCold whether it does so only once cold
     * @param list<list<non-empty-list<string>>> $standIns slugs of what a cook uses for it: what to try first and what
     *     only then, each best first, several together
     * @param string $plain what it is the plain thing for, by PLAIN_FOR; '' for nothing
     * @param float|null $kcalOfSolubles kcal/g that a label counts for what else is dissolved of it; null for as usual
     * @param array{fridge: int, opened: int, frozen: int}|null $keeps days closed and opened and months frozen of a
     *     sauce that was made; null of what was not
     */
    private function __construct(
        public string $slug,
        public string $name,
        public array $kinds,
        public array $aliases,
        public array $roles,
        public string $tint,
        public Form $form,
        public Certainty $certainty,
        public ?float $density,
        public string $densitySource,
        public array $portions,
        public array $composition,
        public array $sources,
        public array $perGram,
        public string $caution,
        public array $contains,
        public array $mayContain,
        public bool $allergensKnown,
        public float $edible,
        public string $edibleSource,
        public ?float $ph,
        public string $phSource,
        public ?float $sourness,
        public array $traits,
        public float $mostShare,
        public array $aroma,
        public ?array $season,
        public float $thickens,
        public bool $setsCold,
        private array $doubts,
        public array $standIns,
        private bool $sharesName = false,
        private string $plain = '',
        public ?float $kcalOfSolubles = null,
        public ?array $keeps = null,
    ) {}

    /** Whether it is of this kind, or of one within it: an apple is fruit. */
    public function isOf(string ...$kinds): bool
    {
        return array_intersect($kinds, $this->kinds) !== [];
    }

    /** The widest kind it is of: where it stands in the pantry and in a shop. */
    public function shelf(): string
    {
        return $this->kinds[count($this->kinds) - 1];
    }

    /** Whether another is of a kind with it, however wide: vinegar and lemon, thyme and carrot. */
    public function isBeside(self $other): bool
    {
        return array_intersect(array_diff($this->kinds, [self::OWN]), $other->kinds) !== [];
    }

    /** Whether it is the plain thing to salt, sweeten, thin … with: what a cook takes where nothing else is meant. */
    public function isPlain(string $for): bool
    {
        return $this->plain === $for;
    }

    /** Starch, gum or crumbs. */
    public function isThickener(): bool
    {
        return $this->isOf('thickener');
    }

    /** What a sauce is seasoned with by the spoon: salt, sugar, vinegar, soy, honey; never what it is made of. */
    public function isSeasoning(): bool
    {
        return $this->form !== Form::Pieces
            && array_intersect($this->roles, ['sweet', 'acid', 'salty']) !== []
            && array_intersect($this->roles, ['base', 'body', 'fat', 'aroma', 'hot']) === [];
    }

    /** Whether a spoon or a jug says how much of it there is: it pours or heaps, and its density is known. */
    public function fillsASpoon(): bool
    {
        return $this->density !== null && $this->form !== Form::Pieces;
    }

    /** Oil, butter, nut paste: what makes nothing thinner. */
    public function isFatty(): bool
    {
        return $this->perGram[Constituent::FAT] > self::FATTY;
    }

    /** Of pepper, mustard and ginger, g per g, which is not counted as heat. */
    public function bite(): float
    {
        return $this->perGram[Constituent::PIPERINE]
            + $this->perGram[Constituent::MUSTARD_BITE]
            + $this->perGram[Constituent::GINGEROLS];
    }

    /** A drink, or what is steeped in one. */
    public function isAlcoholic(): bool
    {
        return $this->perGram[Constituent::ETHANOL] > self::ALCOHOLIC;
    }

    /**
     * Grams of it that stand for what it left in a sauce, by what of it cannot boil away.
     *
     * @param array<int, float> $row g of each constituent
     */
    public function gramsBehind(array $row): float
    {
        $dry = 1 - $this->perGram[Constituent::WATER];

        return $dry > 0.0 ? (Mixture::massOf($row) - $row[Constituent::WATER]) / $dry : 0.0;
    }

    /**
     * Least of it that a spoon or fingers measure, grams: an eighth of a teaspoon of what is poured, a pinch of what is
     * ground, and of what comes in pieces a quarter of one, or as little as a scale shows.
     */
    public function leastMeasured(): float
    {
        return match ($this->form) {
            Form::Liquid => self::POURED,
            Form::Pieces => max(
                self::PINCH,
                min([self::CUT, ...array_map(static fn (Portion $one): float => $one->grams / 4, $this->portions)]),
            ),
            default => self::PINCH,
        };
    }

    /**
     * @param CompiledIngredient $compiled
     */
    public static function fromCompiled(array $compiled): self
    {
        return new self(
            slug: $compiled['slug'],
            name: $compiled['name'],
            kinds: $compiled['kinds'],
            aliases: $compiled['aliases'],
            roles: $compiled['roles'],
            tint: $compiled['tint'],
            form: Form::from($compiled['form']),
            certainty: Certainty::from($compiled['certainty']),
            density: $compiled['density'],
            densitySource: $compiled['densitySource'],
            portions: array_map(
                static fn (array $portion): Portion => new Portion(...$portion),
                $compiled['portions'],
            ),
            composition: $compiled['composition'],
            sources: $compiled['sources'],
            perGram: array_map(
                static fn (?float $value): float => ($value ?? 0.0) / 100,
                $compiled['composition'],
            ),
            caution: $compiled['caution'],
            contains: $compiled['contains'],
            mayContain: $compiled['mayContain'],
            allergensKnown: $compiled['allergensKnown'],
            edible: $compiled['edible'],
            edibleSource: $compiled['edibleSource'],
            ph: $compiled['ph'],
            phSource: $compiled['phSource'],
            sourness: $compiled['sourness'],
            traits: $compiled['traits'],
            mostShare: $compiled['mostShare'],
            aroma: $compiled['aroma'],
            season: $compiled['season'],
            thickens: $compiled['thickens'],
            setsCold: $compiled['setsCold'],
            doubts: $compiled['doubts'] ?? [],
            standIns: $compiled['standIns'] ?? [],
            sharesName: $compiled['sharesName'] ?? false,
            plain: $compiled['plain'] ?? '',
            kcalOfSolubles: $compiled['kcal'] ?? null,
            keeps: $compiled['keeps'] ?? null,
        );
    }

    /** How well one of its constituents is known: half-width in ln of the four-in-five interval. */
    public function spreadOf(int $constituent): float
    {
        $spread = $this->certainty->of($constituent);
        if ($this->doubts === []) {
            return $spread;
        }
        foreach ($this->doubts as $group => $doubt) {
            $spread = in_array($constituent, Constituent::GROUPS[$group], true) ? max($spread, $doubt) : $spread;
        }

        return $spread;
    }

    /** Whether it has a trait of the vocabulary. */
    public function is(string $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }

    /**
     * @param list<float|null> $composition g per 100 g
     */
    public static function sournessOf(array $composition): ?float
    {
        $known = array_filter(
            Constituent::GROUPS['acids'],
            static fn (int $acid): bool => $composition[$acid] !== null,
        );

        return $known === []
            ? null
            : Acidity::sournessOf(array_map(static fn (?float $grams): float => $grams ?? 0.0, $composition));
    }

    /**
     * The name without what stands behind its comma, where nobody takes it for something else: "cider vinegar" of
     * "cider vinegar, 5 %", but "skimmed milk" of "milk, skimmed".
     */
    public function shortName(): string
    {
        [$noun, $kind] = [...explode(', ', $this->name), ''];

        return match (true) {
            ! $this->sharesName || $kind === '' => $noun,
            ctype_digit($kind[0]) => $this->name,
            default => "{$kind} {$noun}",
        };
    }

    public function portion(string $name): ?Portion
    {
        foreach ($this->portions as $portion) {
            if ($portion->name === $name) {
                return $portion;
            }
        }

        return null;
    }

    public function knows(int $constituent): bool
    {
        return $this->composition[$constituent] !== null;
    }

    /**
     * Whether any of these is not known of it.
     *
     * @param array<int, int> $constituents
     */
    public function lacksAny(array $constituents): bool
    {
        foreach ($constituents as $constituent) {
            if ($this->composition[$constituent] === null) {
                return true;
            }
        }

        return false;
    }

    /** Sum of the constituents that bear mass, g per 100 g: 100 by construction. */
    public function total(): float
    {
        $total = 0.0;
        foreach (Constituent::MASS_BEARING as $constituent) {
            $total += $this->composition[$constituent] ?? 0.0;
        }

        return $total;
    }
}
