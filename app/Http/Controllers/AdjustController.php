<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\RebalanceDocument;
use App\Documents\RescueDocument;
use App\Http\Requests\RebalanceInput;
use App\Http\Requests\RescueInput;
use App\Recipes\Adjuster;

/** What would have to change. Nothing is stored. */
final readonly class AdjustController
{
    public function __construct(private Adjuster $adjuster) {}

    /**
     * @return array<string, mixed>
     */
    public function rebalance(RebalanceInput $input): array
    {
        $recipe = $input->recipe();

        return RebalanceDocument::of($this->adjuster->rebalance($recipe, $input->style(), $input->numbers('targets'), $input->numbers('levels'), $input->numbers('feels')), $recipe);
    }

    /**
     * @return array<string, mixed>
     */
    public function rescue(RescueInput $input): array
    {
        $recipe = $input->recipe();

        return RescueDocument::of($this->adjuster->rescue($recipe, $input->steps('feels'), $input->steps('much'), $input->have(), $input->pot()), $recipe);
    }
}
