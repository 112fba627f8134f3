<?php

declare(strict_types=1);

namespace Vinculum\Pantry;

/** What the containers of a kind hold, where an entry says nothing of its own: a bottle of beer, a can of cola. */
final class Containers
{
    /** A bottle or a can is so much, or half as much again; judgement. */
    private const SPREAD = 1.5;

    /**
     * The portions of an entry, with those its kinds give it.
     *
     * @param list<array{0: string, 1: float, 2: string, 3?: float|null}> $own name, grams, source, spread in ln
     * @param list<string> $of kinds of the entry
     * @param array<string, array{name: string, holds?: array<string, int>}> $kinds millilitres by container, by kind
     * @return list<array{0: string, 1: float, 2: string, 3?: float|null}>
     */
    public static function with(array $own, array $of, ?float $density, array $kinds): array
    {
        $named = array_column($own, 0);
        foreach ($density === null ? [] : $of as $kind) {
            foreach ($kinds[$kind]['holds'] ?? [] as $container => $millilitres) {
                if (! in_array($container, $named, true)) {
                    $own[] = [$container, $millilitres * $density, 'common practice, no source', log(self::SPREAD)];
                }
            }
        }

        return $own;
    }
}
