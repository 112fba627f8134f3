<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Amount\Kitchenware;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\LineWriter;
use Vinculum\Solve\Addition;
use Vinculum\Solve\Feel;
use Vinculum\Solve\Rescue\NamelessPot;
use Vinculum\Solve\Rescue\Remedy;
use Vinculum\Taste\Style;

/** Ways to mend a pot without a recipe, as the API and the console send them (pot.schema.json). */
final readonly class PotView
{
    /** Steps from which a move elsewhere is worth a word. */
    private const WORTH_SAYING = 0.5;

    /** Share by which an amount of a pot nobody knows may be off. */
    private const WRITING = 0.15;

    public function __construct(private Speech $speech) {}

    /**
     * @param list<array{remedy: Remedy, least: list<float>, most: list<float>, note: Sentence}> $mended best first
     * @param array<string, float> $feels steps by Feel value, positive is too much
     * @return array<string, mixed>
     */
    public function of(Style $style, array $mended, array $feels): array
    {
        return [
            'style_name' => $style->name,
            'options' => array_map($this->option(...), $mended),
            'note' => $mended === []
                ? $this->speech->say(NamelessPot::nothing($feels))
                : 'Nothing is known of this pot but its kind, so each amount is a range. Stir in the least, taste, and '
                    .'say again what the spoon says.',
        ];
    }

    /**
     * @param array{remedy: Remedy, least: list<float>, most: list<float>, note: Sentence} $each
     * @return array<string, mixed>
     */
    private function option(array $each): array
    {
        $remedy = $each['remedy'];
        $kit = $remedy->recipe->kitchenware();
        $boil = $remedy->boilOff > 0.0 ? 'boil off '.$this->speech->grams($remedy->boilOff).' of water' : '';

        return [
            'words' => self::words($remedy, [], $kit).($boil === '' || $remedy->additions === [] ? '' : ', ').$boil,
            'begin_with' => self::words($remedy, $each['least'], $kit),
            'at_most' => self::words($remedy, $each['most'], $kit),
            'additions' => array_map(static fn (Addition $addition, float $least, float $most): array => [
                'ingredient' => $addition->ingredient->slug,
                'name' => $addition->ingredient->shortName(),
                'mass_g' => Digits::six($addition->grams),
                'least_g' => Digits::six($least),
                'most_g' => Digits::six($most),
                'text' => $addition->text,
            ], $remedy->additions, $each['least'], $each['most']),
            'boil_off_g' => Digits::six($remedy->boilOff),
            'pot_after_g' => Digits::six($remedy->potAfter),
            'cost_text' => $this->cost($remedy),
            'note' => $this->speech->say($each['note']),
        ];
    }

    /** @param list<float> $grams of each addition; as it says itself where there is none */
    private static function words(Remedy $remedy, array $grams, Kitchenware $kit): string
    {
        $parts = [];
        foreach ($remedy->additions as $i => $addition) {
            $thing = $addition->ingredient;
            $parts[] = LineWriter::fresh($grams[$i] ?? $addition->grams, $thing, $kit, self::WRITING)
                .' '.$thing->shortName();
        }

        return implode(', ', $parts);
    }

    private function cost(Remedy $remedy): string
    {
        $elsewhere = [];
        foreach (Feel::cases() as $feel) {
            // of thickness and fat nothing is known where there is no recipe
            $steps = $feel->measure() === null ? 0.0 : $remedy->steps[$feel->value];
            if (abs($steps) >= self::WORTH_SAYING) {
                $elsewhere[] = ($steps < 0 ? 'less ' : 'more ').$feel->value.' by '.$this->speech->steps($steps);
            }
        }

        return $elsewhere === [] ? 'nothing else moves that a tongue could tell' : implode(', ', $elsewhere);
    }
}
