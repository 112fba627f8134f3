<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\House\Picture;
use Vinculum\Recipe\InvalidRecipe;

/** A picture of a batch (picture-input.schema.json). */
final class PictureRequest extends SchemaRequest
{
    protected const SCHEMA = 'picture-input';

    public function picture(): Picture
    {
        $bytes = base64_decode($this->text('picture'), true);

        return Picture::of(
            $bytes === false
                ? throw InvalidRecipe::at('picture', 'is not base64. Expected: the bytes of a picture in base64.')
                : $bytes,
        );
    }
}
