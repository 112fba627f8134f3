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
        $makings = $request->makings();
        $hours = $this->when->hours($request->zone());
        [$plan, $names, $looks] = $this->when->plan($makings, $request->beside(), $hours);

        return $this->view->of($plan, $names, $hours, $looks);
    }

    /**
     * @return array{file: string, type: string, text: string}
     */
    public function calendar(WhenRequest $request): array
    {
        $makings = $request->makings();
        [$plan, $names] = $this->when->plan($makings, $request->beside(), $this->when->hours($request->zone()));

        return [
            'file' => 'when-to-begin.ics',
            'type' => 'text/calendar',
            'text' => CalendarFile::of(WhenView::events($plan, $names)),
        ];
    }
}
