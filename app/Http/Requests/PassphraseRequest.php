<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What everybody in the house is to know (passphrase-input.schema.json). */
final class PassphraseRequest extends SchemaRequest
{
    protected const SCHEMA = 'passphrase-input';

    public function passphrase(): string
    {
        return trim($this->text('passphrase'));
    }
}
