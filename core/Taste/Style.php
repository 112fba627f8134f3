<?php

declare(strict_types=1);

namespace Vinculum\Taste;

use Vinculum\Recipe\Ends;
use Vinculum\Recipe\InvalidRecipe;

/**
 * Bands for the measures and ratios of a kind of sauce.
 *
 * @phpstan-import-type StyleArray from \Vinculum\Recipe\Formats\RecipeDocument
 */
final readonly class Style
{
    /** Room around what is captured: share of the °Brix, and pH. */
    private const ROOM_BRIX = 0.15;
    private const ROOM_PH = 0.2;

    /**
     * @param array<string, Band> $bands by Measure or Ratio value, or ph, brix, thickness
     * @param list<string> $cues words makers use for it
     * @param array{ingredient: string, share: float|int}|null $base what most of it is, where that is not water:
     *     its slug, and its share of the mass, 0 to 1
     * @param float|null $helpingMl what one person has of it, as is usual; null where nobody has said
     * @param Ends|null $ends how a making of it usually ends; null where nobody has said
     */
    private function __construct(
        public string $slug,
        public string $name,
        public string $family,
        public array $bands,
        public array $cues,
        public string $source,
        public ?array $base,
        public ?float $helpingMl = null,
        public ?Ends $ends = null,
    ) {}

    /**
     * @param StyleArray $style
     *
     * @throws InvalidRecipe where a band is out of order
     */
    public static function of(array $style): self
    {
        $bands = [];
        foreach ($style['bands'] as $figure => $band) {
            try {
                $bands[$figure] = new Band((float) $band['low'], (float) $band['aim'], (float) $band['high']);
            } catch (\DomainException $why) {
                throw InvalidRecipe::at("style.bands.{$figure}", $why->getMessage());
            }
        }

        return new self(
            $style['slug'],
            $style['name'],
            $style['family'],
            $bands,
            $style['cues'] ?? [],
            $style['source'],
            $style['base'] ?? null,
            isset($style['helping_ml']) ? (float) $style['helping_ml'] : null,
            isset($style['ends']) ? Ends::from($style['ends']) : null,
        );
    }

    public function band(Measure|Ratio $figure): ?Band
    {
        return $this->bands[$figure->value] ?? null;
    }

    /** The band for what an instrument reads: ph, brix, or thickness from 0, runs, to 4, mounds. */
    public function figureBand(string $figure): ?Band
    {
        return $this->bands[$figure] ?? null;
    }

    /**
     * A style like a sauce that was liked: a step to either side of each taste, a little room around what instruments
     * read.
     *
     * @param array<string, float> $tastes by Measure value
     * @param float|null $thickness 0 to 4
     * @return StyleArray
     */
    public static function like(
        string $slug,
        string $name,
        array $tastes,
        ?float $ph,
        ?float $brix,
        ?float $thickness,
        string $source,
    ): array {
        $bands = [];
        foreach (Measure::cases() as $measure) {
            $value = $tastes[$measure->value] ?? 0.0;
            $bands[$measure->value] = self::around($measure->moved($value, -1.0), $value, $measure->moved($value, 1.0));
        }
        if ($brix !== null) {
            $bands['brix'] = self::around($brix * (1 - self::ROOM_BRIX), $brix, $brix * (1 + self::ROOM_BRIX));
        }
        if ($ph !== null) {
            $bands['ph'] = self::around($ph - self::ROOM_PH, $ph, $ph + self::ROOM_PH);
        }
        if ($thickness !== null) {
            $bands['thickness'] = self::around(max(0.0, $thickness - 1), $thickness, min(4.0, $thickness + 1));
        }

        return [
            'slug' => $slug,
            'name' => $name,
            'family' => 'My own',
            'bands' => $bands,
            'cues' => [],
            'source' => $source,
        ];
    }

    /**
     * The same kind, its bands moved to where somebody likes it.
     *
     * @param array<string, float> $steps from the aim, by Measure value; what is not named stays
     * @return StyleArray
     */
    public function movedTo(string $slug, string $name, array $steps, string $source): array
    {
        $bands = [];
        foreach ($this->bands as $figure => $band) {
            $measure = Measure::tryFrom($figure);
            $by = $measure === null ? 0.0 : $steps[$figure] ?? 0.0;
            $to = static fn (float $value): float => $by === 0.0 || $measure === null
                ? $value
                : $measure->moved($value, $by);
            $bands[$figure] = self::around($to($band->low), $to($band->aim), $to($band->high));
        }

        return [
            'slug' => $slug,
            'name' => $name,
            'family' => 'My own',
            'bands' => $bands,
            'cues' => $this->cues,
            'source' => $source,
        ]
            + ($this->base === null ? [] : ['base' => $this->base])
            + ($this->helpingMl === null ? [] : ['helping_ml' => $this->helpingMl])
            + ($this->ends === null ? [] : ['ends' => $this->ends->value]);
    }

    /** @return array{low: float, aim: float, high: float} */
    private static function around(float $low, float $aim, float $high): array
    {
        return ['low' => round($low, 4), 'aim' => round($aim, 4), 'high' => round($high, 4)];
    }
}
