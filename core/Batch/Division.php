<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\Amount;
use Vinculum\Amount\Dimension;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;

/** A batch divided before anything touches raw meat: so much for the marinade, the mop, the table, the freezer. */
final class Division
{
    private const MOST = 12;

    /** Uses that touch raw meat, or its brush. */
    private const RAW = '/\b(?:marinade|marinating|mop|baste|basting|brush|raw)\b/iu';

    /**
     * What is frozen wants a container so many times its volume. Water swells by 9 %; the half inch of a wide pint, and
     * the inch of a wide quart, which the US National Center for Home Food Preservation asks for (from memory) are an
     * eighth.
     */
    public const FREEZER_ROOM = 1.15;

    /**
     * @param string $text a portion a line, or parted by commas: "marinade 300 ml, mop 1 cup, table the rest"
     * @return list<array{name: string, ml: float, label: Sentence}>
     *
     * @throws UnreachableTarget
     */
    public static function of(string $text, float $yieldMl, MeasuringSet $set): array
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
        $rest = null;
        foreach ($parts as $i => $part) {
            if (preg_match('/^(.+?)[:\s]+(?:the )?rest$/iu', $part, $match) === 1) {
                $rest = $i;
                $names[$i] = trim($match[1], ' :');
                $volumes[$i] = 0.0;
                continue;
            }
            if (preg_match('/^(\D+?)[:\s]+(\S*\d.*|an? .+|half.+)$/iu', $part, $match) !== 1) {
                throw UnreachableTarget::portions(
                    "“{$part}” is no portion. Write a name and how much, such as marinade 300 ml, or table the rest.",
                );
            }
            $ml = self::millilitres($match[2], $yieldMl, $set, $part);
            $names[$i] = trim($match[1], ' :');
            $volumes[$i] = $ml;
            $left -= $ml;
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
        if ($rest !== null) {
            $volumes[$rest] = max(0.0, $left);
        } elseif ($left > 0.02 * $yieldMl) {
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

    private static function millilitres(string $amount, float $yieldMl, MeasuringSet $set, string $part): float
    {
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*%$/u', trim($amount), $match) === 1) {
            return ($yieldMl * (float) strtr($match[1], ',', '.')) / 100;
        }
        try {
            $millilitres = 0.0;
            foreach (Amount::parse($amount, $set)->terms as $term) {
                if ($term->unit?->dimension !== Dimension::Volume) {
                    throw UnreachableTarget::portions(
                        "“{$part}”: a portion is a volume, such as 300 ml or 1 cup, or a share, such as 25 %.",
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
