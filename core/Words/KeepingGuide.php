<?php

declare(strict_types=1);

namespace Vinculum\Words;

use Vinculum\Pantry\KeepingPage;
use Vinculum\Pantry\Vocabulary;

/**
 * docs/keeping.md: how long what keeps, why, and who says so, written out of database/keeping.txt and the hazards of
 * the vocabulary, for somebody who knows about food and nothing about files.
 *
 * @phpstan-import-type KeepingRow from KeepingPage
 * @phpstan-import-type Hazard from Vocabulary
 */
final readonly class KeepingGuide
{
    private const HEAD = <<<'MARKDOWN'
        # How long a sauce keeps, and what to mind

        This page is for whoever knows about food safety and wants to read, and correct, what Vinculum tells a
        cook. It is made from `database/keeping.txt` and the hazards in `database/vocabulary.json` by
        `php artisan vinculum:keeping-guide`, and a test says so where it is older than they are.

        - **The shortest counts.** Every thing in a sauce, as it was treated, and the sauce as a whole has its
          row; of the times that its keepers allow in one row the longest, and of all rows the shortest. The
          product names the row that decided.
        - **Estimates shorten and never suffice.** Vinculum computes acid, salt and sugar from what went in, and
          takes the cautious end of what it thinks the pH and the water activity are. Only a calibrated meter
          makes a time longer by its pH, for that batch only.
        - **Everything here was written from memory**, after the publications each names, and nobody has looked it
          up for this page. It is no licence to sell and no tested canning process: those are for local codes, and
          for people who test them.
        - **Whom to ask**: the food-safety authority where you live, a university extension service, a poisons
          centre for what was eaten already. Where a figure here is wrong, correct it in `database/keeping.txt`,
          with who says so.

        MARKDOWN;

    private const FIGURES = [
        'acetic' => 'acetic acid, %s g or more to 100 g of water',
        'salt' => 'salt, %s g or more to 100 g of water',
        'sugars' => 'sugar, %s %% or more of water, sugar and fibre',
        'ph' => 'pH thought to be %s at most, at the cautious end',
        'measured' => 'pH of %s at most by a calibrated meter',
        'activity' => 'water activity thought to be %s at most, at the cautious end',
        'oil' => 'water, %s g at most to 100 g of fat',
        'mustard' => 'mustard, %s %% or more of it',
    ];

    public static function of(Vocabulary $vocabulary): string
    {
        $text = self::HEAD."\n## What holds germs back\n\n";
        foreach ($vocabulary->words['keepers'] as $name => $asks) {
            $figures = array_map(
                static fn (string $figure, float $number): string => sprintf(self::FIGURES[$figure], $number),
                array_keys($asks),
                $asks,
            );
            $text .= "- *{$name}*: ".implode('; ', $figures)."\n";
        }
        $text .= "\n## How long what keeps\n";
        foreach ($vocabulary->words['keeping'] as $row) {
            $text .= $row['times'] === [] ? '' : self::row($row);
        }
        $text .= "\n## What is said of things\n\n";
        foreach ($vocabulary->words['hazards'] as $hazard) {
            $text .= self::hazard($hazard);
        }

        return $text;
    }

    /** @param KeepingRow $row */
    private static function row(array $row): string
    {
        $text = "\n### ".ucfirst($row['name'])."\n\n";
        foreach ($row['times'] as $time) {
            $days = self::days($time['fridge']);
            $opened = $time['opened'] === $time['fridge'] ? '' : ', opened '.self::days($time['opened']);
            $frozen = match ($time['frozen']) {
                0 => 'does not freeze well',
                1 => 'frozen 1 month',
                default => "frozen {$time['frozen']} months",
            };
            $when = $time['when'] === [] ? '' : ' where it is *'.implode('* and *', $time['when']).'*';
            $makers = $time['makers'] === '' ? 'Makers keep it longer.' : "Makers say {$time['makers']}.";
            $text .= "- **{$days}**{$opened}, {$frozen}{$when}: {$time['why']}. {$makers} ({$time['rule']})\n";
        }

        return $text;
    }

    /** @param Hazard $hazard */
    private static function hazard(array $hazard): string
    {
        $grade = ['stop' => 'Stop', 'mind' => 'Mind', 'know' => 'Know'][$hazard['grade'] ?? 'stop'];
        $from = isset($hazard['share']) ? ' From '.(100 * $hazard['share']).' % of what went in.' : '';

        return "- **{$grade}**: {$hazard['text']}{$from} ({$hazard['rule']})\n";
    }

    private static function days(int $days): string
    {
        return $days === 1 ? '1 day' : "{$days} days";
    }
}
