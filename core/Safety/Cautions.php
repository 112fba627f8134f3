<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Evaluation\Estimates;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Nutrition;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\WeighedLine;

/**
 * What to mind about a sauce, by rules from its figures, its ingredients and how they are handled.
 *
 * An estimate never clears a limit: rules see the cautious end of an interval, and the best they say is that only a meter
 * decides. Rules and figures are from memory, after the publication named.
 */
final readonly class Cautions
{
    /** US 21 CFR 114.3. */
    public const PH_LIMIT = 4.6;
    public const ACTIVITY_LIMIT = 0.85;

    /** Within this of a limit is near it. */
    public const NEAR_PH = 0.4;

    private const RAW_AROMA = [
        'garlic', 'shallot', 'onion', 'red-onion', 'spring-onion', 'leek', 'chives', 'ginger', 'coriander-leaf', 'parsley', 'basil', 'mint', 'dill', 'tarragon', 'thyme', 'rosemary',
        'lemon-zest', 'lime-zest', 'orange-zest', 'lemon-juice', 'lime-juice', 'habanero', 'jalapeno', 'serrano', 'red-chilli', 'green-chilli', 'birds-eye-chilli', 'scotch-bonnet', 'poblano',
    ];

    private const IN_OIL = [
        'garlic', 'roasted-garlic', 'shallot', 'basil', 'mint', 'dill', 'tarragon', 'thyme', 'rosemary', 'parsley', 'coriander-leaf', 'chives', 'red-chilli', 'green-chilli', 'jalapeno', 'habanero', 'sun-dried-tomato',
    ];

    private const RAW_EGG = ['egg', 'egg-yolk', 'egg-white'];

    private const NOT_FOR_CANNING = [
        'tahini', 'peanut-butter', 'almond-butter', 'cashew', 'walnut', 'almond', 'peanut', 'sesame-seed', 'coconut-milk', 'coconut-cream', 'butter', 'salted-butter', 'yoghurt', 'strained-yoghurt', 'double-cream',
        'sour-cream', 'buttermilk', 'milk', 'cream-cheese', 'blue-cheese', 'hard-cheese', 'mayonnaise', 'light-mayonnaise', 'plant-mayonnaise', 'egg', 'egg-yolk', 'egg-white', 'red-pepper', 'green-pepper', 'roasted-pepper',
        'butternut-squash', 'avocado', 'plain-flour', 'breadcrumbs',
    ];

    private const SPIRITS = ['whiskey', 'rum', 'brandy'];

    private const SWEET_FROM = 0.2;
    private const HOT_FROM_SHU = 500.0;
    private const OILY_FROM = 0.2;

    private function __construct(private CookedRecipe $cooked, private ?Figure $ph, private ?Figure $activity) {}

    /**
     * @return list<Caution> the grave ones first
     */
    public static function of(CookedRecipe $cooked): array
    {
        if ($cooked->rows === []) {
            return [];
        }
        $estimates = new Estimates($cooked);
        $rules = new self($cooked, $estimates->ph(), $estimates->waterActivity());
        $raised = array_values(array_filter([
            $rules->acidity(),
            $rules->flavouredOil(),
            $rules->rawEgg(),
            $rules->honey(),
            ...$rules->poisons(),
            $rules->notForCanning(),
            $rules->rawAfterCooking(),
            $rules->nothingKillsInTheRaw(),
            $rules->incomplete(),
            $rules->cooling(),
            ...$rules->hands(),
            $rules->shelf(),
        ]));
        usort($raised, static fn (Caution $a, Caution $b): int => $b->isGrave <=> $a->isGrave);

        return $raised;
    }

    /** Whether bacteria that make toxin without air could grow, as far as an estimate can say. */
    private function acidity(): ?Caution
    {
        if ($this->activity === null || $this->activity->high() <= self::ACTIVITY_LIMIT) {
            return $this->activity === null ? null : new Caution('dry-enough-for-toxin', 'Its water activity should be under 0.85, which stops toxin and not yeast or mould. It is an estimate: only a meter says so.', 'US 21 CFR 114.3');
        }
        if ($this->ph === null) {
            return null;
        }
        $high = number_format($this->ph->high(), 1);
        if ($this->ph->high() > self::PH_LIMIT) {
            return new Caution('ph-above-limit', "Its pH may be as high as {$high}, over 4.6: in a closed jar at room temperature botulism could grow. Keep it in the fridge for days, or freeze it; more vinegar or lemon juice brings it down.", 'US 21 CFR 114.3; a two-buffer calibrated meter on a homogenised sample at room temperature decides, for that batch only', [], true);
        }
        if ($this->ph->high() > self::PH_LIMIT - self::NEAR_PH) {
            return new Caution('ph-near-limit', "Its pH may be as high as {$high}, near the limit of 4.6. Measure it before you rely on it; test strips do not count.", 'US 21 CFR 114.3', [], true);
        }

        return new Caution('ph-is-an-estimate', "Its pH is estimated at no more than {$high}. That clears nothing: 4.6 guards against botulism, and only a calibrated meter says where this batch is.", 'US 21 CFR 114.3');
    }

    private function flavouredOil(): ?Caution
    {
        $lines = $this->lines(self::IN_OIL);
        $isOily = $this->cooked->mixture->grams[Constituent::FAT] > self::OILY_FROM * $this->cooked->mixture->mass();
        if ($lines === [] || ! $isOily || ($this->ph !== null && $this->ph->high() <= self::PH_LIMIT)) {
            return null;
        }

        return new Caution('garlic-in-oil', 'Garlic, herbs or chilli under oil is where botulism likes to grow. Makers keep it from four days to a month in the fridge; four days is the cautious figure. Freeze the rest.', 'US CDC and FDA on home-made flavoured oils', $lines, true);
    }

    private function rawEgg(): ?Caution
    {
        $lines = $this->lines(self::RAW_EGG, isRaw: true);

        return $lines === [] ? null : new Caution('raw-egg', 'Raw egg: use pasteurised egg for anyone very young, old, pregnant or ill, keep it cold, and eat it within two days. Makers keep it up to a week; two days is the cautious figure.', 'US Food Code 3-302.13, 3-801.11', $lines, true);
    }

    private function honey(): ?Caution
    {
        $lines = $this->lines(['honey', 'honey-mustard']);

        return $lines === [] ? null : new Caution('honey', 'Honey: not for a child under 12 months, cooked or not.', 'US CDC on infant botulism', $lines, true);
    }

    /** @return list<Caution> */
    private function poisons(): array
    {
        $rhubarb = $this->lines(['rhubarb']);
        $elder = $this->lines(['elderberry']);

        return array_values(array_filter([
            $rhubarb === [] ? null : new Caution('rhubarb-leaves', 'Only the stalks: rhubarb leaves are poisonous.', 'common practice; oxalic acid', $rhubarb, true),
            $elder === [] ? null : new Caution('raw-elderberries', 'Raw elderberries, their stems and leaves are poisonous: boil the berries, and strip them off their stems.', 'US CDC, MMWR 33 (1984) 173', $elder, true),
        ]));
    }

    private function notForCanning(): ?Caution
    {
        $lines = $this->lines(self::NOT_FOR_CANNING);

        return $lines === [] ? null : new Caution('not-for-canning', 'Not for home canning at all: sauces with nuts, coconut, dairy, egg, peppers or thickened with flour have no tested process. Fridge or freezer.', 'USDA Complete Guide to Home Canning', $lines);
    }

    private function rawAfterCooking(): ?Caution
    {
        $lines = $this->wasCooked() ? $this->lines(self::RAW_AROMA, isRaw: true) : [];

        return $lines === [] ? null : new Caution('raw-after-cooking', 'What goes in raw after cooking shortens how long it keeps. Makers say from five days to a month in the fridge; five days is the cautious figure.', 'common practice, no source', $lines);
    }

    private function nothingKillsInTheRaw(): ?Caution
    {
        return $this->wasCooked() || $this->ph === null || $this->ph->high() > self::PH_LIMIT ? null
            : new Caution('raw-sauce', 'Nothing in it was cooked: sourness stops botulism, not every germ. Keep it cold and eat it within a week.', 'US 21 CFR 114; US Food Code 3-501.17 (seven days at 5 °C)');
    }

    private function incomplete(): ?Caution
    {
        $left = array_values(array_map(static fn (WeighedLine $line): string => $line->line->id, array_filter($this->cooked->weighed->lines, static fn (WeighedLine $line): bool => ! $line->line->leftOut && ($line->ingredient === null || $line->grams <= 0.0))));

        return $left === [] ? null : new Caution('lines-left-out', 'Lines that could not be read are in none of this: neither in the pH, nor among the allergens.', 'how Vinculum counts', $left);
    }

    private function cooling(): ?Caution
    {
        return $this->wasCooked() ? new Caution('cool-fast', 'Cool it fast: from 57 to 21 °C within two hours and to 5 °C within four more. Shallow pan, cold water. Then the fridge, in a clean dated jar.', 'US Food Code 3-501.14') : null;
    }

    /** @return list<Caution> */
    private function hands(): array
    {
        $cautions = [];
        $isHot = false;
        foreach ($this->cooked->stages as $report) {
            $kind = $report->stage->process?->kind;
            if ($kind === ProcessKind::Blend && $isHot) {
                $cautions['blender'] = new Caution('hot-blender', 'Hot liquid in a closed blender throws its lid: fill it no more than half, vent it, hold a cloth over it.', 'common practice, no source');
            }
            $isHot = match ($kind) {
                ProcessKind::Simmer, ProcessKind::Boil, ProcessKind::Fry, ProcessKind::Warm, ProcessKind::Roast => true,
                ProcessKind::Chill, ProcessKind::Rest, ProcessKind::Soak => false,
                default => $isHot,
            };
        }
        $mass = $this->cooked->mixture->mass();
        $sugar = Nutrition::sugars($this->cooked->mixture->grams) / $mass;
        $heat = 1e6 * Constituent::SCOVILLE_PER_MG_KG * $this->cooked->mixture->grams[Constituent::CAPSAICINOIDS] / $mass;
        if ($heat > self::HOT_FROM_SHU) {
            $cautions['chilli'] = new Caution('chilli-hands', 'Chilli: gloves, a window open when it boils, and hands away from eyes.', 'common practice, no source');
        }
        if ($sugar > self::SWEET_FROM) {
            $cautions['sugar'] = new Caution('sugar-burns', 'Hot sugary sauce sticks and burns skin; over flame it burns black in minutes. Brush it on at the end.', 'common practice, no source');
        }
        $spirits = $this->lines(self::SPIRITS);
        if ($spirits !== []) {
            $cautions['spirits'] = new Caution('spirits-flare', 'Spirits flare up over a flame: take the pan off the heat to pour them in.', 'common practice, no source', $spirits);
        }

        return array_values($cautions);
    }

    private function shelf(): Caution
    {
        return new Caution('not-shelf-stable', 'Nothing here makes a jar keep on a shelf: a hot lid that sucks down is no seal, and a tested recipe that was altered is no longer tested. Canning and selling follow tested processes, local codes and licensed practice.', 'USDA Complete Guide to Home Canning; US 21 CFR 114; your local authority');
    }

    private function wasCooked(): bool
    {
        return array_filter($this->cooked->simmered, static fn (?float $minutes): bool => $minutes !== null) !== [];
    }

    /**
     * Lines of these kinds that are in the pot.
     *
     * @param list<string> $kinds
     * @param bool $isRaw only those that never came to a simmer
     * @return list<string> ids
     */
    private function lines(array $kinds, bool $isRaw = false): array
    {
        $ids = [];
        foreach ($this->cooked->weighed->lines as $i => $line) {
            if ($line->ingredient !== null && $line->grams > 0.0 && in_array($line->ingredient->like, $kinds, true) && (! $isRaw || ($this->cooked->simmered[$i] ?? null) === null)) {
                $ids[] = $line->line->id;
            }
        }

        return $ids;
    }
}
