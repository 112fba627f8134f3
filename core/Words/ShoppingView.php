<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Batch\Shopping;
use Vinculum\Batch\ShoppingLine;
use Vinculum\Figure\Csv;

/** What is to be bought, as the API sends it (shopping.schema.json). */
final readonly class ShoppingView
{
    public function __construct(private Speech $speech) {}

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
     * @return array<string, string>
     */
    private function line(ShoppingLine $line): array
    {
        $isEnough = $line->boughtGrams <= 0.0;

        return [
            'slug' => $line->ingredient->slug,
            'name' => $line->ingredient->name,
            'group' => $line->ingredient->group,
            'need_text' => $this->speech->grams($line->needGrams),
            'have_text' => $line->haveGrams > 0.0 ? $this->speech->grams($line->haveGrams) : '',
            'buy_text' => match (true) {
                $isEnough => 'enough',
                $line->packs !== null => "{$line->packs} × {$line->pack}",
                $line->ingredient->edible < 1.0 => $this->speech->grams($line->boughtGrams).' as bought',
                default => $this->speech->grams($line->boughtGrams),
            },
            'left_text' => $line->leftGrams === null || $isEnough ? '' : $this->speech->grams($line->leftGrams),
            'cost_text' => $line->cost === null || $isEnough ? '' : $this->money($line->cost),
        ];
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
