<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A recipe, how much of it, and how it is divided (plan-input.schema.json). */
final class PlanRequest extends ScaleRequest
{
    protected const SCHEMA = 'plan-input';
}
