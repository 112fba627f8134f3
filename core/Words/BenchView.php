<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Amount\Dimension;
use Vinculum\Cooking\Hob;
use Vinculum\Cooking\StageReport;
use Vinculum\Evaluation\CoarseAmount;
use Vinculum\Evaluation\Evaluation;
use Vinculum\Evaluation\Interactions;
use Vinculum\Evaluation\Likeness;
use Vinculum\Evaluation\StrongBeforeReduction;
use Vinculum\Figure\Figure;
use Vinculum\Figure\Sense;
use Vinculum\Pantry\AmountChoices;
use Vinculum\Pantry\Catalogue;
use Vinculum\Pantry\Weight;
use Vinculum\Recipe\Problem;
use Vinculum\Recipe\Recipe;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Taste\Measure;
use Vinculum\Taste\Ratio;
use Vinculum\Taste\Verdict;

/**
 * An evaluation as the Bench lays it out (evaluation.schema.json): amounts to be set, columns in levels, words for
 * every figure. The screen only places what is here.
 */
final readonly class BenchView
{
    /** Lines left from which on that is said. Ours. */
    private const SAYS_ROOM_FROM = 5;

    /**
     * @param Catalogue|null $catalogue what figures are held beside in words; null where nobody reads them
     * @param array<string, Figure> $hobs g a minute that pans of this house were seen to lose, by Hob::name()
     */
    public function __construct(
        private Speech $speech,
        private Evaluation $evaluation,
        private ?Catalogue $catalogue = null,
        private array $hobs = [],
    ) {}

    /**
     * @return array<string, mixed>
     */
    public function whole(): array
    {
        $evaluation = $this->evaluation;
        $bench = $this;
        $style = $evaluation->style;
        $columns = array_map($bench->column(...), Measure::cases());

        return [
            'complete'
                => array_filter($evaluation->problems(), fn (Problem $problem): bool => $problem->isUnreadable())
                === [],
            'style'
                => $style === null
                    ? null
                    : [
                        'slug' => $style->slug,
                        'name' => $style->name,
                        'cues' => $style->cues,
                        'source' => $style->source,
                    ],
            'in_parts' => $bench->isInParts(),
            'lines' => $bench->lines(),
            'room' => $this->room(),
            'columns' => $columns,
            'ratios' => array_map($bench->ratio(...), Ratio::cases()),
            'makes' => $bench->makes(),
            'stages' => array_map((new StageView($this->speech, $this->hobs))->of(...), $evaluation->cooked->stages),
            'figures' => (new EstimatesView($this->speech))->figures($evaluation),
            'colour' => (new EstimatesView($this->speech))->colour($evaluation),
            'panel' => (new EstimatesView($this->speech))->panel($evaluation),
            'keeping' => (new SafetyView($this->speech))->of($evaluation),
            'verdict' => $this->sentence(),
            'interactions' => array_map(
                fn (string $measure, string $text): array => ['measure' => $measure, 'text' => $text],
                array_keys($interactions = Interactions::of($evaluation)),
                $interactions,
            ),
            'advice' => [
                ...array_map($this->advice(...), CoarseAmount::of($evaluation)),
                ...array_map($this->holdBack(...), StrongBeforeReduction::of($evaluation)),
            ],
        ];
    }

    /**
     * How many lines more the recipe can have, and whether that is few enough to be said unasked.
     *
     * @return array{lines_left: int, text: string, is_few: bool}
     */
    private function room(): array
    {
        $left = max(0, Recipe::MAX_LINES - count($this->evaluation->cooked->weighed->lines));
        $holds = 'a recipe holds '.Recipe::MAX_LINES;

        return [
            'lines_left' => $left,
            'text' => match (true) {
                $left === 0
                    => ucfirst($holds).' lines, and this one has them. Make a part of it a recipe of its own, and '
                        .'that an ingredient.',
                $left === 1 => "One more line fits; {$holds}.",
                default => "{$left} more lines fit; {$holds}.",
            },
            'is_few' => $left <= self::SAYS_ROOM_FROM,
        ];
    }

    /**
     * @return array{line: string, text: string}
     */
    private function advice(CoarseAmount $coarse): array
    {
        $steps = (int) round($coarse->steps);

        return [
            'line' => $coarse->line->line->id,
            'text' => sprintf(
                'Weigh the %s: as measured, it alone may move %s by %s.',
                $coarse->line->ingredient?->shortName() ?? $coarse->line->line->ingredient,
                $coarse->measure->value,
                $steps <= 1 ? 'a step' : "{$steps} steps",
            ),
        ];
    }

    /**
     * @return array{line: string, text: string}
     */
    private function holdBack(StrongBeforeReduction $held): array
    {
        return [
            'line' => $held->line->line->id,
            'text' => sprintf(
                'Hold back some of the %s until it has reduced: it makes most of the %s, and where you stop is a '
                    .'guess.',
                $held->line->ingredient?->shortName() ?? $held->line->line->ingredient,
                $held->measure === Measure::Heat ? 'heat' : 'salt',
            ),
        ];
    }

    /** The whole balance in a few words, for the Shelf and for whoever listens instead of looking. */
    public function sentence(): string
    {
        $evaluation = $this->evaluation;
        if ($evaluation->cooked->rows === []) {
            return 'Nothing in the pot yet.';
        }
        if ($evaluation->style === null) {
            return 'No style chosen, so nothing to hold it against.';
        }
        $off = [];
        foreach (Measure::cases() as $measure) {
            $verdict = $evaluation->verdict($measure);
            if ($verdict !== null && in_array($verdict->kind, [Verdict::SHORT, Verdict::OVER], true)) {
                $off[] = $this->speech->label($measure).' '.$verdict->words;
            }
        }

        return $off === [] ? 'In balance, as far as can be computed.' : implode(', ', $off).'.';
    }

    /**
     * A recipe's card: its balance in small, and in a few words.
     *
     * @return array{
     *     style_name: string|null,
     *     makes_text: string,
     *     verdict: string,
     *     problems: int,
     *     columns: list<array<string, mixed>>,
     * }
     */
    public function card(): array
    {
        $volume = $this->evaluation->estimates->volume()->value;

        return [
            'style_name' => $this->evaluation->style?->name,
            'makes_text' => $volume > 0.0 ? 'makes '.$this->speech->volume($volume) : 'empty',
            'verdict' => $this->sentence(),
            'problems' => count(
                array_filter(
                    $this->evaluation->problems(),
                    static fn (Problem $problem): bool => $problem->code !== 'to-taste',
                ),
            ),
            'columns' => $this->miniature(),
        ];
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function miniature(): array
    {
        $bench = $this;

        return array_map(function (Measure $measure) use ($bench): array {
            $band = $bench->band($measure);

            return [
                'label' => $this->speech->label($measure),
                'top' => Digits::six($bench->levels($measure, $bench->evaluation->tasting->value($measure))),
                'band' => $band === null ? null : ['low' => $band['low'], 'high' => $band['high']],
                'words' => $bench->evaluation->verdict($measure)->words ?? '',
            ];
        }, Measure::cases());
    }

    /**
     * Where the tops of the columns would be: drawn as ghosts before anything is applied.
     *
     * @return list<array{measure: string, top: float, text: string, words: string}>
     */
    public function ghosts(): array
    {
        $evaluation = $this->evaluation;
        $bench = $this;

        return array_map(
            fn (Measure $measure): array => [
                'measure' => $measure->value,
                'top' => Digits::six($bench->levels($measure, $evaluation->tasting->value($measure))),
                'text' => $this->speech->measure($measure, $evaluation->tasting->value($measure)),
                'words' => $evaluation->verdict($measure)->words ?? '',
            ],
            Measure::cases(),
        );
    }

    /** Whether a line is in parts, so that the recipe needs a batch size. */
    private function isInParts(): bool
    {
        foreach ($this->evaluation->cooked->weighed->lines as $line) {
            foreach ($line->amount->terms ?? [] as $term) {
                if ($term->unit?->dimension === Dimension::Part) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function lines(): array
    {
        $weighed = $this->evaluation->cooked->weighed->lines;
        $all = array_sum(array_map(fn (WeighedLine $line): float => $line->grams, $weighed));
        $documents = [];
        foreach ($weighed as $i => $line) {
            $documents[] = $this->line($i, $line, $all);
        }

        return $documents;
    }

    /**
     * @return array<string, mixed>
     */
    private function line(int $i, WeighedLine $line, float $all): array
    {
        $ingredient = $line->ingredient;
        $mass = new Figure($line->grams, $line->spread, 'g');
        $ladder
            = $line->amount === null || $line->line->tie !== null
                ? ['texts' => [], 'rung' => -1, 'exact' => false]
                : AmountChoices::ladder($line->amount);
        $share = $all > 0.0 ? $line->grams / $all : 0.0;

        return [
            'id' => $line->line->id,
            'slug' => $ingredient->slug ?? $line->line->ingredient,
            'name' => $ingredient->name ?? $line->line->ingredient,
            'short_name' => $ingredient?->shortName() ?? $line->line->ingredient,
            'letter' => $this->letter($i),
            'tint' => $ingredient->tint ?? 'none',
            'caution' => $ingredient->caution ?? '',
            'known' => $ingredient !== null,
            'lead' => $line->amount->lead ?? '',
            'terms' => AmountView::terms($line->amount, $this->speech),
            'mass_text' => $ingredient === null || $mass->value <= 0.0 ? '' : $this->speech->grams($mass->value),
            'mass_amount' => $mass->value > 0.0 ? Digits::six(round($mass->value, 1)).' g' : 'to taste',
            'spread_text'
                => $mass->value <= 0.0
                    ? ''
                    : 'perhaps '
                        .$this->speech->grams($mass->low())
                        .' to '
                        .$this->speech->grams($mass->high()),
            'as_bought_text'
                => $ingredient === null || $ingredient->edible >= 1.0 || ! $this->isWeighed($line)
                    ? ''
                    : $this->speech->percent($ingredient->edible),
            'as_bought' => Weight::isAsBought($line->line->prep),
            'share' => Digits::six($share),
            'share_text' => $share > 0.0 ? $this->speech->percent($share) : '',
            'ladder' => $ladder['texts'],
            'rung' => $ladder['rung'],
            'on_rung' => $ladder['exact'],
            'other_units'
                => $ingredient === null || $line->line->tie !== null
                    ? []
                    : AmountChoices::inOtherUnits($mass->value, $ingredient, $this->evaluation->recipe->measures),
            'brings' => $this->brings($i),
        ];
    }

    private function isWeighed(WeighedLine $line): bool
    {
        $unit = $line->amount->terms[0]->unit ?? null;

        return $unit?->dimension === Dimension::Mass && ! $unit->informal;
    }

    /**
     * What a line brings to each taste.
     *
     * @return list<array{measure: string, label: string, text: string, share: float, share_text: string}>
     */
    private function brings(int $i): array
    {
        $brings = [];
        foreach (Measure::cases() as $measure) {
            $tasted = $this->evaluation->tasting->measures[$measure->value];
            $own = $tasted->contributions[$i] ?? 0.0;
            $share = $tasted->figure->value > 0.0 ? $own / $tasted->figure->value : 0.0;
            $brings[] = [
                'measure' => $measure->value,
                'label' => $this->speech->label($measure),
                'text' => match (true) {
                    ! in_array($i, $tasted->unknown, true) => $this->speech->number($own),
                    $own > 0.0 => 'over '.$this->speech->number($own),
                    default => 'not known',
                },
                'share' => Digits::six($share),
                'share_text' => $share > 0.0 ? $this->speech->percent($share) : '',
            ];
        }

        return $brings;
    }

    private function like(Measure $measure, float $value): string
    {
        $likeness = $this->catalogue === null ? null : Likeness::of($measure, $value, $this->catalogue);

        return $likeness === null ? '' : $this->speech->say($likeness);
    }

    /** As it stands over the column: a zero says what it is. */
    private function figure(Measure $measure, float $value, bool $isUnknown): string
    {
        $text = $this->speech->measure($measure, $value);

        return match (true) {
            $value > 0.0 && (float) $text > 0.0 => $text,
            $value > 0.0 => 'hardly any',
            $isUnknown => 'not known',
            default => 'none',
        };
    }

    /**
     * @return array<string, mixed>
     */
    private function column(Measure $measure): array
    {
        $tasted = $this->evaluation->tasting->measures[$measure->value];
        $verdict = $this->evaluation->verdict($measure);
        $segments = [];
        $from = 0.0;
        foreach ($tasted->contributions as $i => $own) {
            if ($own <= 0.0) {
                continue;
            }
            $segments[] = [
                'line' => $this->evaluation->cooked->weighed->lines[$i]->line->id,
                'from' => Digits::six($this->levels($measure, $from)),
                'to' => Digits::six($this->levels($measure, $from + $own)),
                'text' => $this->speech->number($own),
                'share_text' => $this->speech->percent($own / $tasted->figure->value),
            ];
            $from += $own;
        }

        return [
            'measure' => $measure->value,
            'label' => $this->speech->label($measure),
            'unit' => $measure->unit(),
            'value_text' => $this->speech->measure($measure, $tasted->figure->value),
            'figure_text' => $this->figure($measure, $tasted->figure->value, $tasted->unknown !== []),
            'interval_text' => $this->speech->interval($tasted->figure),
            'like_text' => $this->like($measure, $tasted->figure->value),
            'in_water_text'
                => ($inWater = $this->evaluation->inTheWater($measure)) === null
                    ? ''
                    : $this->speech->number($inWater),
            'top' => Digits::six($this->levels($measure, $tasted->figure->value)),
            'low' => Digits::six($this->levels($measure, $tasted->figure->low())),
            'high' => Digits::six($this->levels($measure, $tasted->figure->high())),
            'band' => $this->band($measure),
            'verdict'
                => $verdict === null
                    ? null
                    : [
                        'kind' => $verdict->kind,
                        'words' => $verdict->words,
                        'steps' => Digits::six($verdict->steps),
                        'degree' => $verdict->steps === 0.0 ? '' : Sense::degree($verdict->steps),
                    ],
            'segments' => $segments,
            'unknown' => array_map(
                fn (int $i): string => $this->evaluation->cooked->weighed->lines[$i]->ingredient?->shortName()
                    ?? '',
                $tasted->unknown,
            ),
        ];
    }

    /**
     * @return array{low: float, high: float, text: string, aim_text: string}|null
     */
    private function band(Measure $measure): ?array
    {
        $band = $this->evaluation->style?->band($measure);

        return $band === null
            ? null
            : [
                'low' => Digits::six($this->levels($measure, $band->low)),
                'high' => Digits::six($this->levels($measure, $band->high)),
                'text' => $this->speech->range($band->low, $band->high),
                'aim_text' => $this->speech->number($band->aim),
            ];
    }

    /** A value in heights of the style's aim, so that a balanced sauce has level tops; on a fixed scale without one. */
    private function levels(Measure $measure, float $value): float
    {
        return $value / $this->evaluation->scaleOf($measure);
    }

    /**
     * @return array<string, string|float|null>
     */
    private function ratio(Ratio $ratio): array
    {
        $figure = $this->evaluation->tasting->ratios[$ratio->value];
        $band = $this->evaluation->style?->band($ratio);
        [$over, $under] = $this->speech->ratio($ratio);
        $state = $figure === null || $band === null ? 'none' : $band->state($figure);

        return [
            'ratio' => $ratio->value,
            'value' => $figure === null ? null : Digits::six($figure->value),
            'over' => $over,
            'under' => $under,
            'value_text' => $figure === null ? '' : $this->quotient($figure->value),
            'interval_text' => $figure === null ? '' : $this->speech->interval($figure),
            'band_text' => $band === null ? '' : $this->speech->range($band->low, $band->high),
            'state' => $state,
            'why' => $figure === null ? "too little {$under} to divide by" : '',
        ];
    }

    /** A little over something is not nothing. */
    private function quotient(float $value): string
    {
        $text = $this->speech->number($value);

        return $value > 0.0 && $text === '0' ? '<0.01' : $text;
    }

    /**
     * @return array<string, string>
     */
    private function makes(): array
    {
        $volume = $this->evaluation->estimates->volume();
        $boiledOff = array_sum(
            array_map(fn (StageReport $stage): float => $stage->boiledOff, $this->evaluation->cooked->stages),
        );
        $mass = $this->evaluation->estimates->mass()->value;

        return [
            'volume_text' => $this->speech->volume($volume->value),
            'mass_text' => $this->speech->grams($mass),
            'spread_text'
                => $volume->value > 0.0
                    ? 'perhaps '
                        .$this->speech->volume($volume->low())
                        .' to '
                        .$this->speech->volume($volume->high())
                    : '',
            'boiled_off_text' => $boiledOff > 0.0 ? $this->speech->grams($boiledOff) : '',
            'density_text'
                => $this->evaluation->estimates->density() === null
                    ? ''
                    : $this->speech->grouped($this->evaluation->estimates->density(), 2).' g/mL',
        ];
    }

    /** A, B, … Z, a, b, … for the sixty lines a recipe can have; then numbers. */
    private function letter(int $i): string
    {
        return match (true) {
            $i < 26 => chr(65 + $i),
            $i < 52 => chr(97 + $i - 26),
            default => (string) ($i + 1),
        };
    }
}
