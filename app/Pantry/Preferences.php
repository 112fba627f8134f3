<?php

declare(strict_types=1);

namespace App\Pantry;

use Vinculum\Amount\MeasuringSet;
use Vinculum\Amount\Spread;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Vocabulary;
use Vinculum\Safety\Need;
use Vinculum\Words\Speech;

/**
 * How this household measures, and what it likes to read.
 *
 * @phpstan-type Kitchen array{rings: int, oven: bool, wakes: string, sleeps: string, zone: string}
 * @phpstan-type PreferencesArray array{
 *     measures: string,
 *     scale_g: float|int,
 *     mass: 'g'|'oz',
 *     volume: 'ml'|'cup'|'fl oz',
 *     decimal: 'point'|'comma',
 *     scale?: bool,
 *     eighths?: bool,
 *     never?: list<string>,
 *     meanings?: list<array{words: string, ingredient: string}>,
 *     kitchen?: Kitchen,
 * }
 */
final readonly class Preferences
{
    /** A usual hob, and usual hours; the zone is the browser's until somebody says otherwise. */
    private const KITCHEN = ['rings' => 4, 'oven' => true, 'wakes' => '7:00', 'sleeps' => '22:30', 'zone' => ''];

    /**
     * @param MeasuringSet $measures the cups and spoons that are owned: new recipes start with them
     * @param float $scaleStep what the scale shows at the finest, g, above 0
     * @param 'g'|'oz' $mass
     * @param 'ml'|'cup'|'fl oz' $volume
     * @param 'point'|'comma' $decimal
     * @param bool $scale whether there is a scale
     * @param bool $eighths whether there is an eighth-teaspoon
     * @param list<string> $never what comes into this house never: needs of the vocabulary, or slugs
     * @param array<string, string> $meanings slugs by words that mean several things, as this house means them
     * @param Kitchen $kitchen what it cooks on, and when somebody is up
     */
    private function __construct(
        public MeasuringSet $measures,
        public float $scaleStep,
        public string $mass,
        public string $volume,
        public string $decimal,
        public bool $scale,
        public bool $eighths,
        public array $never,
        public array $meanings,
        public array $kitchen,
    ) {}

    /** Until somebody says otherwise. */
    public static function usual(): self
    {
        return new self(MeasuringSet::Us, Spread::SCALE_STEP_G, 'g', 'ml', 'point', true, true, [], [], self::KITCHEN);
    }

    /**
     * @param PreferencesArray $document
     */
    public static function of(array $document): self
    {
        return new self(
            MeasuringSet::from($document['measures']),
            (float) $document['scale_g'],
            $document['mass'],
            $document['volume'],
            $document['decimal'],
            $document['scale'] ?? true,
            $document['eighths'] ?? true,
            $document['never'] ?? [],
            array_column($document['meanings'] ?? [], 'ingredient', 'words'),
            $document['kitchen'] ?? self::KITCHEN,
        );
    }

    /**
     * @return PreferencesArray
     */
    public function document(): array
    {
        $meanings = [];
        foreach ($this->meanings as $words => $slug) {
            $meanings[] = ['words' => (string) $words, 'ingredient' => $slug];
        }

        return [
            'measures' => $this->measures->value,
            'scale_g' => $this->scaleStep,
            'mass' => $this->mass,
            'volume' => $this->volume,
            'decimal' => $this->decimal,
            'scale' => $this->scale,
            'eighths' => $this->eighths,
            'never' => $this->never,
            'meanings' => $meanings,
            'kitchen' => $this->kitchen,
        ];
    }

    /** How figures are said to this household. */
    public function speech(): Speech
    {
        return Speech::in($this->mass, $this->volume, $this->decimal, $this->measures);
    }

    /** Whether a thing never comes into this house, or some kinds of it. */
    public function keepsOut(Ingredient $ingredient, Vocabulary $vocabulary): bool
    {
        foreach ($this->never as $named) {
            if ($named === $ingredient->slug || Need::named($named, $vocabulary)?->verdict($ingredient) !== null) {
                return true;
            }
        }

        return false;
    }
}
