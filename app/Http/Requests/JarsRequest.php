<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Batch\ScaleTarget;
use Vinculum\Batch\UnreachableTarget;
use Vinculum\Recipe\InvalidRecipe;

/** Jars that were filled (jars-input.schema.json). */
final class JarsRequest extends SchemaRequest
{
    protected const SCHEMA = 'jars-input';

    private const LEAST_ML = 10.0;
    private const MOST_ML = 20000.0;

    public function count(): int
    {
        return (int) $this->number('count', 1.0);
    }

    /**
     * As large as it was said in any measure, or in millilitres; null where nobody says.
     *
     * @throws InvalidRecipe where the words are no size of a jar
     */
    public function sizeMl(MeasuringSet $set): ?float
    {
        $size = trim($this->text('size'));
        if ($size !== '') {
            try {
                $ml = ScaleTarget::parse(is_numeric($size) ? "1 x {$size} ml" : "1 x {$size}", $set)->millilitres;
            } catch (UnreachableTarget) {
                $ml = null;
            }
            if ($ml === null || $ml < self::LEAST_ML || $ml > self::MOST_ML) {
                throw InvalidRecipe::at(
                    'size',
                    "“{$size}” is no size of a jar. Expected: from 10 ml to 20 l, such as 250 ml or 16 oz.",
                );
            }

            return $ml;
        }

        return isset($this->body['size_ml']) ? $this->number('size_ml', 0.0) : null;
    }

    public function kind(): string
    {
        return $this->optional('kind') ?? 'jar';
    }

    public function place(): string
    {
        return $this->optional('place') ?? 'fridge';
    }
}
