<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PotRequest;
use App\Http\Requests\RebalanceRequest;
use App\Http\Requests\RescueRequest;
use App\Recipes\Adjuster;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Words\PotView;
use Vinculum\Words\RebalanceView;
use Vinculum\Words\RescueView;

/** What would have to change. Nothing is stored. */
final readonly class AdjustController
{
    public function __construct(private Adjuster $adjuster) {}

    /**
     * @return array<string, mixed>
     */
    public function rebalance(RebalanceRequest $request, RebalanceView $view): array
    {
        $recipe = $request->recipe();

        return $view->of(
            $this->adjuster->rebalance(
                $recipe,
                $request->styleSlug(),
                $request->numbers('targets'),
                $request->numbers('levels'),
                $request->numbers('feels'),
            ),
            $recipe,
        );
    }

    /**
     * @return array<string, mixed>
     */
    public function rescue(RescueRequest $request, RescueView $view): array
    {
        $recipe = $request->recipe();

        return $view->of(
            $this->adjuster->rescue(
                $recipe,
                $request->steps('feels'),
                $request->steps('much'),
                $request->have(),
                $request->pot(),
                $request->trouble(),
            ),
            $recipe,
        );
    }

    /**
     * @return array<string, mixed>
     */
    public function pot(PotRequest $request, PotView $view): array
    {
        $given = $request->given();
        $pot = $this->adjuster->pot(
            $given['style'],
            $given['amount'],
            array_map(floatval(...), $given['feels']),
            $given['have'] ?? null,
            $given['cooked'] ?? true,
            isset($given['measures']) ? MeasuringSet::from($given['measures']) : null,
        );

        return $view->of(...$pot);
    }
}
