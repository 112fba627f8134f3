<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Amount\Kitchenware;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Jotted\JottedText;

/** A note as somebody jotted it down, Markdown among them: whatever is nothing else. */
final class PlainText implements ReadsText
{
    public function name(): string
    {
        return 'text';
    }

    public function label(): string
    {
        return 'Text';
    }

    public function isOf(string $text): bool
    {
        return true;
    }

    public function checked(string $text): ?array
    {
        return null;
    }

    public function bringIn(string $text, Catalogue $catalogue, Kitchenware $kit): BroughtIn
    {
        [$recipe, $questions, $spans, $tongue] = JottedText::readWithSpans($text, $catalogue, $kit);

        return new BroughtIn($recipe, $questions, spans: $spans, tongue: $tongue);
    }
}
