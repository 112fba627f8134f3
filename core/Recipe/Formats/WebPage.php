<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Recipe\InvalidRecipe;

/** A web page, or a piece of one, as it was copied: what its scripts describe is taken, its markup never. */
final class WebPage
{
    private const MARKUP = '/^(?:<!--.*?-->\s*)*<(?:!doctype|\?xml|html|head|body|meta|script|article|section|'
        .'div|main|ul'
        .'|span)\b/is';

    private const SCRIPT = '/<script[^>]*application\/ld\+json[^>]*>(.*?)<\/script>/is';

    /**
     * What the scripts of a page describe, all of them, since the recipe may stand in any; those that are broken are
     * passed over.
     *
     * @return list<array<array-key, mixed>>|null null where the text is no page
     *
     * @throws InvalidRecipe where it is a page, and no script of it can be read
     */
    public static function described(string $text): ?array
    {
        if (preg_match(self::MARKUP, ltrim($text, "\u{FEFF} \t\r\n")) !== 1) {
            return null;
        }
        preg_match_all(self::SCRIPT, $text, $scripts);
        $described = [];
        foreach ($scripts[1] as $script) {
            $bare = trim((string) preg_replace('/^\s*(?:\/\/)?\s*<!(?:\[CDATA\[|--)|(?:\/\/)?\s*(?:\]\]|'
                .'--)>\s*$/', '', $script));
            $read = json_decode($bare, true, 64);
            if (is_array($read)) {
                $described[] = $read;
            }
        }
        if ($described === []) {
            throw InvalidRecipe::at('text', preg_match('/\bitem(?:scope|prop)\b/i', $text) === 1
                ? 'This page describes its recipe inside its markup (microdata), which is not read. Copy the list and '
                    .'the method from the page as text, and paste those.'
                : 'This is a web page without a recipe that can be read by machine (schema.org in JSON-LD). Copy the '
                    .'list and the method from the page as text, and paste those.');
        }

        return $described;
    }
}
