<?php

declare(strict_types=1);

namespace Vinculum\Batch;

use Vinculum\Cooking\Hob;
use Vinculum\Cooking\StopGuide;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Figure\Figure;
use Vinculum\Figure\Quantity;
use Vinculum\Figure\Sentence;
use Vinculum\Mixture\Constituent;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\ProcessKind;

/**
 * What does not simply double when a batch grows or shrinks, each with its reason. Common practice, no source, where it
 * is not computed.
 */
final class NotInProportion
{
    /** A batch this much larger or smaller is another batch. */
    private const ANOTHER = 0.25;

    /** Minutes that differ by less than this share are the same minutes; judgement. */
    private const AS_LONG = 0.1;

    /** From this share of starch on it matters. */
    private const STARCH = 0.005;

    /**
     * @param array<string, Figure> $hobs g a minute that pans of this house were seen to lose, by Hob::name()
     * @return list<array{about: string, text: Sentence}>
     */
    public static function of(Evaluation $from, Evaluation $to, float $factor, array $hobs = []): array
    {
        if (abs($factor - 1) < self::ANOTHER) {
            return [];
        }
        $said = [];
        $isMore = $factor > 1;
        foreach ($to->cooked->stages as $s => $report) {
            $name = $report->stage->name === '' ? 'This stage' : $report->stage->name;
            $learned = Hob::learned($report->stage->process, $hobs);
            $before = StopGuide::of($from->cooked->stages[$s], $learned);
            $after = StopGuide::of($report, $learned);
            $until = $report->stage->process?->until;
            $isOther = $before?->minutes !== null && $after?->minutes !== null
                && abs($after->minutes->value / max(1e-9, $before->minutes->value) - 1) > self::AS_LONG;
            if ($isOther && $until !== null) {
                $said[] = [
                    'about' => 'time',
                    'text' => Sentence::of(
                        '{stage}: about {after} in the same pan at the same heat, not {before}. Water '
                            .'leaves by area and power, not by how much there is; a wider pan shortens it.',
                        [
                            'stage' => $name,
                            'after' => Quantity::minutes(round($after->minutes->value)),
                            'before' => Quantity::number($before->minutes->value, 0),
                        ],
                    ),
                ];
            }
            if ($report->stage->process?->kind === ProcessKind::Fry) {
                $said[] = [
                    'about' => 'oil',
                    'text' => Sentence::of(
                        '{stage}: oil for frying and blooming goes by the pan, not by the batch: as much as covers it.',
                        ['stage' => $name],
                    ),
                ];
            }
        }
        $starch
            = $to->cooked->mixture->grams[Constituent::STARCH_COOKED]
            + $to->cooked->mixture->grams[Constituent::STARCH_RAW];
        if ($starch > self::STARCH * $to->cooked->mixture->mass()) {
            $said[] = [
                'about' => 'starch',
                'text' => Sentence::of(
                    'Starch: begin with nine tenths, and see. A {size} pot {does} while it comes to the boil, so '
                        .'it thickens {how} than the amount says.',
                    [
                        'size' => $isMore ? 'larger' : 'smaller',
                        'does' => $isMore ? 'loses less' : 'loses more',
                        'how' => $isMore ? 'less evenly' : 'more',
                    ],
                ),
            ];
        }
        $steeped = [];
        foreach ($to->cooked->weighed->lines as $line) {
            if ($line->line->handling !== Handling::In && $line->ingredient !== null && $line->grams > 0.0) {
                $steeped[] = $line->ingredient->shortName();
            }
        }
        if ($steeped !== []) {
            $said[] = [
                'about' => 'spice',
                'text' => Sentence::of(
                    '{spice}: steeped whole, it gives by time as much as by amount, and a larger pot takes '
                        .'longer. {do}.',
                    [
                        'spice' => ucfirst(implode(' and ', $steeped)),
                        'do' => $isMore ? 'Begin with four fifths and taste' : 'Take it out sooner',
                    ],
                ),
            ];
        }

        return $said;
    }
}
