<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Dimension;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Pantry\AmountChoices;
use Vinculum\Pantry\Ingredient;
use Vinculum\Pantry\Weight;
use Vinculum\Recipe\Jotted\JottedAmount;
use Vinculum\Recipe\Jotted\Named;

/** Two amounts of one line: which of them counts, and whether they are the same. */
final readonly class Stated
{
    /** Two ways to say one amount may differ by this share before it is asked which is meant. */
    private const SAME_AMOUNT = 0.1;

    /** A weight that stands first is what was weighed; a spoon beside it may be off by this much. */
    private const WEIGHED_FIRST = 0.25;

    public function __construct(private Kitchenware $kit) {}

    /**
     * A weight beside a count or a loose measure is what counts: "1 onion, about 150 g", "1 mango (approx. 250 g
     * flesh)".
     *
     * @return array{string, string|null, string} the words without it, the stated weight, what else stood with it
     */
    public function stated(JottedAmount $amount, string $rest): array
    {
        foreach ($amount->others as $other) {
            $unit = JottedAmount::parse($other, $this->kit)?->terms[0]->unit ?? null;
            if (! $amount->isMeasuredOut() && $unit?->dimension === Dimension::Mass) {
                return [$rest, $other, ''];
            }
        }
        if ($amount->isWeight()) {
            return [$rest, null, ''];
        }
        foreach (['/\s*\(([^()]*)\)/u', '/\s*,\s*([^,]*)/u'] as $pattern) {
            preg_match_all($pattern, $rest, $matches, PREG_SET_ORDER);
            foreach ($matches as [$whole, $inner]) {
                $inner = (string) preg_replace(
                    '/^(?:or|weighing|weight|total|totalling|i\.?e\.?|=)\s+/iu',
                    '',
                    trim($inner),
                );
                $own = JottedAmount::at($inner, $this->kit);
                $isVolumeOfTin = $own !== null && $amount->container !== '' && $own->isMeasuredOut();
                if (
                    $own !== null
                    && ($own->isWeight() || $isVolumeOfTin)
                    && count(preg_split('/\s+/u', trim($own->rest)) ?: []) < 4
                ) {
                    // "2 cans (13.5 oz each)" are so many of that
                    $many = JottedAmount::number($amount->text)[0]->value ?? 1.0;
                    $isEach = preg_match('/^each\b\s*(.*)$/iu', trim($own->rest), $each) === 1;
                    $text = $isEach ? JottedAmount::share($own->text, $many, $this->kit) ?? $own->text : $own->text;

                    return [str_replace($whole, '', $rest), $text, $isEach ? trim($each[1]) : trim($own->rest)];
                }
            }
        }

        return [$rest, null, ''];
    }

    /**
     * @return list<array{string, string, list<string>}> a question where two amounts of one line are not the same
     */
    public function unlike(
        ?Ingredient $ingredient,
        string $preparation,
        string $one,
        string $other,
        bool $onlyFar,
    ): array {
        $grams = [];
        foreach ([$one, $other] as $text) {
            $amount = JottedAmount::parse($text, $this->kit);
            try {
                $grams[]
                    = $ingredient === null || $amount === null
                        ? null
                        : Weight::of($amount, $ingredient, $preparation)->grams;
            } catch (UnreadableAmount) {
                $grams[] = null;
            }
        }
        $isKnown = $grams[0] !== null && $grams[1] !== null && $grams[0] > 0.0;
        $units = array_map(
            fn (string $text) => JottedAmount::parse($text, $this->kit)?->terms[0]->unit ?? null,
            [$one, $other],
        );
        if ($onlyFar && ! JottedAmount::isMeasured($units[0])) {
            // a count says little: what was weighed beside it stands
            return [];
        }
        $room = $units[0]?->dimension === Dimension::Mass ? self::WEIGHED_FIRST : self::SAME_AMOUNT;
        if ($isKnown && abs($grams[1] / $grams[0] - 1) <= $room) {
            return [];
        }
        $told = $isKnown
            ? sprintf(
                ' The first is %d g, the second %d g.',
                (int) round((float) $grams[0]),
                (int) round((float) $grams[1]),
            )
            : '';

        return [
            [
                'amount',
                "It says {$one} and {$other}, which are not the same: which is meant?{$told}",
                $onlyFar ? [$other, $one] : [$one, $other],
            ],
        ];
    }

    /**
     * What of it is meant by a word nobody can weigh: "1 pkg cream cheese".
     *
     * @param list<array{string, string, list<string>}> $asked already
     *
     * @return list<array{string, string, list<string>}>
     */
    public function unweighed(Named $named, string $text, array $asked): array
    {
        $amount = JottedAmount::parse($text, $this->kit);
        if ($named->ingredient === null || in_array('amount', array_column($asked, 0), true)) {
            return [];
        }
        try {
            if ($amount !== null) {
                Weight::of($amount, $named->ingredient, $named->preparation);

                return [];
            }
        } catch (UnreadableAmount) {
            // said below
        }

        $ask = "How much is “{$text}” of {$named->ingredient->shortName()}?";

        return [['amount', $ask, [AmountChoices::toBegin($named->ingredient)]]];
    }
}
