<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Cooking\Hob;
use Vinculum\Cooking\StageReport;
use Vinculum\Cooking\StopGuide;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Mixture\Meter;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Tasting;

/** What a stage did to the pot, in words: for the strip, and for whoever stands at the stove. */
final readonly class StageView
{
    private const STRIP = [Measure::Sweetness, Measure::Sourness, Measure::Saltiness];

    /** "How far does it get in twenty minutes". */
    private const A_WHILE = 20.0;

    /** @param array<string, Figure> $hobs g a minute that pans of this house were seen to lose, by Hob::name() */
    public function __construct(private Speech $speech, private array $hobs = []) {}

    /**
     * @return array<string, mixed>
     */
    public function of(StageReport $report): array
    {
        $parts = array_filter([
            $report->boiledOff > 0.0
                ? 'boils off '
                    .$this->speech->grams($report->boiledOff)
                    .' of '
                    .$this->speech->grams($report->massIn)
                : '',
            $report->liftedOut > 0.0
                ? $this->speech->grams($report->liftedOut).' lifted out, liquor and all'
                : '',
        ]);

        return [
            'id' => $report->stage->id,
            'text' => implode('; ', $parts),
            'strip' => $this->strip($report),
            'stop' => $this->stop($report),
            'reduces' => $report->boiledOff > 0.0,
        ];
    }

    /**
     * @param list<array{percent: float, evaluation: Evaluation, like: string|null}> $stops
     * @return array<string, mixed>
     */
    public function choices(array $stops, string $stage): array
    {
        $choices = [];
        foreach ($stops as $stop) {
            $evaluation = $stop['evaluation'];
            $ph = $evaluation->estimates->ph();
            foreach ($evaluation->cooked->stages as $report) {
                if ($report->stage->id === $stage) {
                    $choices[] = [
                        'loss_percent' => Digits::six($stop['percent']),
                        'text' => $this->speech->percent($stop['percent'] / 100),
                        'like_text' => $stop['like'] === null ? '' : "as thick as {$stop['like']}",
                        'mass_text' => $this->speech->grams($evaluation->estimates->mass()->value),
                        'volume_text' => $this->speech->volume($evaluation->estimates->volume()->value),
                        'minutes_text'
                            => ($guide = StopGuide::of($report)) === null
                                ? ''
                                : $this->speech->minutes($guide->minutes),
                        'tastes' => [
                            ...array_map(
                                fn (Measure $measure): array => [
                                    'label' => $this->speech->label($measure),
                                    'text' => $this->speech->number($evaluation->tasting->value($measure)),
                                ],
                                self::STRIP,
                            ),
                            [
                                'label' => 'pH',
                                'text' => $ph === null ? '–' : $this->speech->grouped($ph->value, 1),
                            ],
                            [
                                'label' => 'Thickness',
                                'text' => $evaluation->estimates->thickness()?->words() ?? '–',
                            ],
                        ],
                    ];
                }
            }
        }

        return ['choices' => $choices];
    }

    /**
     * @return list<array{label: string, text: string}>
     */
    private function strip(StageReport $report): array
    {
        $acidity = $report->sauce->acidity();
        $strip = [['label' => 'Mass', 'text' => $this->speech->grams($report->massOut)]];
        foreach (self::STRIP as $measure) {
            $strip[] = [
                'label' => $this->speech->label($measure),
                'text' => $this->speech->number(Tasting::plain($measure, $report->sauce, $acidity)),
            ];
        }
        $strip[] = [
            'label' => 'pH',
            'text' => $acidity === null
                ? '–'
                : $this->speech->grouped(Meter::shows($acidity, $report->sauce->grams), 1),
        ];

        return $strip;
    }

    /**
     * @return list<string>
     */
    private function stop(StageReport $report): array
    {
        $learned = Hob::learned($report->stage->process, $this->hobs);
        $guide = StopGuide::of($report, $learned);
        if ($guide === null) {
            return [];
        }
        $heat = $report->stage->process->heat ?? 'medium';
        $byWeight = sprintf(
            'By weight: stop when pan and sauce weigh %s more than the empty pan (%s).',
            $this->speech->grams($guide->grams->value),
            $this->speech->perhaps($guide->grams, $this->speech->grams(...)),
        );
        $byDepth = sprintf(
            'By a spoon handle: from %s mm deep to %s mm, in a %s cm pan; a wet handle is read to 2 mm.',
            $this->speech->grouped($guide->depthBefore, 0),
            $this->speech->grouped($guide->depthAfter->value, 0),
            $this->speech->grouped($guide->panCm, 0),
        );
        $toSimmer
            = $guide->heatingMinutes >= 0.5
                ? sprintf(', after %s to come to it', $this->speech->minutes(null, $guide->heatingMinutes))
                : '';
        $sentences = [$byWeight, $byDepth];
        if ($guide->minutes !== null) {
            $sentences[] = sprintf(
                'By the clock: %s on %s heat%s. %s',
                $this->speech->minutes($guide->minutes),
                $heat,
                $toSimmer,
                $learned === null ? 'No two hobs agree.' : 'That is what yours did, as it was weighed at the Stove.',
            );
            $sentences[] = sprintf(
                'In %d minutes it would lose about %s.',
                (int) self::A_WHILE,
                $this->speech->percent(StopGuide::lostIn($report, self::A_WHILE)),
            );
        }

        return $sentences;
    }
}
