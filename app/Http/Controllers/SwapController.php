<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FreeRequest;
use App\Http\Requests\SwapMemoryRequest;
use App\Http\Requests\SwapRequest;
use App\Models\SwapMemory;
use App\Recipes\Swapper;
use Illuminate\Http\Response;

/** What could stand in for a line, or for every line somebody does not eat. */
final readonly class SwapController
{
    public function __construct(private Swapper $swapper) {}

    /**
     * @return array<string, mixed>
     */
    public function options(SwapRequest $request): array
    {
        $recipe = $request->recipe();

        return $this->swapper
            ->view($recipe)
            ->options(...$this->swapper->options($recipe, $request->line(), $request->standIn()));
    }

    /**
     * @return array<string, mixed>
     */
    public function free(FreeRequest $request): array
    {
        $recipe = $request->recipe();

        return $this->swapper
            ->view($recipe)
            ->freed(
                $this->swapper->free(
                    $recipe,
                    $request->needs(),
                    $request->kept(),
                    $request->times('salt_times'),
                    $request->times('heat_times'),
                ),
            );
    }

    public function remember(SwapMemoryRequest $request): Response
    {
        $memory = $request->memory();
        SwapMemory::query()->updateOrCreate(
            ['out' => $memory['out'], 'in' => $memory['in']],
            ['verdict' => $memory['verdict'], 'note' => $memory['note']],
        );

        return new Response('', 204);
    }
}
