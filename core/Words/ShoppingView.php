<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Batch\Shopping;
use Vinculum\Batch\ShoppingLine;
use Vinculum\Figure\Csv;
use Vinculum\Pantry\Portion;
use Vinculum\Pantry\Vocabulary;

/** What is to be bought, as the API sends it (shopping.schema.json). */
final readonly class ShoppingView
{
    /** What a shop sells one of, by the portion it is: the first that an ingredient has. */
    private const SOLD_BY = ['each', 'medium', 'bunch', 'head', 'bulb', 'stick', 'star', 'tin', 'can'];

    /** From so many on, a thing is bought by weight. */
    private const MOST_PIECES = 9;

    /** Share of a piece that nobody buys one more for. */
    private const SPARE = 0.15;

    /** g of a thing that are "a little" to whoever shops; and g below which its pieces are too small to count. */
    private const A_LITTLE = 6.0;
    private const LEAST_PIECE = 1.0;

    public function __construct(private Speech $speech, private Vocabulary $vocabulary) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Shopping $shopping): array
    {
        return [
            'lines' => array_map($this->line(...), $shopping->lines),
            'cost_text' => $shopping->cost > 0.0 ? $this->money($shopping->cost) : '',
            'used_text' => $shopping->usedCost > 0.0 ? $this->money($shopping->usedCost) : '',
            'unpriced_text'
                => $shopping->unpriced === [] ? '' : 'No price is noted for '.implode(', ', $shopping->unpriced).'.',
            'csv' => $this->csv($shopping),
        ];
    }

    public function money(float $amount): string
    {
        return $this->speech->grouped($amount, 2);
    }

    /**
     * @return array<string, string|bool>
     */
    private function line(ShoppingLine $line): array
    {
        $isEnough = $line->boughtGrams <= 0.0;
        $pieces = $this->pieces($line);

        return [
            'slug' => $line->ingredient->slug,
            'name' => $line->ingredient->name,
            'group' => $line->ingredient->shelf(),
            'aisle' => ucfirst(
                $this->vocabulary->kindName($line->ingredient->shelf()),
            ),
            'is_enough' => $isEnough,
            'need_text' => $this->speech->grams($line->needGrams),
            'have_text' => $line->haveGrams > 0.0 ? $this->speech->grams($line->haveGrams) : '',
            'buy_text' => match (true) {
                $isEnough => 'enough',
                $line->packs !== null => "{$line->packs} × {$line->pack}",
                $pieces !== '' => $pieces,
                $line->boughtGrams < self::A_LITTLE => 'a little',
                $line->ingredient->edible < 1.0 => $this->speech->grams($line->boughtGrams).' as bought',
                default => $this->speech->grams($line->boughtGrams),
            },
            'left_text' => $line->leftGrams === null || $isEnough ? '' : $this->speech->grams($line->leftGrams),
            'cost_text' => $line->cost === null || $isEnough ? '' : $this->money($line->cost),
        ];
    }

    /** "2 medium", "1 bunch", "3": as a shop sells it; nothing where it is weighed there. */
    private function pieces(ShoppingLine $line): string
    {
        foreach (self::SOLD_BY as $name) {
            $portion = $line->ingredient->portion($name);
            if ($portion === null || $portion->grams < self::LEAST_PIECE) {
                continue;
            }
            $count = max(1, (int) ceil($line->boughtGrams * $line->ingredient->edible / $portion->grams - self::SPARE));

            return $count > self::MOST_PIECES
                ? ''
                : ($name === 'each' || str_contains($line->ingredient->name, $name)
                    ? (string) $count
                    : Portion::counted((string) $count, $count, $name));
        }

        return '';
    }

    private function csv(Shopping $shopping): string
    {
        $rows = [['ingredient', 'need_g', 'have_g', 'buy_g', 'packs', 'pack', 'left_g', 'cost']];
        $number = static fn (?float $value): string => $value === null ? '' : number_format($value, 1, '.', '');
        foreach ($shopping->lines as $line) {
            $rows[] = [
                $line->ingredient->name,
                $number($line->needGrams),
                $number($line->haveGrams),
                $number($line->boughtGrams),
                (string) ($line->packs ?? ''),
                $line->pack,
                $number($line->leftGrams),
                $line->cost === null ? '' : number_format($line->cost, 2, '.', ''),
            ];
        }

        return Csv::of($rows);
    }
}
