<?php

declare(strict_types=1);

namespace Vinculum\Safety\Rules;

use Vinculum\Figure\Figure;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Facts;
use Vinculum\Safety\Grade;
use Vinculum\Safety\Rule;

/**
 * Whether germs that make toxin without air could grow, as far as an estimate can say; a measured pH decides, for its
 * batch only.
 */
final class Acidity implements Rule
{
    private const LIMIT = 'US 21 CFR 114.3; a two-buffer calibrated meter on a homogenised sample at room '
        .'temperature decides, for that batch only';

    public function of(Facts $sauce): array
    {
        if ($sauce->isBoughtAlone()) {
            return [];
        }
        if ($sauce->measuredPh !== null) {
            return [$this->measured($sauce->measuredPh)];
        }
        $about
            = $sauce->aboutPh !== null && $sauce->aboutPh->high() > Cautions::PH_LIMIT
                ? [$this->about($sauce->aboutPh)]
                : [];
        $unknown = $sauce->unknownLines();
        if ($unknown !== [] && ! $this->isOver($sauce->ph())) {
            return [...$about, $this->withoutAll($unknown)];
        }
        if ($sauce->isTooDryForToxin()) {
            return [
                ...$about,
                Caution::of(
                    Grade::Know,
                    'dry-enough-for-toxin',
                    'It should be dry, sweet or salty enough to stop toxin (water activity under 0.85), not '
                        .'yeast or mould. That is an estimate: only a meter says so.',
                    'US 21 CFR 114.3',
                ),
            ];
        }

        if ($sauce->isTooDryForBotulism()) {
            return [
                ...$about,
                Caution::of(
                    Grade::Know,
                    'too-dry-for-botulism',
                    'It should be sweet or salty enough for botulism not to grow, which wants a water activity of over '
                        .'0.93; yeast, mould and other germs want less. That is an estimate.',
                    'US FDA, Fish and Fishery Products Hazards and Controls, on limits of growth',
                ),
            ];
        }

        return [...$about, ...$sauce->ph() === null ? $this->withoutPh($sauce) : [$this->estimated($sauce)]];
    }

    private function isOver(?Figure $ph): bool
    {
        return $ph !== null && $ph->high() > Cautions::PH_LIMIT;
    }

    /**
     * What nobody could read is in no estimate, so that none of them can say how sour it is at the most.
     *
     * @param non-empty-list<string> $lines
     */
    private function withoutAll(array $lines): Caution
    {
        return Caution::of(
            Grade::Mind,
            'ph-without-all-lines',
            'How sour it is cannot be said while a line is not read: take it as low in acid. Fridge for days, or '
                .'freeze it, until a calibrated meter says where it is.',
            self::LIMIT,
            $lines,
        );
    }

    private function measured(Figure $ph): Caution
    {
        $slots = ['ph' => Quantity::number($ph->value, 2), 'high' => Quantity::number($ph->high(), 2)];

        return $ph->high() > Cautions::PH_LIMIT
            ? new Caution(
                Grade::Stop,
                'ph-measured-above-limit',
                Sentence::of(
                    'Measured at pH {ph}, perhaps {high}: over 4.6. In a closed jar at room temperature botulism '
                        .'could grow. Do not keep it so: fridge for days, or freeze it; more vinegar or lemon juice '
                        .'brings it down, and then measure again.',
                    $slots,
                ),
                self::LIMIT,
            )
            : new Caution(
                Grade::Know,
                'ph-measured',
                Sentence::of(
                    'Measured at pH {ph}, at most {high}: under the limit of 4.6, for this batch and no other. '
                        .'That guards against one germ, not against all: it still goes in the fridge.',
                    $slots,
                ),
                self::LIMIT,
            );
    }

    private function about(Figure $ph): Caution
    {
        return new Caution(
            Grade::Stop,
            'ph-about-above-limit',
            Sentence::of(
                'Something read about pH {ph}, perhaps {high}: over 4.6. Strips and uncalibrated meters cannot '
                    .'clear it: take it as low in acid until a calibrated meter says otherwise. Fridge for days, or '
                    .'freeze it.',
                ['ph' => Quantity::number($ph->value, 1), 'high' => Quantity::number($ph->high(), 1)],
            ),
            self::LIMIT,
        );
    }

    private function estimated(Facts $sauce): Caution
    {
        $ph = $sauce->ph() ?? throw new \LogicException('There is no pH to speak of.');
        $slots = ['high' => Quantity::number($ph->high(), 1)];
        if ($this->isOver($ph)) {
            // nobody sours a custard
            $mend = $sauce->having('raw-egg', 'curdles') === [] && ! $sauce->isSweetest()
                ? '; more vinegar or lemon juice brings it down.'
                : '.';

            return new Caution(
                Grade::Mind,
                'ph-above-limit',
                Sentence::of(
                    'Its pH may be as high as {high}, over 4.6: in a closed jar at room temperature botulism '
                        .'could grow. Keep it in the fridge for days, or freeze it'.$mend,
                    $slots,
                ),
                self::LIMIT,
            );
        }

        return $ph->high() > Cautions::PH_LIMIT - Cautions::NEAR_PH
            ? new Caution(
                Grade::Mind,
                'ph-near-limit',
                Sentence::of(
                    'Its pH may be as high as {high}, near the limit of 4.6. Measure it before you rely on it; '
                        .'test strips do not count.',
                    $slots,
                ),
                self::LIMIT,
            )
            : new Caution(
                Grade::Know,
                'ph-is-an-estimate',
                Sentence::of(
                    'Its pH is estimated at no more than {high}. That clears nothing: 4.6 guards against '
                        .'botulism, and only a calibrated meter says where this batch is.',
                    $slots,
                ),
                self::LIMIT,
            );
    }

    /**
     * Too little water for a pH is no reassurance: what is wet in it lies in the fat.
     *
     * @return list<Caution>
     */
    private function withoutPh(Facts $sauce): array
    {
        return $sauce->having('low-acid-plant', 'perishable', 'raw-egg') === []
            ? []
            : [
                Caution::of(
                    Grade::Mind,
                    'no-ph',
                    'There is too little water in it for a pH to be estimated, which reassures about nothing: '
                        .'what is wet in it is low in acid. Fridge for days, or freeze it.',
                    self::LIMIT,
                ),
            ];
    }
}
