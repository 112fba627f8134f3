<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\ProcessKind;

/**
 * Whether a batch fits the pans and the blender, in how many rounds where it does not, and how it goes into the jars.
 */
final class EquipmentFit
{
    /** A blender with something hot in it is full at this share. Common practice; steam throws the lid. */
    private const BLENDER_FULL = 0.5;
    private const BLENDER_FULL_COLD = 2 / 3;

    /** Less than this share of a jar is eaten tonight, and dirties none. */
    private const WORTH_A_JAR = 0.1;

    /**
     * What the largest pan says to it.
     *
     * @param list<Equipment> $kit
     * @return array{text: Sentence, rounds: int}|null null where no pan is known
     */
    public static function pan(Evaluation $batch, array $kit): ?array
    {
        $pan = self::largest($kit, 'pan');
        if ($pan === null) {
            return null;
        }
        $fullest = ScaleTarget::fullest($batch);
        $room = ScaleTarget::PAN_FULL * $pan->millilitres;
        $pans = $pan->count;
        $rounds = (int) max(1, ceil($fullest / $room / $pans - 1e-9));
        if ($fullest <= $room) {
            return [
                'text' => Sentence::of('It fits the {pan}: {full} full at its fullest, and two thirds is the most.', [
                    'pan' => $pan->name,
                    'full' => Quantity::percent($fullest / $pan->millilitres),
                ]),
                'rounds' => 1,
            ];
        }
        $parts = (int) ceil($fullest / $room - 1e-9);
        $slots = [
            'pan' => $pan->name,
            'room' => Quantity::volume($room),
            'parts' => Quantity::number($parts, 0),
            'each' => Quantity::volume($fullest / $parts),
            'rounds' => Quantity::number(ceil($parts / $pans), 0),
        ];

        return $rounds === 1
            ? [
                'text' => Sentence::of(
                    'Too much for one {pan}, which takes {room} at two thirds full: use {parts} of them, {parts} '
                        .'equal parts of {each}.',
                    $slots,
                ),
                'rounds' => 1,
            ]
            : [
                'text' => Sentence::of(
                    'Too much for the {pan}, which takes {room} at two thirds full: cook it in {rounds} rounds, '
                        .'{parts} equal parts of {each}. A reduction takes each round its own time.',
                    $slots,
                ),
                'rounds' => (int) ceil($parts / $pans),
            ];
    }

    /**
     * @param list<Equipment> $kit
     */
    public static function blender(Evaluation $batch, array $kit): ?Sentence
    {
        $blender = self::largest($kit, 'blender');
        if ($blender === null) {
            return null;
        }
        foreach ($batch->cooked->stages as $report) {
            if ($report->stage->process?->kind === ProcessKind::Blend) {
                $room = $blender->millilitres * ($report->startsHot ? self::BLENDER_FULL : self::BLENDER_FULL_COLD);
                $rounds = (int) max(1, ceil($report->volumeBefore / $room - 1e-9));

                return $rounds === 1
                    ? null
                    : Sentence::of('Blend it in {rounds} goes of {each}: the {blender} is to be no more than {full}.', [
                        'rounds' => Quantity::number($rounds, 0),
                        'each' => Quantity::volume($report->volumeBefore / $rounds),
                        'blender' => $blender->name,
                        'full' => $report->startsHot ? 'half full of something hot' : 'two thirds full',
                    ]);
            }
        }

        return null;
    }

    /**
     * The jars and bottles that are owned, filled largest first; the last in part, and what is over.
     *
     * @param list<Equipment> $kit
     * @param float $headspacePercent of each left empty
     * @return array{
     *     filled: list<array{name: string, count: int, each_ml: float}>,
     *     part: array{name: string, ml: float}|null,
     *     over_ml: float,
     * }|null null where none is known
     */
    public static function jars(float $yield, array $kit, float $headspacePercent): ?array
    {
        $jars = array_values(
            array_filter(
                $kit,
                static fn (Equipment $each): bool => in_array($each->kind, ['jar', 'bottle'], true) && $each->count > 0,
            ),
        );
        if ($jars === []) {
            return null;
        }
        usort($jars, static fn (Equipment $a, Equipment $b): int => $b->millilitres <=> $a->millilitres);
        $left = $yield;
        $filled = [];
        $spare = null;
        foreach ($jars as $jar) {
            $each = $jar->millilitres * (1 - $headspacePercent / 100);
            $count = min($jar->count, (int) floor($left / $each + 1e-9));
            if ($count > 0) {
                $filled[] = ['name' => $jar->name, 'count' => $count, 'each_ml' => $each];
                $left -= $count * $each;
            }
            // the smallest one that is still empty takes the rest
            if ($count < $jar->count) {
                $spare = [$jar->name, $each];
            }
        }
        $part = $spare !== null && $left >= self::WORTH_A_JAR * $spare[1] && $left <= $spare[1]
            ? ['name' => $spare[0], 'ml' => $left]
            : null;

        return ['filled' => $filled, 'part' => $part, 'over_ml' => $part === null ? max(0.0, $left) : 0.0];
    }

    /**
     * @param list<Equipment> $kit
     * @param value-of<Equipment::KINDS> $kind
     */
    private static function largest(array $kit, string $kind): ?Equipment
    {
        $largest = null;
        foreach ($kit as $each) {
            if ($each->kind === $kind && ($largest === null || $each->millilitres > $largest->millilitres)) {
                $largest = $each;
            }
        }

        return $largest;
    }
}
