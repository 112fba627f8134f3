<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Recipe\Formats\RecipeDocument;

/**
 * A style of the household's own (style-input.schema.json).
 *
 * @phpstan-import-type StyleArray from RecipeDocument
 */
final class StyleRequest extends SchemaRequest
{
    protected const SCHEMA = 'style-input';

    /** @return StyleArray */
    public function style(): array
    {
        /** @var array{style: StyleArray} $body */
        $body = $this->body;

        return $body['style'];
    }
}
