<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Amount\UnreadableAmount;

/** A batch that cannot be made; the message is the one the maker reads. */
final class UnreachableTarget extends \DomainException
{
    private const ACCEPTED = 'Write a factor (2x, half a batch), a mass (900 g), a volume (1.5 l), containers '
        .'(6 x 250 ml), people (8 people, glaze), pieces (30 dumplings), a pan (a 3 l pan) or what is to be used up '
        .'(all of 900 g plums).';

    public static function unreadable(string $text, ?UnreadableAmount $why = null): self
    {
        $shown = mb_strlen($text) > 40 ? mb_substr($text, 0, 39).'…' : $text;

        return new self("“{$shown}” is not a batch size I can read. ".self::ACCEPTED, 0, $why);
    }

    public static function containersByVolume(string $text): self
    {
        return new self("“{$text}”: bottles and jars go by volume, such as 6 x 250 ml.");
    }

    public static function containersBySize(string $text): self
    {
        return new self("“{$text}”: how much goes into one? Say it with the number, such as 6 x 250 ml, or three 8 oz "
            .'bottles.');
    }

    /** @param list<string> $names */
    public static function notInIt(string $words, array $names): self
    {
        return new self(
            "“{$words}” is not in this recipe. It has "
                .implode(', ', $names)
                .'. Swap it in first, then say how much there is of it.',
        );
    }

    public static function notCounted(string $name): self
    {
        return new self("How much one {$name} weighs is not known. Give its weight, such as all of 900 g {$name}.");
    }

    public static function notPoured(string $name): self
    {
        return new self("How much {$name} fills that is not known. Give its weight, such as all of 900 g {$name}.");
    }

    public static function portions(string $why): self
    {
        return new self($why);
    }

    public static function nothingToScale(): self
    {
        return new self(
            'There is nothing in the pot yet, so there is nothing to scale. Give at least one line an amount.',
        );
    }

    public static function tooLarge(string $name): self
    {
        return new self("That is more {$name} than a line can hold. Make it in several batches.");
    }

    public static function headspace(): self
    {
        return new self('Headspace is a share of the container, from 0 to 50 per cent.');
    }
}
