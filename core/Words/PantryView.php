<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\OwnIngredient;
use Vinculum\Pantry\Portion;
use Vinculum\Pantry\Seasons;
use Vinculum\Taste\Measure;

/**
 * The pantry's list and one ingredient's page (pantry-list.schema.json, pantry-page.schema.json).
 *
 * @phpstan-import-type Definition from OwnIngredient
 */
final readonly class PantryView
{
    /**
     * Where a bar begins, in the measure's unit, and how many times ten it is long: a chilli and a cucumber both show.
     */
    private const SCALES = [
        'sweetness' => [0.1, 3],
        'sourness' => [0.01, 4],
        'saltiness' => [0.01, 4],
        'umami' => [0.001, 5],
        'heat' => [10.0, 5],
    ];

    /** So much of a bar has whatever has any of it at all. */
    private const A_TRACE = 0.01;

    private const KNOWN = [
        'pure' => 'pure: known to half a per cent',
        'assayed' => 'made to a standard: known to 3 %',
        'branded' => 'differs by maker: known to 10 %',
        'produce' => 'differs by season and kind: known to 15 %',
    ];

    public function __construct(private Speech $speech) {}

    /**
     * What matters in this kitchen first, where nothing else is asked for: its own, what is on hand, what is in season.
     *
     * @param list<Ingredient> $ingredients
     * @param list<string> $onHand
     * @param list<string>|null $inSeason null where they stay in the order they came in
     * @param array{shown: int, own: int|null}|null $cut how many are shown where there are more, and of how many of
     *     the household's own, where it is those that are cut short
     * @return array{ingredients: list<array<string, mixed>>, more_text: string|null}
     */
    public function list(array $ingredients, array $onHand, ?array $inSeason = null, ?array $cut = null): array
    {
        $shelves = ['mine', 'on hand', 'in season now', 'everything else'];
        $shelf = static fn (Ingredient $ingredient): string => match (true) {
            $inSeason === null => '',
            $ingredient->isOf('own') => 'mine',
            in_array($ingredient->slug, $onHand, true) => 'on hand',
            in_array($ingredient->slug, $inSeason, true) => 'in season now',
            default => 'everything else',
        };
        if ($inSeason !== null) {
            usort(
                $ingredients,
                static fn (Ingredient $a, Ingredient $b): int => array_search($shelf($a), $shelves, true)
                    <=> array_search($shelf($b), $shelves, true),
            );
        }

        return [
            'ingredients' => array_map(
                fn (Ingredient $ingredient): array => [
                    'shelf' => $shelf($ingredient),
                    'slug' => $ingredient->slug,
                    'name' => $ingredient->name,
                    'group' => $ingredient->shelf(),
                    'tint' => $ingredient->tint,
                    'strength_text' => (new IngredientView($this->speech))->strength($ingredient),
                    'own' => $ingredient->isOf('own'),
                    'on_hand' => in_array($ingredient->slug, $onHand, true),
                ],
                $ingredients,
            ),
            'more_text' => $cut === null ? null : $this->more($cut['shown'], $cut['own']),
        ];
    }

    private function more(int $shown, ?int $own): string
    {
        $shown = $this->speech->grouped($shown, 0);

        return ($own === null
            ? "These are the first {$shown}. "
            : "Of your own {$this->speech->grouped($own, 0)}, these are the first {$shown}. ")
            .'Type more of a name to find the others.';
    }

    /**
     * @param list<array{id: string, name: string}> $usedIn recipes with it
     * @param list<array{id: string, name: string}> $couldReplace recipes with what it is most like
     * @param array{have: bool, price: float|null, pack: string|null, amount: string|null} $onHand
     * @param Definition|null $own how the household described it, where it is its own
     * @return array<string, mixed>
     */
    public function page(Ingredient $ingredient, array $usedIn, array $couldReplace, array $onHand, ?array $own): array
    {
        return [
            'slug' => $ingredient->slug,
            'name' => $ingredient->name,
            'group' => $ingredient->shelf(),
            'tint' => $ingredient->tint,
            'may_have_season' => Seasons::mayHave($ingredient),
            'also' => $ingredient->aliases,
            'roles' => $ingredient->roles,
            'caution' => $ingredient->caution,
            'contains' => $ingredient->contains,
            'may_contain' => $ingredient->mayContain,
            'allergens_known' => $ingredient->allergensKnown,
            'traits' => $ingredient->traits,
            'most_text' => $this->speech->percent($ingredient->mostShare),
            'known_text' => self::KNOWN[$ingredient->certainty->value],
            'strengths' => array_map(
                fn (Measure $measure): array => $this->strength($ingredient, $measure),
                Measure::cases(),
            ),
            'density_text'
                => $ingredient->density === null ? '' : $this->speech->grouped($ingredient->density, 2).' g/mL',
            'density_source' => $ingredient->densitySource,
            'edible_text'
                => $ingredient->edible < 1.0
                    ? $this->speech->percent($ingredient->edible).' of what is bought is used'
                    : '',
            'edible_source' => $ingredient->edibleSource,
            'portions' => array_map(
                fn (Portion $portion): array => [
                    'name' => $portion->name,
                    'mass_text' => $this->speech->grams($portion->grams),
                    'spread_text'
                        => 'perhaps '
                        .$this->speech->grams($portion->grams * exp(-$portion->spread))
                        .' to '
                        .$this->speech->grams($portion->grams * exp($portion->spread)),
                    'source' => $portion->source,
                ],
                $ingredient->portions,
            ),
            'composition' => $this->composition($ingredient),
            'used_in' => $usedIn,
            'could_replace' => $couldReplace,
            'own' => $own,
            'on_hand' => $onHand,
        ];
    }

    /**
     * @return array{measure: string, label: string, text: string, unit: string, bar: float, decades: int}
     */
    private function strength(Ingredient $ingredient, Measure $measure): array
    {
        $value = $measure->strengthOf($ingredient);
        [$from, $decades] = self::SCALES[$measure->value];
        $bar = $value === null || $value <= 0.0
            ? 0.0
            : max(self::A_TRACE, log10($value / $from) / $decades);

        return [
            'measure' => $measure->value,
            'label' => $this->speech->label($measure),
            'text' => $value === null ? 'not known' : $this->speech->number($value),
            'unit' => $measure->unit(),
            'bar' => Digits::six(min(1.0, $bar)),
            'decades' => $decades,
        ];
    }

    /**
     * @return list<array{name: string, text: string, source: string}>
     */
    private function composition(Ingredient $ingredient): array
    {
        $rows = [];
        foreach ($ingredient->composition as $constituent => $value) {
            $source = $ingredient->sources[$constituent];
            if (
                in_array($constituent, Constituent::MOLES, true)
                || ($value === 0.0 && $source === 'none, by its nature')
            ) {
                continue;
            }
            $rows[] = [
                'name' => str_replace('-', ' ', Constituent::KEYS[$constituent]),
                'text'
                    => $value === null
                        ? 'not known'
                        : ($value > 0.0 && $value < 0.1
                            ? $this->speech->number($value * 1000).' mg'
                            : $this->speech->number($value).' g'),
                'source' => $source,
            ];
        }

        return $rows;
    }
}
