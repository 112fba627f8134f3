<?php

declare(strict_types=1);

namespace Vinculum\Stove;

use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Recipe\Ends;
use Vinculum\Safety\Caution;
use Vinculum\Safety\Cautions;
use Vinculum\Safety\Facts;
use Vinculum\Stove\Hands\Handwork;

/** What is done once a sauce is made, by how it ends: set apart, cooled, chilled, served, filled, left to rest. */
final readonly class AfterCooking
{
    /** A pan that takes longer than this to cool by itself is stood in cold water, minutes; judgement. */
    private const COOLS_BY_ITSELF = 90.0;

    public function __construct(
        private Evaluation $evaluation,
        private Finish $finish,
        private Handwork $hands,
        private bool $isHot,
    ) {}

    /** @return list<Step> */
    public function steps(): array
    {
        $apart = $this->setApart();
        $cools = $this->isHot ? [$this->cool()] : [];

        return match ($this->finish->ends) {
            Ends::Hot => [...$apart, $this->serve()],
            Ends::Cold => [...$apart, ...$cools, ...array_filter([$this->rest() ?? $this->chill()]), $this->serve()],
            Ends::Jarred => [...$apart, ...$cools, $this->fill(), ...array_filter([$this->rest()])],
            Ends::Frozen, Ends::Base => [...$apart, ...$cools, $this->fill()],
        };
    }

    /** @return list<Step> what is taken out before anything touches raw meat; none where nothing is */
    private function setApart(): array
    {
        if ($this->finish->portions === []) {
            return [];
        }
        $say = [Sentence::of('Into clean bowls, before anything touches raw meat.')];
        foreach ($this->finish->portions as $portion) {
            $say[] = Sentence::together([
                Sentence::of('{name}: {ml}.', [
                    'name' => ucfirst($portion['name']),
                    'ml' => Quantity::volume($portion['ml']),
                ]),
                $portion['label'],
            ]);
        }

        return [new Step(
            'set-apart',
            StepKind::SetApart,
            'Set apart',
            null,
            [],
            [],
            $say,
            [],
            UsualMinutes::work($this->hands->task('set-apart', count($this->finish->portions))),
            true,
            null,
        )];
    }

    private function cool(): Step
    {
        $ml = $this->evaluation->estimates->volume()->value;
        $byItself = $this->hands->task('cool', millilitres: $ml);
        $isLeft = $byItself <= self::COOLS_BY_ITSELF;
        $said = array_values(array_map(
            static fn (Caution $caution): Sentence => $caution->text,
            array_filter(
                Cautions::of(Facts::of($this->evaluation)),
                static fn (Caution $caution): bool => $caution->code === 'cool-fast',
            ),
        ));

        return new Step(
            'cool',
            StepKind::Cool,
            'Cool',
            null,
            [],
            [],
            [
                ...$said === [] ? [Sentence::of('Let it cool before the lid goes on.')] : $said,
                Sentence::of(
                    $isLeft
                        ? 'So much cools in time by itself; in cold water, stirred, in about {fast}.'
                        : 'So much does not cool in time by itself: stand the pan in cold water, stirred now and then.',
                    ['fast' => Quantity::minutes($this->hands->task('cool-fast', millilitres: $ml))],
                ),
            ],
            [],
            UsualMinutes::work($isLeft ? $byItself : $this->hands->task('cool-fast', millilitres: $ml)),
            false,
            null,
        );
    }

    /** In the fridge until it is cold; null for what was never warm. */
    private function chill(): ?Step
    {
        return ! $this->isHot
            ? null
            : new Step(
                'chill',
                StepKind::Wait,
                'Chill',
                null,
                [],
                [],
                [Sentence::of('Covered, in the fridge, until it is cold through.')],
                [],
                UsualMinutes::work($this->hands->task(
                    'chill',
                    millilitres: min($this->evaluation->estimates->volume()->value, $this->finish->jars['ml']),
                )),
                false,
                null,
            );
    }

    private function serve(): Step
    {
        $isHot = $this->finish->ends === Ends::Hot;
        $isYolk = $this->hasRawEgg();

        return new Step(
            'serve',
            StepKind::Serve,
            $isHot && $this->isHot ? 'Serve hot' : ($isHot ? 'Ready to use' : 'Serve cold'),
            null,
            [],
            [],
            match (true) {
                $isHot && $this->isHot && $isYolk => [
                    Sentence::of('To the table at once.'),
                    Sentence::of(
                        'If it has to wait: an hour at most, over warm water and not hot, at 57 to 63 °C, whisked now '
                            .'and then. Hotter, it breaks. What is left is thrown away.',
                    ),
                ],
                $isHot && $this->isHot => [
                    Sentence::of('To the table at once.'),
                    Sentence::of(
                        'If it has to wait: the lid on, at 57 °C or more (US Food Code 3-501.16), stirred now and '
                            .'then. What is left goes into the fridge within two hours.',
                    ),
                ],
                $isHot => [Sentence::of('Use it now. Until then: covered, in the fridge.')],
                default => [
                    Sentence::of('Covered, in the fridge, until it is served.'),
                    Sentence::of('Taste it once more cold: salt and sweetness are less than they were.'),
                ],
            },
            [],
            UsualMinutes::work($this->hands->task('serve')),
            true,
            null,
        );
    }

    /** Whether egg in it was never cooked, only warmed: a custard that boiled is none. */
    private function hasRawEgg(): bool
    {
        $facts = Facts::of($this->evaluation);
        foreach ($facts->present() as $i => $line) {
            if ($line->ingredient?->is('raw-egg') === true && ! $facts->treatment->isCooked($i)) {
                return true;
            }
        }

        return false;
    }

    private function fill(): Step
    {
        $jars = $this->finish->jars;
        $slots = ['count' => Quantity::number($jars['count'], 0), 'ml' => Quantity::volume($jars['ml'])];
        $clean = $this->isHot ? 'Clean, heat-proof jars' : 'Clean jars';
        $say = match ($this->finish->ends) {
            Ends::Frozen => [
                Sentence::of('Tubs, no more than seven eighths full: it swells.'),
                Sentence::of('On the label: its name and today’s date. Then into the freezer.'),
            ],
            Ends::Base => [
                Sentence::of('One clean tub with a lid.'),
                Sentence::of('On the label: its name, today’s date, and what it is to become. Then into the fridge.'),
            ],
            default => [
                Sentence::of($jars['is_asked'] ? "{$clean}: {count}, with {ml} in each." : "{$clean}.", $slots),
                Sentence::of('On the label: its name, today’s date, and until when it keeps.'),
                Sentence::of('Lid on, and into the fridge.'),
            ],
        };
        $count = $this->finish->ends === Ends::Base ? 1 : $jars['count'];

        return new Step(
            'fill',
            StepKind::Fill,
            'Fill and label',
            null,
            [],
            [],
            $say,
            [],
            UsualMinutes::work($this->hands->task('fill', $count) + $this->hands->task('label', $count)),
            true,
            null,
        );
    }

    /** A rest that makes it better, where a stage says so. */
    private function rest(): ?Step
    {
        $minutes = 0.0;
        foreach ($this->evaluation->recipe->stages as $stage) {
            $minutes = max($minutes, $stage->restBetterMinutes ?? 0.0);
        }

        return $minutes <= 0.0
            ? null
            : new Step(
                'rest',
                StepKind::Rest,
                'Rest',
                null,
                [],
                [],
                [Sentence::of('In the fridge. It is better for the rest.')],
                [],
                new Figure($minutes, 0.0, 'min'),
                false,
                null,
            );
    }
}
