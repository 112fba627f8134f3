<?php

declare(strict_types=1);

namespace Vinculum\Recipe;

/** A document that is no recipe. Each error names the field and what would be accepted. */
final class InvalidRecipe extends \DomainException
{
    /**
     * @param list<array{field: string, message: string}> $errors at least one
     */
    public function __construct(public readonly array $errors)
    {
        parent::__construct(
            implode(
                ' ',
                array_map(
                    static fn (array $error): string => $error['field'] === ''
                        ? $error['message']
                        : "{$error['field']}: {$error['message']}",
                    $errors,
                ),
            ),
        );
    }

    public static function at(string $field, string $message): self
    {
        return new self([['field' => $field, 'message' => $message]]);
    }
}
