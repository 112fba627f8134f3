<?php

declare(strict_types=1);

namespace Vinculum\Safety\Keeping;

use Vinculum\Mixture\Constituent;
use Vinculum\Mixture\Density;
use Vinculum\Safety\Facts;

/**
 * What holds germs back in a sauce, by database/keeping.txt: acid, salt and sugar by what of them stands to the water,
 * so that none of them takes another's place, and pH and water activity at the cautious end. An estimated pH bars and
 * never suffices.
 */
final readonly class Keepers
{
    /** @param list<string> $names by the page */
    private function __construct(public array $names) {}

    /** @param float|null $measured pH as if a calibrated meter had said it at most; null for what one did say */
    public static function of(Facts $sauce, ?float $measured = null): self
    {
        $figures = self::figures($sauce);
        if ($measured !== null) {
            $figures = ['ph' => min($measured, $figures['ph']), 'measured' => $measured] + $figures;
        }
        $is = static fn (string $figure, float $asked): bool => match ($figure) {
            'ph', 'activity', 'measured', 'oil' => $figures[$figure] <= $asked,
            default => $figures[$figure] >= $asked,
        };
        $names = [];
        foreach ($sauce->cooked->weighed->vocabulary->words['keepers'] as $name => $asks) {
            $holds = array_filter($asks, static fn (float $asked, string $figure): bool => ! $is($figure, $asked), 1);
            if ($holds === []) {
                $names[] = $name;
            }
        }

        return new self($names);
    }

    /** @param list<string> $asked */
    public function hold(array $asked): bool
    {
        return array_diff($asked, $this->names) === [];
    }

    /** @return array<string, float> acids, salt and sugar in g to 100 g, water in g to 100 g of fat, mustard in % */
    private static function figures(Facts $sauce): array
    {
        $measured = $sauce->measuredPh?->high();
        $grams = $sauce->cooked->mixture->grams;
        $water = max(1e-9, $grams[Constituent::WATER]);
        $sugars = $sauce->cooked->mixture->sugars();
        // what sugar is dissolved in or lies among; salt and acid beside it take nothing from it
        $among = $water + $sugars + $grams[Constituent::INSOLUBLE] + $grams[Constituent::PROTEIN];
        $isRead = $sauce->unknownLines() === [];
        $estimated = max($sauce->ph()?->high() ?? INF, $sauce->aboutPh?->high() ?? 0.0);

        return [
            'acetic' => (100 * $grams[Constituent::ACETIC]) / $water,
            'salt' => (100 * $grams[Constituent::SODIUM] * Density::SALT_PER_SODIUM) / $water,
            'sugars' => (100 * $sugars) / $among,
            'ph' => $measured ?? ($isRead ? $estimated : INF),
            'activity' => $isRead ? ($sauce->waterActivity()?->high() ?? INF) : INF,
            'measured' => $measured ?? INF,
            'mustard' => 100 * $sauce->shareOfKind('mustard-seeds', 'prepared-mustard'),
            'oil' => $isRead && $grams[Constituent::FAT] > 0.0 ? (100 * $water) / $grams[Constituent::FAT] : INF,
        ];
    }
}
