<?php

declare(strict_types=1);

namespace Vinculum\Solve;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Style;

/** Where every taste of a sauce should end: an interval in its own unit. */
final readonly class Aims
{
    /** What nobody named may drift by this many steps, which a tongue hardly tells. */
    public const HELD_WITHIN = 0.5;

    /**
     * @param array<string, array{float, float}> $wanted lowest and highest, by Measure value
     * @param list<string> $asked Measure values that somebody named a figure for
     */
    private function __construct(public array $wanted, public array $asked = []) {}

    /** Into the bands of a style; what it has no band for is held. */
    public static function ofStyle(Evaluation $from, Style $style): self
    {
        $wanted = self::held($from);
        foreach (Measure::cases() as $measure) {
            $band = $style->band($measure);
            if ($band !== null) {
                $wanted[$measure->value] = [$band->low, $band->high];
            }
        }

        return new self($wanted);
    }

    /**
     * Some tastes to a figure, the others held where they are.
     *
     * @param array<string, float> $figures by Measure value, 0 or more
     */
    public static function ofFigures(Evaluation $from, array $figures): self
    {
        $wanted = self::held($from);
        foreach ($figures as $measure => $figure) {
            $wanted[$measure] = [$figure, $figure];
        }

        return new self($wanted, array_keys($figures));
    }

    /** The same, but every figure may be off by what a tongue hardly tells. */
    public function loosened(): self
    {
        $wanted = [];
        foreach ($this->wanted as $measure => [$low, $high]) {
            $wanted[$measure] = [
                Measure::from($measure)->moved($low, -self::HELD_WITHIN),
                Measure::from($measure)->moved($high, self::HELD_WITHIN),
            ];
        }

        return new self($wanted, $this->asked);
    }

    /**
     * Tastes that are too strong or too weak by so many steps, brought to where they should be.
     *
     * @param array<string, float> $feels steps by Measure value, positive is too much
     */
    public static function ofSpoon(Evaluation $from, array $feels): self
    {
        return self::ofFigures(
            $from,
            array_map(
                static fn (string $measure): float => Measure::from($measure)->moved(
                    $from->tasting->value(Measure::from($measure)),
                    -$feels[$measure],
                ),
                array_combine(array_keys($feels), array_keys($feels)),
            ),
        );
    }

    /** Steps outside what is wanted: 0 within, negative is short. */
    public function steps(Measure $measure, float $value): float
    {
        [$low, $high] = $this->wanted[$measure->value];

        return match (true) {
            $value < $low => $measure->steps($low, $value),
            $value > $high => $measure->steps($high, $value),
            default => 0.0,
        };
    }

    /** @return array<string, array{float, float}> */
    private static function held(Evaluation $from): array
    {
        $wanted = [];
        foreach (Measure::cases() as $measure) {
            $value = $from->tasting->value($measure);
            $wanted[$measure->value] = [
                $measure->moved($value, -self::HELD_WITHIN),
                $measure->moved($value, self::HELD_WITHIN),
            ];
        }

        return $wanted;
    }
}
