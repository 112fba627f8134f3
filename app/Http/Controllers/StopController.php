<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\StageDocument;
use App\Http\Requests\StopInput;
use App\Recipes\Evaluator;

/** "What if I stop at a third instead of a half." Nothing is stored. */
final class StopController
{
    /**
     * @return array<string, mixed>
     */
    public function __invoke(StopInput $input, Evaluator $evaluator): array
    {
        return StageDocument::choices($evaluator->stops($input->recipe(), $input->stage()), $input->stage());
    }
}
