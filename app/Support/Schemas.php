<?php

declare(strict_types=1);

namespace App\Support;

use App\Http\RequestRefused;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Vinculum\Recipe\Formats\Json;
use Vinculum\Recipe\InvalidRecipe;

/**
 * The JSON Schemas that ship with the product. The shape of every document is written there and nowhere else; this
 * turns
 * what a validator finds into sentences that name the field and what is accepted.
 */
final class Schemas
{
    public const BASE = 'https://vinculum.invalid/schemas/';

    private ?Validator $validator = null;

    public function __construct(private readonly string $folder) {}

    public function text(string $name): ?string
    {
        $path = "{$this->folder}/{$name}.schema.json";

        return is_file($path) ? (string) file_get_contents($path) : null;
    }

    public function openApi(): string
    {
        return (string) file_get_contents("{$this->folder}/openapi.json");
    }

    /**
     * @param string $json the document as it came
     * @return array<array-key, mixed> the document, read
     *
     * @throws InvalidRecipe
     * @throws RequestRefused where it is no JSON at all
     */
    public function check(string $name, string $json): array
    {
        try {
            $document = Json::decode($json);
        } catch (\JsonException) {
            throw RequestRefused::malformedJson();
        }
        if (! ($document instanceof \stdClass)) {
            throw InvalidRecipe::at('', 'Expected a JSON object.');
        }
        $result = $this->validator()->validate($document, self::BASE."{$name}.schema.json");
        $error = $result->error();
        if ($error !== null) {
            $errors = [];
            foreach ($this->leaves($error) as $leaf) {
                foreach ($this->sentences($leaf) as $field => $message) {
                    $errors[$field.$message] = ['field' => $field, 'message' => $message];
                }
            }
            throw new InvalidRecipe(array_values(array_slice($errors, 0, 20)));
        }

        /** @var array<array-key, mixed> $read */
        $read = Json::arrays($document);

        return $read;
    }

    private function validator(): Validator
    {
        if ($this->validator === null) {
            $this->validator = new Validator(null, 50, false);
            $this->validator->resolver()?->registerPrefix(self::BASE, $this->folder);
        }

        return $this->validator;
    }

    /**
     * @return list<ValidationError>
     */
    private function leaves(ValidationError $error): array
    {
        if ($error->subErrors() === []) {
            return [$error];
        }
        if ($error->keyword() === 'anyOf') {
            // of alternatives, the one that was meant; where that is not clear, what the field as a whole may be
            $meant = array_filter(
                $error->subErrors(),
                static fn (ValidationError $sub): bool => $sub->keyword() !== 'type',
            );

            return count($meant) === 1 ? $this->leaves(array_values($meant)[0]) : [$error];
        }

        return array_merge(...array_map($this->leaves(...), array_values($error->subErrors())));
    }

    /**
     * @return array<string, string> by field
     */
    private function sentences(ValidationError $error): array
    {
        $path = $error->data()->fullPath();
        $args = $error->args();
        $schema = $error->schema()->info()->data();
        $described
            = is_object($schema) && isset($schema->description) && is_string($schema->description)
                ? rtrim($schema->description, '.')
                : null;
        $list = static fn (mixed $names): array => is_array($names)
            ? array_values(array_filter($names, is_string(...)))
            : [];
        if ($error->keyword() === 'required') {
            $sentences = [];
            foreach ($list($args['missing'] ?? []) as $name) {
                $sentences[self::field([...$path, $name])]
                    = 'is missing.'.self::accepted(self::descriptionOf($schema, $name));
            }

            return $sentences;
        }
        if ($error->keyword() === 'additionalProperties') {
            $known
                = is_object($schema) && isset($schema->properties) && is_object($schema->properties)
                    ? array_keys(get_object_vars($schema->properties))
                    : [];
            $sentences = [];
            // where one field fails, the validator names its neighbours as well
            $strange = array_filter(
                $list($args['properties'] ?? []),
                static fn (string $name): bool => ! in_array($name, $known, true) && ! str_starts_with($name, 'x-'),
            );
            foreach ($strange as $name) {
                $sentences[self::field([...$path, $name])]
                    = 'is not a field here. Accepted: '.implode(', ', $known).', or a name beginning x-.';
            }

            return $sentences;
        }
        $constant
            = is_object($schema) && isset($schema->const) && is_scalar($schema->const)
                ? json_encode($schema->const)
                : null;
        $choices
            = is_object($schema) && isset($schema->enum) && is_array($schema->enum)
                ? implode(
                    ', ',
                    array_map(
                        static fn (mixed $value): string => is_string($value) ? $value : (string) json_encode($value),
                        $schema->enum,
                    ),
                )
                : null;
        $accepted
            = $described
            ?? (($constant !== null ? "exactly {$constant}" : null)
                ?? (($choices !== null ? "one of {$choices}" : null)
                    ?? (new ErrorFormatter)->formatErrorMessage($error)));

        return [self::field($path) => 'is not accepted.'.self::accepted($accepted)];
    }

    private static function accepted(?string $what): string
    {
        return $what === null ? '' : " Expected: {$what}.";
    }

    private static function descriptionOf(mixed $schema, string $name): ?string
    {
        $property
            = is_object($schema) && isset($schema->properties) && is_object($schema->properties)
                ? $schema->properties->{$name} ?? null
                : null;

        return is_object($property) && isset($property->description) && is_string($property->description)
            ? rtrim($property->description, '.')
            : null;
    }

    /**
     * @param array<array-key, string|int> $path
     */
    private static function field(array $path): string
    {
        $field = '';
        foreach ($path as $step) {
            $field .= is_int($step) || ctype_digit($step) ? "[{$step}]" : ($field === '' ? $step : ".{$step}");
        }

        return $field;
    }
}
