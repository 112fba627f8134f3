<?php

declare(strict_types=1);

namespace Vinculum\Amount;

/**
 * What a maker measures with: the cups and spoons of a set, and vessels of their own ("the blue mug"), measured once.
 */
final readonly class Kitchenware
{
    private const RUNGS = [[4.0, [0.25, 1 / 3, 0.5, 2 / 3, 0.75, 1.0]], [INF, [0.5, 1.0]]];

    /**
     * @param array<string, Unit> $vessels by name, longest first
     * @param float $scaleStep what the scale shows at the finest, g
     */
    private function __construct(public MeasuringSet $set, private array $vessels, public float $scaleStep) {}

    public static function of(MeasuringSet|self $set): self
    {
        return $set instanceof self ? $set : new self($set, [], Spread::SCALE_STEP_G);
    }

    /**
     * @param array<array-key, mixed> $vessels millilitres by name; what is no number above 0 is passed over
     * @param float $scaleStep what the scale shows at the finest, g, above 0
     */
    public static function with(MeasuringSet $set, array $vessels, float $scaleStep = Spread::SCALE_STEP_G): self
    {
        $units = [];
        foreach ($vessels as $name => $millilitres) {
            $name = mb_strtolower(trim((string) $name));
            if ($name !== '' && (is_int($millilitres) || is_float($millilitres)) && $millilitres > 0) {
                $units[$name] = new Unit($name, Dimension::Volume, (float) $millilitres, false, false, self::RUNGS);
            }
        }
        uksort($units, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        return new self($set, $units, $scaleStep);
    }

    public function hasVessels(): bool
    {
        return $this->vessels !== [];
    }

    /** The unit or vessel these words name, and nothing else. */
    public function find(string $words): ?Unit
    {
        $vessel = $this->leading($words);

        // one's own ladle is better known than anybody's
        return $vessel !== null && trim($words) === $vessel[1] ? $vessel[0] : Units::find($words, $this->set);
    }

    /**
     * A vessel at the head of the text, and the words that name it.
     *
     * @return array{Unit, string}|null
     */
    public function leading(string $text): ?array
    {
        foreach ($this->vessels as $name => $unit) {
            if (
                preg_match(
                    '/^(?:(?:of )?(?:my|the|our) )?'.preg_quote($name, '/').'(?:e?s|fuls?)?(?![\p{L}\p{N}])/iu',
                    $text,
                    $match,
                ) === 1
            ) {
                return [$unit, $match[0]];
            }
        }

        return null;
    }

    /** The vessel an amount is measured with, if any. */
    public function within(string $amount): ?Unit
    {
        foreach ($this->vessels as $name => $unit) {
            if (
                preg_match(
                    '/(?<![\p{L}\p{N}])'.preg_quote($name, '/').'(?:e?s|fuls?)?(?![\p{L}\p{N}])/iu',
                    $amount,
                ) === 1
            ) {
                return $unit;
            }
        }

        return null;
    }
}
