<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Numeral;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Jotted\Markup;

/** A note told in one breath, as the lines it would have. */
final class Unrolled
{
    private const MAX_BYTES = 256 * 1024;

    /** Lines of text, beyond which it is no recipe. */
    private const MAX_TEXT_LINES = 2000;

    /**
     * The lines of a text, as many as a recipe may have.
     *
     * @return list<string>
     *
     * @throws InvalidRecipe where there is more text than a recipe holds
     */
    public static function lines(string $text): array
    {
        if (strlen($text) > self::MAX_BYTES) {
            throw InvalidRecipe::at('text', 'This is too much to be one recipe: at most 256 kB of text.');
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw InvalidRecipe::at(
                'text',
                'This is not text that can be read. Save it as plain text in UTF-8.',
            );
        }
        $lines = preg_split('/\R/u', Markup::untagged($text)) ?: [];
        if (count($lines) > self::MAX_TEXT_LINES) {
            throw InvalidRecipe::at(
                'text',
                'This is too much to be one recipe: at most '.self::MAX_TEXT_LINES.' lines of text.',
            );
        }

        return $lines;
    }

    /**
     * A recipe told in one breath, "Plum ketchup – 2 kg plums; 500 ml vinegar. Cook …", as the lines it would have.
     *
     * @param list<string> $lines
     *
     * @return array<int, string> by their place in the text; what stands in one line keeps its place
     */
    public static function of(array $lines): array
    {
        $text = trim(implode(' ', $lines));
        // some set them apart with commas: "pico – 3 tomatoes, 1/2 onion, juice of a lime, salt. Mix."
        // "dressing. 1 egg yolk, 150 ml oil": the title may end in a full stop
        $text = (string) preg_replace('/^([^.\d]{3,60})\.\s+(?='.Numeral::BEGINS.'[^.]*,)/u', '$1 – ', $text);
        $list = preg_match('/^((?:[^.]|\.(?=\S))+)(?:\.\s+(.*))?$/us', $text, $match) === 1 ? $match[1] : '';
        $said = array_filter($lines, static fn (string $line): bool => trim($line) !== '');
        $byComma = count($said) === 1 && ! str_contains($text, ';')
            && preg_match('/^\D{3,60}?\s*[–—:-]\s/u', $text) === 1
            ? [...(preg_split('/\s*,\s+(?![^(]*\))/u', $list) ?: []), $match[2] ?? '']
            : [];
        $chunks = count($lines) > 3 ? [] : (preg_split('/\s*;\s*/u', $text) ?: []);
        $chunks = count($byComma) > 3 ? $byComma : $chunks;
        $withNumber = preg_grep('/'.Numeral::BEGINS.'/u', $chunks) ?: [];
        if (count($withNumber) < 3) {
            return $lines;
        }
        if (preg_match('/^(\D{3,60}?)\s*[–—:-]\s*('.Numeral::BEGINS.'.*)$/u', $chunks[0], $match) === 1) {
            array_splice($chunks, 0, 1, [$match[1], $match[2]]);
        }
        $last = (string) array_pop($chunks);
        $parts = preg_split('/(?<=[^\d][.])\s+(?=\p{Lu})/u', $last, 2) ?: [$last];

        return [...$chunks, ...$parts];
    }
}
