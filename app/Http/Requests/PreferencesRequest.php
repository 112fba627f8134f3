<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Pantry\Preferences;

/**
 * How the household measures, and what it reads (preferences.schema.json).
 *
 * @phpstan-import-type PreferencesArray from Preferences
 */
final class PreferencesRequest extends SchemaRequest
{
    protected const SCHEMA = 'preferences';

    /** @return PreferencesArray */
    public function given(): array
    {
        /** @var PreferencesArray $body */
        $body = array_diff_key($this->body, ['was' => true]);

        return $body;
    }

    /** @return array<string, mixed> what was known before it was changed; empty where nothing is said */
    public function was(): array
    {
        return $this->body['was'] ?? [];
    }
}
