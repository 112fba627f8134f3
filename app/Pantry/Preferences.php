<?php

declare(strict_types=1);

namespace App\Pantry;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Spread;

/** How this household measures, and what it likes to read. */
final readonly class Preferences
{
    /**
     * @param MeasuringSet $measures the cups and spoons that are owned: new recipes start with them
     * @param float $scaleStep what the scale shows at the finest, g, above 0
     * @param string $mass g or oz
     * @param string $volume ml, cup or fl oz
     * @param string $decimal point or comma
     * @param bool $scale whether there is a scale
     * @param bool $eighths whether there is an eighth-teaspoon
     */
    private function __construct(
        public MeasuringSet $measures,
        public float $scaleStep,
        public string $mass,
        public string $volume,
        public string $decimal,
        public bool $scale,
        public bool $eighths,
    ) {}

    /** Until somebody says otherwise. */
    public static function usual(): self
    {
        return new self(MeasuringSet::Us, Spread::SCALE_STEP_G, 'g', 'ml', 'point', true, true);
    }

    /**
     * @param array{measures: string, scale_g: float|int, mass: string, volume: string, decimal: string, scale?: bool, eighths?: bool} $document
     */
    public static function of(array $document): self
    {
        return new self(MeasuringSet::from($document['measures']), (float) $document['scale_g'], $document['mass'], $document['volume'], $document['decimal'], $document['scale'] ?? true, $document['eighths'] ?? true);
    }

    /**
     * @return array{measures: string, scale_g: float, mass: string, volume: string, decimal: string, scale: bool, eighths: bool}
     */
    public function document(): array
    {
        return ['measures' => $this->measures->value, 'scale_g' => $this->scaleStep, 'mass' => $this->mass, 'volume' => $this->volume, 'decimal' => $this->decimal, 'scale' => $this->scale, 'eighths' => $this->eighths];
    }
}
