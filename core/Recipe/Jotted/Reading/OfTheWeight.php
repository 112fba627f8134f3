<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Numeral;
use Vinculum\Pantry\Form;
use Vinculum\Recipe\Jotted\JottedLine;
use Vinculum\Recipe\Jotted\LineReader;

/** So much per cent of a weight nobody knows before the pot is full. */
final readonly class OfTheWeight implements Construct
{
    /**
     * "3% salt by weight", "salt, 2 % of the weight": of a weight nobody knows before the pot is full.
     *
     * @return list<JottedLine>|null
     */
    public function of(string $line, bool $optional, LineReader $reader): ?array
    {
        $percent = '(\d+(?:[.,]\d+)?)\s*(?:%|per ?cent)';
        $weight = '(?:by|of)\s+(?:the\s+|its\s+|their\s+)?(?:total\s+|combined\s+)?(?:weight|mass)\b.*';
        [$share, $name] = match (true) {
            preg_match("/^{$percent}\\s+(?:of\\s+)?(.+?)[\\s,(]+{$weight}$/iu", $line, $match) === 1
                => [$match[1], $match[2]],
            preg_match("/^(.+?)[\\s,:(]+{$percent}\\s*{$weight}$/iu", $line, $match) === 1 => [$match[2], $match[1]],
            default => ['', ''],
        };

        // "3.5% salt", "xanthan 0.1%" without a word of what: of a vinegar it is the strength
        if ($share === '') {
            [$said, $name] = match (true) {
                preg_match("/^{$percent}\\s+(?:of\\s+)?(\\D+)$/iu", $line, $match) === 1 => [$match[1], $match[2]],
                preg_match("/^(\\D+?),?\\s+{$percent}$/iu", $line, $match) === 1 => [$match[2], $match[1]],
                default => ['', ''],
            };
            $share = $reader->things->naming->sure($name)?->form === Form::Powder ? $said : '';
        }

        return $share === '' || ! $reader->things->naming->knows($name) ? null : [
            $reader->things->line($name, 'to taste', false, "{$share} % by weight", [
                ['amount', "How much is {$share} % by weight? Weigh what it goes on: "
                    .Numeral::digits(10 * (float) strtr($share, ',', '.')).' g to the kilogram.', []],
            ]),
        ];
    }
}
