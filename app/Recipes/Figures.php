<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\HobRecord;
use App\Pantry\Household;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Words\AnalysisView;
use Vinculum\Words\BenchView;
use Vinculum\Words\Speech;

/** What a sauce comes to, as it is answered (evaluation.schema.json). */
final readonly class Figures
{
    public function __construct(private AnalysisView $analysis, private Speech $speech, private Household $household) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Evaluation $evaluation): array
    {
        return [
            'analysis' => $this->analysis->of($evaluation),
            'bench' => (new BenchView(
                $this->speech,
                $evaluation,
                $this->household->shipped(),
                HobRecord::known(),
            ))->whole(),
        ];
    }
}
