<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Measure\Amount;
use Vinculum\Measure\Dimension;
use Vinculum\Measure\MeasuringSet;
use Vinculum\Measure\Numeral;
use Vinculum\Measure\UnreadableAmount;

/** How much sauce is wanted: "2x", "900 g", "1.5 l", "6 x 250 ml". One of factor, mass and volume. */
final readonly class ScaleTarget
{
    private const MOST_CONTAINERS = 1000;

    /**
     * @param float|null $factor times the recipe
     * @param float|null $grams of finished sauce
     * @param float|null $millilitres of finished sauce; of one container where there are several
     * @param int $containers 0 where the target is no number of containers
     */
    private function __construct(
        public ?float $factor,
        public ?float $grams,
        public ?float $millilitres,
        public int $containers,
    ) {}

    /**
     * @throws UnreachableTarget where the text is none of these
     */
    public static function parse(string $text, MeasuringSet $set): self
    {
        $plain = trim($text);
        try {
            if (preg_match('/^(.+?)\s*(?:x|×|times)$/iu', $plain, $match) === 1 || preg_match('/^(?:x|×)\s*(.+)$/iu', $plain, $match) === 1) {
                return self::factor($match[1], $text);
            }
            $words = ['half' => 0.5, 'double' => 2.0, 'triple' => 3.0];
            if (isset($words[mb_strtolower($plain)])) {
                return new self($words[mb_strtolower($plain)], null, null, 0);
            }
            if (preg_match('/^(\d{1,5})\s*(?:x|×|\*|times|of)\s*(.+?)(?:\s+(?:bottles?|jars?))?$/iu', $plain, $match) === 1) {
                return self::containers((int) $match[1], self::millilitres($match[2], $set, $text), $text);
            }
            $amount = Amount::parse($plain, $set);
        } catch (UnreadableAmount $why) {
            throw UnreachableTarget::unreadable($text, $why);
        }
        [$dimension, $size] = self::size($amount, $text);

        return $dimension === Dimension::Mass ? new self(null, $size, null, 0) : new self(null, null, $size, 0);
    }

    private static function factor(string $number, string $text): self
    {
        [$numeral, $rest] = Numeral::read($number) ?? throw UnreachableTarget::unreadable($text);
        if (trim($rest) !== '' || $numeral->value < 0.01 || $numeral->value > 1000) {
            throw UnreachableTarget::unreadable($text);
        }

        return new self($numeral->value, null, null, 0);
    }

    private static function containers(int $count, float $millilitres, string $text): self
    {
        if ($count < 1 || $count > self::MOST_CONTAINERS) {
            throw UnreachableTarget::unreadable($text);
        }

        return new self(null, null, $millilitres, $count);
    }

    private static function millilitres(string $size, MeasuringSet $set, string $text): float
    {
        [$dimension, $millilitres] = self::size(Amount::parse($size, $set), $text);
        if ($dimension !== Dimension::Volume) {
            throw UnreachableTarget::containersByVolume($text);
        }

        return $millilitres;
    }

    /**
     * @return array{Dimension, float}
     */
    private static function size(Amount $amount, string $text): array
    {
        $size = 0.0;
        $dimension = null;
        foreach ($amount->terms as $term) {
            if ($term->unit === null || ! in_array($term->unit->dimension, [Dimension::Mass, Dimension::Volume], true) || ($dimension ?? $term->unit->dimension) !== $term->unit->dimension) {
                throw UnreachableTarget::unreadable($text);
            }
            $dimension = $term->unit->dimension;
            $size += $term->number->value * $term->unit->size;
        }
        if ($dimension === null || $size < 1.0 || $size > 1e6) {
            throw UnreachableTarget::unreadable($text);
        }

        return [$dimension, $size];
    }
}
