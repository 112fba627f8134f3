<?php

declare(strict_types=1);

namespace Vinculum\Evaluation;

use Vinculum\Cooking\CookedRecipe;
use Vinculum\Mixture\Constituent;
use Vinculum\Pantry\Form;
use Vinculum\Pantry\Ingredient;

/**
 * What colour a sauce is, in words and one swatch, because makers finish by it: a small estimate, and never a figure.
 *
 * Each thing takes light away by the colour it has alone (`colours` in the vocabulary, by its tint), as much as there
 * is of it (Beer and Lambert), a dried and ground one several times as much as a fresh one; fat in drops, milk and
 * flour throw light back before much of it is taken; sugar browns at the boil. Judgement throughout, no source.
 */
final readonly class Colour
{
    /** A ground thing beside a fresh one of its tint. */
    private const GROUND = 5.0;
    /** How far drops of fat and white powder throw light back, to their share of the sauce. */
    private const WHITE = 1.2;
    /** Of white fat, that it thins no colour with: plain oil is clear. */
    private const CLEAR_OIL = 0.4;
    /** Browning in an hour at the boil of a sauce that is all sugar, in powers of e of blue, half of it of green. */
    private const BROWNS = 3.0;
    /** No pot takes away more than this of a channel: what is black still shines. */
    private const DARKEST = 6.5;
    /** Least of a channel that the blackest thing gives back. */
    private const BLACK = 0.001;
    /** From so much pulp, starch or drops on it is cloudy, share. */
    private const CLOUDY = 0.004;
    /** Lightness below which a thing is dark. */
    private const DARK = 0.3;
    /** Of a screen’s channels. */
    private const GAMMA = 2.2;

    private function __construct(public string $words, public string $swatch) {}

    public static function of(Evaluation $evaluation): ?self
    {
        $cooked = $evaluation->cooked;
        $mass = $cooked->mixture->mass();
        if ($mass <= 0.0) {
            return null;
        }
        $taken = [0.0, 0.0, 0.0];
        $minutes = 0.0;
        foreach ($cooked->rows as $i => $row) {
            $ingredient = $cooked->weighed->lines[$i]->ingredient;
            if ($ingredient === null) {
                continue;
            }
            $minutes = max($minutes, $cooked->simmered[$i] ?? 0.0);
            $share = $ingredient->gramsBehind($row) / $mass;
            foreach (self::takes($ingredient, $cooked) as $channel => $each) {
                $taken[$channel] += $share * $each;
            }
        }
        $starch = $cooked->mixture->grams[Constituent::STARCH_COOKED];
        $white = ($evaluation->estimates->emulsifiedFat() + $starch) / $mass;
        $sugar = ($cooked->mixture->sugars() / $mass) * ($minutes / 60) * self::BROWNS;
        $shown = [];
        foreach ([0.15, 0.5, 1.0] as $channel => $browns) {
            $shown[] = exp(-min(self::DARKEST, ($taken[$channel] + $browns * $sugar) / (1 + self::WHITE * $white)));
        }
        $cloudy = $white > self::CLOUDY || $cooked->mixture->grams[Constituent::INSOLUBLE] > self::CLOUDY * $mass;

        return self::named($shown, $cloudy, $cooked->weighed->vocabulary->words['hues']);
    }

    /**
     * What a thing takes of red, green and blue light where there is nothing else, powers of e.
     *
     * @return list<float>
     */
    private static function takes(Ingredient $ingredient, CookedRecipe $cooked): array
    {
        $hex = $cooked->weighed->vocabulary->words['colours'][$ingredient->tint] ?? '#ffffff';
        $isGround = $ingredient->form === Form::Powder && $ingredient->is('dry-plant');
        $isOil = $ingredient->isFatty() && ! $ingredient->is('emulsifies');
        $by = ($isGround ? self::GROUND : 1.0) * ($isOil ? self::CLEAR_OIL : 1.0);

        return array_map(
            static fn (int $at): float => -$by
                * log(max(self::BLACK, (hexdec(substr($hex, $at, 2)) / 255) ** self::GAMMA)),
            [1, 3, 5],
        );
    }

    /**
     * @param list<float> $light red, green and blue that come back, 0 to 1
     * @param list<array{int, string}> $hues degrees up to which each word holds
     */
    private static function named(array $light, bool $isCloudy, array $hues): self
    {
        [$red, $green, $blue] = array_map(static fn (float $each): float => $each ** (1 / self::GAMMA), $light);
        $most = max($red, $green, $blue);
        $least = min($red, $green, $blue);
        $lightness = ($most + $least) / 2;
        $chroma = $most - $least;
        $hue = match (true) {
            $chroma <= 0.0 => 0.0,
            $most === $red => fmod(60 * ($green - $blue) / $chroma + 360, 360),
            $most === $green => 60 * ($blue - $red) / $chroma + 120,
            default => 60 * ($red - $green) / $chroma + 240,
        };
        $word = '';
        foreach (array_reverse($hues) as [$to, $name]) {
            $word = $hue <= $to ? $name : $word;
        }
        $isWarm = $hue > 8.0 && $hue < 50.0;
        $words = match (true) {
            $lightness < 0.12 => 'nearly black',
            $chroma < 0.07 && $lightness > 0.8 => $isCloudy ? 'white' : 'colourless',
            $isWarm && $lightness < 0.26 => 'dark brown',
            $isWarm && $hue > 16.0 && $lightness < 0.42 => 'brown',
            $isWarm && $chroma < 0.42 && $lightness < 0.75 => 'light brown',
            $lightness > 0.78 && $isWarm => 'pale cream',
            $lightness > 0.66 && $hue >= 40.0 && $hue < 66.0 => 'straw',
            $lightness > 0.72 => "pale {$word}",
            $lightness < self::DARK => "dark {$word}",
            default => $word,
        };
        $hex = static fn (float $each): string => sprintf('%02x', (int) round(255 * min(1.0, max(0.0, $each))));
        $state = $isCloudy ? 'cloudy' : 'clear';

        return new self(
            // nobody sees through what is dark
            in_array($words, ['white', 'colourless'], true) || $lightness < self::DARK ? $words : "{$words}, {$state}",
            '#'.$hex($red).$hex($green).$hex($blue),
        );
    }
}
