<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\CalendarFile;
use App\Http\Requests\AskedMaking;
use App\Http\Requests\WhenRequest;
use App\Recipes\When;
use Vinculum\Recipe\Recipe;
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
        [$plan, $looks] = $this->when->plan($makings, $hours);

        return $this->view->of($plan, self::recipes($makings), $hours, $looks);
    }

    /**
     * @return array{file: string, type: string, text: string}
     */
    public function calendar(WhenRequest $request): array
    {
        $makings = $request->makings();
        [$plan] = $this->when->plan($makings, $this->when->hours($request->zone()));

        return [
            'file' => 'when-to-begin.ics',
            'type' => 'text/calendar',
            'text' => CalendarFile::of(WhenView::events($plan, self::recipes($makings))),
        ];
    }

    /**
     * @param list<AskedMaking> $makings
     * @return list<Recipe>
     */
    private static function recipes(array $makings): array
    {
        return array_map(static fn (AskedMaking $making): Recipe => $making->recipe(), $makings);
    }
}
