<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\Amount;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Numeral;
use Vinculum\Amount\Units;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;

/** A batch divided before anything touches raw meat: so much for the marinade, the mop, the table, the freezer. */
final class Division
{
    private const MOST = 12;

    /** Uses that touch raw meat, or its brush. */
    private const RAW = '/\b(?:marinad|marinat|mop|bast|brush|raw|inject|brin)/iu';

    /** Digits, or words that are no amount. */
    private const VAGUE = '/\d|\b(?:lots?|plenty|some|most|much|little|few|bit|enough)\b/iu';

    private const SHARES = ['one third' => '1/3', 'two thirds' => '2/3', 'one quarter' => '1/4',
        'three quarters' => '3/4', 'one half' => '1/2'];

    /** What is left when the others have theirs. */
    private const REST
        = '/^(?:(?:all )?the rest|rest|(?:the )?remain(?:ing|der)|what(?: i|\')s left|everything else)\b/iu';

    /**
     * What is frozen wants a container so many times its volume. Water swells by 9 %; the half inch of a wide pint, and
     * the inch of a wide quart, which the US National Center for Home Food Preservation asks for (from memory) are an
     * eighth.
     */
    public const FREEZER_ROOM = 1.15;

    /**
     * @param string $text a portion a line, or parted by commas: "marinade 300 ml, mop 1 cup, table the rest"
     * @param float $yieldGrams the same in grams, for portions that are weighed; 0 where it is not known
     * @return list<array{name: string, ml: float, label: Sentence}>
     *
     * @throws UnreachableTarget
     */
    public static function of(string $text, float $yieldMl, MeasuringSet $set, float $yieldGrams = 0.0): array
    {
        $parts = array_values(
            array_filter(
                array_map(trim(...), preg_split('/[\n;,]+/u', $text) ?: []),
                static fn (string $part): bool => $part !== '',
            ),
        );
        if (count($parts) > self::MOST) {
            throw UnreachableTarget::portions('There are more than '.self::MOST.' portions.');
        }
        $names = [];
        $volumes = [];
        $left = $yieldMl;
        $shares = [];
        foreach ($parts as $i => $part) {
            try {
                [$name, $amount] = self::nameAndAmount($part, $set);
            } catch (UnreadableAmount $why) {
                throw UnreachableTarget::portions("“{$part}”: {$why->getMessage()}");
            }
            $names[$i] = $name;
            if ($amount === null) {
                $shares[] = $i;
                $volumes[$i] = 0.0;
                continue;
            }
            $volumes[$i] = self::millilitres($amount, $yieldMl, $yieldGrams, $set, $part);
            $left -= $volumes[$i];
        }
        if ($left < -0.01 * $yieldMl) {
            throw UnreachableTarget::portions(
                sprintf(
                    'The portions come to %d ml, and there are %d ml.',
                    (int) round($yieldMl - $left),
                    (int) round($yieldMl),
                ),
            );
        }
        foreach ($shares as $i) {
            $volumes[$i] = max(0.0, $left / count($shares));
        }
        if ($shares === [] && $left > 0.02 * $yieldMl) {
            $names[] = 'what is left';
            $volumes[] = $left;
        }

        return array_map(
            static fn (string $name, float $ml): array => [
                'name' => $name,
                'ml' => $ml,
                'label' => self::label($name, $ml),
            ],
            array_values($names),
            array_values($volumes),
        );
    }

    /**
     * "marinade 300 ml", "half for the marinade", "a third to baste with", "table the rest", "the wings".
     *
     * @return array{string, string|null} what it is for, and how much; null for a share of what is left
     */
    private static function nameAndAmount(string $part, MeasuringSet $set): array
    {
        $for = '(?: ?:| of it)?(?: (?:is |goes )?(?:for|to|into|in|as|at|on)(?: the| a| my)?)?(?: the| a)? ';
        if (preg_match(self::REST, $part, $match) === 1) {
            $name = preg_replace("/^{$for}/iu", '', substr($part, strlen($match[0])).' ');

            return [trim((string) $name) === '' ? 'the rest' : trim((string) $name), null];
        }
        $rest = '/^(.+?)[:\s]+(?:with |gets |takes )?(?:all )?(?:the )?(?:rest|remainder)$/iu';
        if (preg_match($rest, $part, $match) === 1) {
            return [trim($match[1], ' :'), null];
        }
        $part = strtr(mb_strtolower($part), self::SHARES);
        // how much first: a number in digits or words, its unit, and what it is for
        [$numeral, $rest] = Numeral::read($part) ?? [null, ''];
        if ($numeral !== null) {
            $amount = trim(substr($part, 0, strlen($part) - strlen($rest)));
            $isUnit = preg_match('/^ ?(%|\p{L}+(?: oz)?)(?= |$)/u', $rest, $match) === 1
                && ($match[1] === '%'
                    || Units::find($match[1], $set)?->dimension === Dimension::Volume
                    || Units::find($match[1], $set)?->dimension === Dimension::Mass);
            $words = ' '.trim(substr($rest, $isUnit ? strlen($match[0]) : 0));
            $name = trim((string) preg_replace("/^{$for}/iu", '', $words));
            if ($name !== '' && preg_match('/^\d/', $name) !== 1) {
                return [$name, $isUnit ? "{$amount} {$match[1]}" : $amount];
            }
        }
        $behind = '/^(\D+?)[:\s]+(\S*\d.*|an? .+|half.*)$/iu';
        if (preg_match($behind, $part, $match) === 1) {
            return [trim($match[1], ' :'), $match[2]];
        }
        if (preg_match(self::VAGUE, $part) === 1) {
            throw UnreachableTarget::portions(
                "“{$part}” is no portion. Write a name and how much, such as marinade 300 ml, or table the rest.",
            );
        }

        return [trim((string) preg_replace('/^(?:the|a|for(?: the)?|to) /iu', '', $part)), null];
    }

    private static function label(string $name, float $ml): Sentence
    {
        return match (true) {
            preg_match(self::RAW, $name) === 1 => Sentence::of(
                'Touches raw meat: boil it or throw it away afterwards. Never table sauce.',
            ),
            preg_match('/freez|frozen/iu', $name) === 1 => Sentence::of(
                'Freeze it on the day, dated, in something that holds {room} or more: it swells.',
                ['room' => Quantity::volume(10 * ceil((self::FREEZER_ROOM * $ml) / 10))],
            ),
            default => Sentence::of(
                'Take it out before anything touches raw meat. Date it, and keep it in the fridge.',
            ),
        };
    }

    private static function millilitres(
        string $amount,
        float $yieldMl,
        float $yieldGrams,
        MeasuringSet $set,
        string $part,
    ): float {
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*%$/u', trim($amount), $match) === 1) {
            return ($yieldMl * (float) strtr($match[1], ',', '.')) / 100;
        }
        // a share of the batch, where there is no unit
        [$numeral, $rest] = Numeral::read($amount) ?? [null, $amount];
        if ($numeral !== null && trim($rest) === '' && $numeral->value > 0.0 && $numeral->value < 1.0) {
            return $yieldMl * $numeral->value;
        }
        try {
            $millilitres = 0.0;
            foreach (Amount::parse($amount, $set)->terms as $term) {
                if ($term->unit?->dimension === Dimension::Mass && $yieldGrams > 0.0) {
                    $millilitres += $term->number->value * $term->unit->size * $yieldMl / $yieldGrams;
                    continue;
                }
                if ($term->unit?->dimension !== Dimension::Volume) {
                    throw UnreachableTarget::portions(
                        "“{$part}”: a portion is a volume, such as 300 ml or 1 cup, a weight, such as 200 g, or a "
                            .'share, such as 25 %.',
                    );
                }
                $millilitres += $term->number->value * $term->unit->size;
            }

            return $millilitres;
        } catch (UnreadableAmount $why) {
            throw UnreachableTarget::portions("“{$part}”: {$why->getMessage()}");
        }
    }
}
