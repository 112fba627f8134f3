<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Whether what a remark says of tastes counts (heard-input.schema.json). */
final class HeardRequest extends SchemaRequest
{
    protected const SCHEMA = 'heard-input';

    public function counts(): bool
    {
        return ($this->body['counts'] ?? false) === true;
    }
}
