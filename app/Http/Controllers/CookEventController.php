<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CookEventRequest;
use App\Http\Requests\DeliveredReadingRequest;
use App\Http\Resources\CookShown;
use App\Models\CookRecord;
use App\Recipes\Stove;

/** Everything that happens to a pot is written down as it happens. */
final readonly class CookEventController
{
    public function __construct(private Stove $stove, private CookShown $shown) {}

    /**
     * @return array<string, mixed>
     */
    public function store(CookRecord $cook, CookEventRequest $request): array
    {
        $this->stove->happened($cook, $request->kind(), $request->said(), $request->key());

        return $this->shown->of($cook);
    }

    /**
     * @return array<string, mixed>
     */
    public function deliver(CookRecord $cook, DeliveredReadingRequest $request): array
    {
        $this->stove->happened($cook, 'reading', $request->reading(), $request->key(), $request->readAt());

        return $this->shown->of($cook);
    }

    /**
     * @return array<string, mixed>
     */
    public function measure(CookRecord $cook, string $what): array
    {
        $this->stove->measure($cook, $what);

        return $this->shown->of($cook);
    }
}
