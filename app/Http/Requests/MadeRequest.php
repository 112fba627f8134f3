<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Support\Carbon;
use Vinculum\Recipe\InvalidRecipe;

/** When a batch was made (made-input.schema.json). */
final class MadeRequest extends SchemaRequest
{
    protected const SCHEMA = 'made-input';

    /** With no body it is today. */
    protected const MAY_BE_EMPTY = true;

    /** The making it was made as; null where none is said. */
    public function asked(): ?AskedMaking
    {
        return isset($this->body['making']) ? AskedMaking::of(['making' => $this->body['making']]) : null;
    }

    /** What was made otherwise that time, in its maker's words; empty where nothing was. */
    public function different(): string
    {
        return trim($this->text('different'));
    }

    /** Today where nothing is said. */
    public function madeOn(): Carbon
    {
        $day = $this->optional('made_on');
        if ($day === null) {
            return Carbon::today();
        }
        $on = Carbon::createFromFormat('!Y-m-d', $day);
        if ($on === null || $on->toDateString() !== $day || $on->isFuture()) {
            throw InvalidRecipe::at(
                'made_on',
                'is no day that has been. Expected: the day it was made, such as '
                    .Carbon::today()->toDateString()
                    .'.',
            );
        }

        return $on;
    }
}
