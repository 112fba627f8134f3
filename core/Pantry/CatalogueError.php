<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** A catalogue table that cannot be used; names the file and the line, for whoever edits the table. */
final class CatalogueError extends \DomainException
{
    public static function at(string $file, int $line, string $what): self
    {
        return new self("{$file}, line {$line}: {$what}");
    }
}
