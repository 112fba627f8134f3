<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Amount\Numeral;
use Vinculum\Recipe\Handling;
use Vinculum\Recipe\Stage;
use Vinculum\Recipe\WeighedLine;
use Vinculum\Recipe\WeighedRecipe;

/** A recipe as Markdown: for people. It comes in again through the text reader. */
final class Markdown implements WritesText
{
    private const CANNOT_CARRY = [
        'ties, locks and bounds',
        'how far a steeped thing gave itself, and what was lost before',
        'the style, pinned ratios and own ingredients’ composition',
    ];
    public function name(): string
    {
        return 'markdown';
    }

    public function label(): string
    {
        return 'Markdown';
    }

    public function ending(): string
    {
        return 'md';
    }

    public function mediaType(): string
    {
        return 'text/markdown';
    }

    public function takeOut(Outgoing $recipe): string
    {
        return self::write($recipe->weighed);
    }

    public function cannotCarry(): array
    {
        return self::CANNOT_CARRY;
    }

    public static function write(WeighedRecipe $weighed): string
    {
        $text = '# '.self::plain($weighed->recipe->name)."\n";
        foreach ($weighed->recipe->stages as $stage) {
            $text .= "\n## ".self::plain($stage->name === '' ? 'Together' : $stage->name)."\n\n";
            foreach ($weighed->lines as $line) {
                if ($line->stage === $stage && ! $line->line->leftOut) {
                    $text .= '- '.self::line($line)."\n";
                }
            }
            $step = self::step($stage);
            $text .= $step === '' ? '' : "\n> {$step}\n";
        }

        return $text;
    }

    /** "1 1/4 cup cider vinegar, packed" */
    public static function line(WeighedLine $line): string
    {
        $amount = $line->line->amount ?? self::grams($line);
        // the whole name: without what stands behind its comma it is another thing
        $name = $line->ingredient->name ?? $line->line->ingredient;
        $ends = [
            $line->line->prep ?? '',
            $line->line->handling === Handling::Whole && ! str_contains($line->line->prep ?? '', 'whole')
                ? 'whole'
                : '',
            $line->line->handling === Handling::In ? '' : 'lifted out later',
            $line->line->optional ? 'optional' : '',
        ];
        $text = $amount === 'to taste' ? "{$name}, to taste" : "{$amount} {$name}";

        return self::plain(
            implode(', ', array_filter([$text, ...$ends], static fn (string $part): bool => $part !== '')),
        );
    }

    /** What is done in a stage, in words. */
    public static function step(Stage $stage): string
    {
        $process = $stage->process;
        $until
            = $process?->until === null
                ? ''
                : match ($process->until->kind) {
                    'loss_percent' => sprintf(' until %g %% has boiled off', $process->until->value),
                    'mass_g' => sprintf(' down to %g g', $process->until->value),
                    'volume_ml' => sprintf(' down to %g ml', $process->until->value),
                };
        $parts
            = $process === null
                ? []
                : [
                    ucfirst($process->kind->value)
                    .($process->minutes === null
                        ? ''
                        : sprintf(' for %g %s', $process->minutes, $process->minutes === 1.0 ? 'minute' : 'minutes'))
                    .($process->heat === null ? '' : " on {$process->heat} heat")
                    .($process->lid === true ? ', lid on' : '')
                    .$until,
                ];
        if ($stage->strain !== null) {
            $parts[] = 'lift out what steeped'
                .($stage->strain->press > 0.0
                    ? sprintf(', pressing out %g %% of what it holds', 100 * $stage->strain->press)
                    : '');
        }
        if ($stage->lookFor !== '') {
            $parts[] = "look for: {$stage->lookFor}";
        }

        return self::plain($parts === [] ? '' : implode('; ', $parts).'.');
    }

    /** What was weighed: of a line that has no amount of its own. */
    public static function grams(WeighedLine $line): string
    {
        return Numeral::digits($line->grams, 1).' g';
    }

    /** One line of it, that no reader takes for a heading or a link. */
    private static function plain(string $text): string
    {
        return strtr((string) preg_replace('/\s+/u', ' ', $text), [
            '<' => '‹',
            '>' => '›',
            '[' => '(',
            ']' => ')',
            '`' => "'",
        ]);
    }
}
