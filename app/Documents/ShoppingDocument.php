<?php

declare(strict_types=1);

namespace App\Documents;

use Vinculum\Batch\Shopping;
use Vinculum\Batch\ShoppingLine;

/** What is to be bought, as the API sends it (shopping.schema.json). */
final class ShoppingDocument
{
    /**
     * @return array<string, mixed>
     */
    public static function of(Shopping $shopping): array
    {
        return [
            'lines' => array_map(self::line(...), $shopping->lines),
            'cost_text' => $shopping->cost > 0.0 ? self::money($shopping->cost) : '',
            'used_text' => $shopping->usedCost > 0.0 ? self::money($shopping->usedCost) : '',
            'unpriced_text' => $shopping->unpriced === [] ? '' : 'No price is noted for '.implode(', ', $shopping->unpriced).'.',
            'csv' => self::csv($shopping),
        ];
    }

    public static function money(float $amount): string
    {
        return Wording::grouped($amount, 2);
    }

    /**
     * @return array<string, string>
     */
    private static function line(ShoppingLine $line): array
    {
        $isEnough = $line->boughtGrams <= 0.0;

        return [
            'slug' => $line->ingredient->slug,
            'name' => $line->ingredient->name,
            'group' => $line->ingredient->group,
            'need_text' => Wording::grams($line->needGrams),
            'have_text' => $line->haveGrams > 0.0 ? Wording::grams($line->haveGrams) : '',
            'buy_text' => match (true) {
                $isEnough => 'enough',
                $line->packs !== null => "{$line->packs} × {$line->pack}",
                $line->ingredient->edible < 1.0 => Wording::grams($line->boughtGrams).' as bought',
                default => Wording::grams($line->boughtGrams),
            },
            'left_text' => $line->leftGrams === null || $isEnough ? '' : Wording::grams($line->leftGrams),
            'cost_text' => $line->cost === null || $isEnough ? '' : self::money($line->cost),
        ];
    }

    private static function csv(Shopping $shopping): string
    {
        $file = fopen('php://memory', 'r+') ?: throw new \LogicException('There is no memory to write to.');
        fputcsv($file, ['ingredient', 'need_g', 'have_g', 'buy_g', 'packs', 'pack', 'left_g', 'cost'], ',', '"', '');
        foreach ($shopping->lines as $line) {
            $number = static fn (?float $value): string => $value === null ? '' : number_format($value, 1, '.', '');
            fputcsv($file, [$line->ingredient->name, $number($line->needGrams), $number($line->haveGrams), $number($line->boughtGrams), (string) ($line->packs ?? ''), preg_replace('/^[=+@-]/', "'$0", $line->pack) ?? '', $number($line->leftGrams), $line->cost === null ? '' : number_format($line->cost, 2, '.', '')], ',', '"', '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }
}
