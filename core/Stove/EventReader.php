<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Amount\Amount;
use Vinculum\Amount\UnreadableAmount;
use Vinculum\Recipe\InvalidRecipe;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Stage;
use Vinculum\Stove\Instruments\Instrument;

/** What somebody says happened to a pot, read: amounts into figures, and what cannot be is refused with its field. */
final readonly class EventReader
{
    private const NO_WEIGHT = 'is no weight that can be read. Type what the scale shows, such as 2746 or 2.746 kg.';

    /** What has to be said of each thing that happens, and what is said where it is not. */
    private const NEEDS = [
        'added' => [
            'ingredient' => 'is missing. Say what was stirred in, and how much of it.',
            'amount' => 'is missing. Say what was stirred in, and how much of it.',
        ],
        'spilled' => ['share' => 'is missing. Say how much of the pot is gone, such as 0.1 for a tenth.'],
        'timer' => ['minutes' => 'is missing. Say how many, such as 5.'],
        'taken_back' => ['event' => 'is missing. Say which, by its number.'],
        'timer_off' => ['event' => 'is missing. Say which, by its number.'],
        'reading' => ['what' => 'is missing. Expected: one of mass, depth, brix, temperature, ph.'],
    ];

    private function __construct(private Cook $cook) {}

    /**
     * @param value-of<Event::KINDS> $kind
     * @param array<string, mixed> $data as it was sent
     * @return array<string, mixed> as it is kept
     *
     * @throws InvalidRecipe
     */
    public static function read(Cook $cook, string $kind, array $data): array
    {
        $reader = new self($cook);
        $reader->knows($kind, $data);
        foreach (self::NEEDS[$kind] ?? [] as $field => $message) {
            if (! isset($data[$field])) {
                throw InvalidRecipe::at($field, $message);
            }
        }
        if ($kind === 'went_in' && array_intersect_key($data, ['amount' => 1, 'ingredient' => 1, 'burst' => 1]) === []
            && ($data['left_out'] ?? false) !== true) {
            throw InvalidRecipe::at('amount', 'is missing. Say what went in, such as 330 g, or that it was left out.');
        }

        return match (true) {
            $kind === 'pan' && isset($data['amount'])
                => ['grams' => $reader->grams(self::typed($data))] + $data,
            $kind === 'reading' => $reader->reading($data),
            default => $data,
        };
    }

    /**
     * The step, the line and the stage it is about are this cook's.
     *
     * @param array<string, mixed> $data
     */
    private function knows(string $kind, array $data): void
    {
        $recipe = $this->cook->planned->recipe;
        [$field, $known] = match ($kind) {
            'step' => ['to', array_map(static fn (Step $step): string => $step->id, $this->cook->steps)],
            'went_in' => ['line', array_map(static fn (Line $line): string => $line->id, $recipe->lines())],
            'boils' => ['stage', array_map(static fn (Stage $stage): string => $stage->id, $recipe->stages)],
            default => ['', []],
        };
        if ($field !== '' && ! in_array($data[$field] ?? null, $known, true)) {
            throw InvalidRecipe::at($field, 'is not accepted. Expected: one of '.implode(', ', $known).'.');
        }
    }

    /**
     * @param array<string, mixed> $data
     * @return array<string, mixed>
     */
    private function reading(array $data): array
    {
        /** @var key-of<Instrument::POSSIBLE> $what */
        $what = $data['what'];
        $typed = self::typed($data);
        $value = $data['value'] ?? ($what === 'mass' ? $this->grams($typed) : self::number($typed));
        $value = is_int($value) || is_float($value) ? (float) $value : NAN;
        [$least, $most] = Instrument::POSSIBLE[$what];
        if (is_nan($value) || $value < $least || $value > $most) {
            throw InvalidRecipe::at('amount', sprintf('is not accepted. Expected: from %g to %g.', $least, $most));
        }
        if ($what === 'mass') {
            $this->doubts($value, ($data['with_pan'] ?? false) === true, ($data['sure'] ?? false) === true);
        }

        return ['value' => $value] + $data;
    }

    /** Asks about a weight that can hardly be. */
    private function doubts(float $grams, bool $withPan, bool $isSure): void
    {
        $followed = $this->cook->reducing();
        $pan = $withPan ? ($followed->pan ?? $this->cook->progress->panGrams) : 0.0;
        if ($pan === null) {
            return;
        }
        if ($followed !== null && ! $isSure && $followed->isImprobable($grams - $pan, $this->cook->minute)) {
            throw InvalidRecipe::at('amount', sprintf(
                'It should be about %s g. Was the pan on the scale, or not on it, and was it tared? '
                    .'Note it once more, and it is believed.',
                number_format($followed->at($this->cook->minute)->value + $pan, 0, '.', ' '),
            ));
        }
        if ($grams <= $pan) {
            throw InvalidRecipe::at(
                'amount',
                sprintf('is no more than the empty pan, which weighs %g g. Was the scale tared?', round($pan)),
            );
        }
    }

    /** A weight as it is typed: a bare number is grams. */
    private function grams(string $typed): float
    {
        $isBare = preg_match('/^[\d\s.,]+$/', $typed) === 1;
        try {
            $amount = Amount::parse(
                $isBare ? preg_replace('/(?<=\d)\s+(?=\d{3}\b)/', '', $typed).' g' : $typed,
                $this->cook->planned->recipe->kitchenware(),
            );
        } catch (UnreadableAmount) {
            throw InvalidRecipe::at('amount', "“{$typed}” ".self::NO_WEIGHT);
        }

        return $amount->grams() ?? throw InvalidRecipe::at('amount', "“{$typed}” ".self::NO_WEIGHT);
    }

    /** What an instrument shows as it is typed, with its unit or without. */
    private static function number(string $typed): float
    {
        $plain = trim((string) preg_replace('/(°\s*(brix|c)?|mm|ph)\s*$/iu', '', $typed));
        $number = str_replace(',', '.', $plain);

        return is_numeric($number)
            ? (float) $number
            : throw InvalidRecipe::at(
                'amount',
                "“{$typed}” is no number that can be read. Type what it shows, such as 22.",
            );
    }

    /** @param array<string, mixed> $data */
    private static function typed(array $data): string
    {
        return is_string($data['amount'] ?? null) ? trim($data['amount']) : '';
    }
}
