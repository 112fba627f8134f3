<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Illuminate\Http\Resources\Json\JsonResource;

/** Answers are the thing itself, with nothing wrapped about it: their schemas say their shape. */
abstract class Resource extends JsonResource
{
    public static $wrap = null;
}
