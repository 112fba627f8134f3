<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Recipes\Makings;
use App\Recipes\When;
use Vinculum\Plan\UnreadableTime;
use Vinculum\Recipe\InvalidRecipe;

/** A making that is to be kept (making-input.schema.json). */
final class MakingRequest extends SchemaRequest
{
    protected const SCHEMA = 'making-input';

    public function asked(): AskedMaking
    {
        return AskedMaking::of($this->body);
    }

    /**
     * As it is kept.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidRecipe naming the field
     */
    public function kept(When $when): array
    {
        $asked = $this->asked();
        $version = is_int($this->body['version'] ?? null) ? $this->body['version'] : null;
        if ($version !== null && $asked->stored->versions()->find($version) === null) {
            throw InvalidRecipe::at('version', 'is no version of this recipe. Expected: the id of one, or null.');
        }
        $ready = $this->optional('ready');
        try {
            if ($ready !== null) {
                $when->hours('')->minute($ready);
            }
        } catch (UnreadableTime $why) {
            throw InvalidRecipe::at('ready', $why->getMessage());
        }

        return ['version' => $version, 'ready' => $ready] + Makings::kept($asked->making);
    }
}
