<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Mixture;

/**
 * What is odd in the pantry: laws that hold of any food, whatever table its figures come from. That each entry adds up
 * to 100 g, and its salt with its sodium, the reader of the tables refuses already.
 */
final readonly class Audit
{
    /** Acids in 100 g under which nothing measures sour, and over which nothing measures flat; judgement. */
    private const NO_ACID = 0.03;
    private const MUCH_ACID = 0.9;
    private const SOUR = 3.8;
    private const FLAT = 5.5;

    /** How far a liquid's density may lie from what it is made of, as a factor; judgement. */
    private const DENSITY = 1.13;

    /** Grams of one of each, least and most; whatever lies outside is a slip of the pen. Judgement. */
    private const PORTIONS = [
        'leaf' => [0.02, 130.0],
        'sprig' => [0.1, 8.0],
        'bunch' => [8.0, 600.0],
        'clove' => [0.05, 10.0],
        'tin' => [25.0, 900.0],
        'slice' => [3.0, 300.0],
        'pod' => [0.05, 20.0],
        'stick' => [1.0, 250.0],
        'handful' => [2.0, 150.0],
        'head' => [20.0, 1500.0],
        'each' => [0.02, 4000.0],
        'medium' => [2.0, 3000.0],
    ];

    /** @param array<string, Ingredient> $things by slug */
    private function __construct(private array $things) {}

    /** @return list<string> each a sentence that names the entry */
    public static function of(Catalogue $catalogue): array
    {
        $things = [];
        foreach ($catalogue->slugs() as $slug) {
            $things[$slug] = $catalogue->find($slug) ?? throw new \LogicException("There is no {$slug}.");
        }
        $audit = new self($things);
        $odd = $audit->names();
        foreach ($things as $slug => $thing) {
            foreach ([...$audit->acids($thing), ...$audit->density($thing), ...$audit->portions($thing)] as $what) {
                $odd[] = "{$slug}: {$what}";
            }
        }

        return $odd;
    }

    /** @return list<string> names that two things go by, though neither says that it may be meant */
    private function names(): array
    {
        $of = [];
        foreach ($this->things as $slug => $thing) {
            foreach ([$thing->name, ...$thing->aliases] as $name) {
                $of[mb_strtolower($name)][$slug] = true;
            }
        }
        $odd = [];
        foreach ($of as $name => $slugs) {
            if (count($slugs) > 1) {
                $odd[] = "“{$name}” is the name of ".implode(' and of ', array_keys($slugs));
            }
        }

        return $odd;
    }

    /** @return list<string> */
    private function acids(Ingredient $thing): array
    {
        $acids = 0.0;
        foreach ([Constituent::ACETIC, Constituent::CITRIC, Constituent::MALIC, Constituent::LACTIC,
            Constituent::TARTARIC, Constituent::OTHER_ACID] as $acid) {
            if ($thing->composition[$acid] === null) {
                return [];
            }
            $acids += $thing->composition[$acid];
        }
        $isWet = ($thing->composition[Constituent::WATER] ?? 0.0) > 50.0;

        return match (true) {
            $thing->ph === null || ! $isWet => [],
            $acids < self::NO_ACID && $thing->ph < self::SOUR => ["has no acid, and a pH of {$thing->ph}"],
            $acids > self::MUCH_ACID && $thing->ph > self::FLAT => ["has {$acids} g of acid, and a pH of {$thing->ph}"],
            default => [],
        };
    }

    /** @return list<string> */
    private function density(Ingredient $thing): array
    {
        $isLiquid = $thing->form === Form::Liquid && $thing->density !== null;
        if (! $isLiquid) {
            return [];
        }
        $mixture = Mixture::of($thing->perGram);
        $made = $mixture->volume() > 0.0 ? $mixture->mass() / $mixture->volume() : 0.0;
        $ratio = $made > 0.0 ? $thing->density / $made : 1.0;

        return $ratio > self::DENSITY || $ratio < 1 / self::DENSITY
            ? [sprintf('weighs %.2f g/mL by its entry and %.2f by what it is made of', $thing->density, $made)]
            : [];
    }

    /** @return list<string> */
    private function portions(Ingredient $thing): array
    {
        $odd = [];
        foreach ($thing->portions as $portion) {
            [$least, $most] = self::PORTIONS[$portion->name] ?? [0.005, 5000.0];
            if ($portion->grams < $least || $portion->grams > $most) {
                $odd[] = "one {$portion->name} of {$portion->grams} g, where {$least} to {$most} g are to be believed";
            }
        }

        return $odd;
    }
}
