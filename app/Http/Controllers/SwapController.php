<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Schemas;
use App\Documents\SwapDocument;
use App\Http\Requests\FreeInput;
use App\Http\Requests\SwapInput;
use App\Models\SwapMemory;
use App\Recipes\Swapper;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What could stand in for a line, or for every line somebody does not eat. */
final readonly class SwapController
{
    public function __construct(private Swapper $swapper) {}

    /**
     * @return array<string, mixed>
     */
    public function options(SwapInput $input): array
    {
        $recipe = $input->recipe();

        return SwapDocument::for($recipe, $this->swapper->seasons())->options(...$this->swapper->options($recipe, $input->line(), $input->in()));
    }

    /**
     * @return array<string, mixed>
     */
    public function free(FreeInput $input): array
    {
        $recipe = $input->recipe();

        return SwapDocument::for($recipe, $this->swapper->seasons())->freed($this->swapper->free($recipe, $input->needs(), $input->keep(), $input->times('salt_times'), $input->times('heat_times')));
    }

    public function remember(Request $request, Schemas $schemas): Response
    {
        /** @var array{out: string, in: string, verdict: int, note: string} $memory */
        $memory = $schemas->check('swap-memory-input', (string) $request->getContent());
        SwapMemory::query()->updateOrCreate(['out' => $memory['out'], 'in' => $memory['in']], ['verdict' => $memory['verdict'], 'note' => $memory['note']]);

        return new Response('', 204);
    }
}
