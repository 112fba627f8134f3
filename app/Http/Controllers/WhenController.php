<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\CalendarFile;
use App\Http\Requests\WhenRequest;
use App\Recipes\When;
use Vinculum\Words\WhenView;

/** When to begin. Nothing is stored. */
final readonly class WhenController
{
    public function __construct(private When $when, private WhenView $view) {}

    /**
     * @return array<string, mixed>
     */
    public function plan(WhenRequest $request): array
    {
        $batches = $request->batches();
        $hours = $this->when->hours($request->zone());

        return $this->view->of($this->when->plan($batches, $hours), array_column($batches, 'recipe'), $hours);
    }

    /**
     * @return array{file: string, type: string, text: string}
     */
    public function calendar(WhenRequest $request): array
    {
        $batches = $request->batches();
        $plan = $this->when->plan($batches, $this->when->hours($request->zone()));

        return [
            'file' => 'when-to-begin.ics',
            'type' => 'text/calendar',
            'text' => CalendarFile::of(WhenView::events($plan, array_column($batches, 'recipe'))),
        ];
    }
}
