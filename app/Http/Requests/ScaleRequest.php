<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Batch\Making;
use Vinculum\Recipe\Recipe;

/** A recipe and how much of it is wanted (scale-input.schema.json). */
class ScaleRequest extends RecipeRequest
{
    protected const SCHEMA = 'scale-input';

    public function recipe(): Recipe
    {
        return isset($this->body['making']) ? AskedMaking::of($this->body)->recipe() : parent::recipe();
    }

    public function making(): Making
    {
        return isset($this->body['making'])
            ? AskedMaking::of($this->body)->making
            : AskedMaking::said($this->body);
    }
}
