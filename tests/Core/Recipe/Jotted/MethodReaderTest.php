<?php

declare(strict_types=1);

namespace Tests\Core\Recipe\Jotted;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sauce;
use Vinculum\Amount\Kitchenware;
use Vinculum\Amount\MeasuringSet;
use Vinculum\Recipe\Jotted\JottedText;
use Vinculum\Recipe\Jotted\MethodReader;
use Vinculum\Recipe\Jotted\Step;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Stage;

/** What the sentences of a method do to the pot. */
final class MethodReaderTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> a sentence, and what it does */
    public static function sentences(): iterable
    {
        yield 'a time' => ['Simmer gently for 20 to 30 minutes.', ['simmer low 25 min']];
        yield 'hours and minutes' => ['Roast for 1 hour 20 minutes.', ['roast 80 min']];
        yield 'overnight' => ['Leave to soak overnight.', ['soak 720 min']];
        yield 'a third' => ['Boil hard to reduce by a third.', ['boil high -33.3 %']];
        yield 'to a half' => ['Simmer down to half.', ['simmer -50 %']];
        yield 'halved' => ['Cook until reduced to half.', ['simmer -50 %']];
        yield 'per cent' => ['Simmer until 12.5 % has boiled off.', ['simmer -12.5 %']];
        yield 'a volume' => ['Reduce to 2 cups.', ['simmer to 473 ml']];
        yield 'a weight with a point' => ['Simmer down to 300.5 g.', ['simmer to 300.5 g']];
        yield 'a lid' => ['Cover and simmer 10 min.', ['simmer 10 min lid']];
        yield 'no lid' => ['Simmer, uncovered, 10 min.', ['simmer 10 min']];
        yield 'two things' => ['Fry for 5 minutes, then simmer for 20.', ['fry 5 min', 'simmer 20 min']];
        yield 'minutes that are not called so' => ['Simmer 5 - 10.', ['simmer 7.5 min']];
        yield 'a number that is no time' => ['Fry 2 onions.', ['fry']];
        yield 'what it loses' => ['Simmer until thick - loses about a third.', ['simmer -33.3 %']];
        yield 'sieved when soft' => [
            'Cook gently 40 mins till soft. Sieve.',
            ['simmer low 40 min strained 0.5 “soft”'],
        ];
        yield 'sieved for what stays behind' => ['Blend, sieve to remove the seeds.', ['blend strained']];
        yield 'in the blender' => ['All of it in the blender.', ['blend']];
        yield 'a slurry goes in where it is whisked in' => [
            'Simmer 10 min. Slurry: 60 g cornflour + 120 ml water. Whisk in, boil 1 min.',
            ['simmer 10 min', 'none', 'boil 1 min'],
        ];
        yield 'strained' => ['Simmer 30 minutes and strain.', ['simmer 30 min strained']];
        yield 'pressed' => ['Simmer 30 minutes, then push through a sieve.', ['simmer 30 min strained 0.5']];
        yield 'pressed, as said' => [
            'Boil 5 minutes; lift out what steeped, pressing out 20 % of what it holds.',
            ['boil 5 min lifted 0.2'],
        ];
        yield 'stone out is no lifting' => ['Remove the stones and simmer 5 minutes.', ['simmer 5 min']];
        yield 'what is not done' => ['Warm it, but do not boil.', ['warm']];
        yield 'off the heat' => ['Off the heat, stir in the butter.', ['none']];
        yield 'how it keeps is no step' => ['Keeps for 3 weeks in the fridge.', []];
        yield 'what the eye waits for' => ['Simmer until it coats a spoon.', ['simmer “it coats a spoon”']];
        yield 'what it looks like is no process' => [
            'Blend until it is boiling over with joy.',
            ['blend “it is boiling over with joy”'],
        ];
        yield 'chilling' => ['Chill for 2 hours.', ['chill 120 min']];
        yield 'hot water round it' => ['Stir over simmering water for 8 minutes.', ['warm 8 min']];
    }

    /** @param list<string> $does */
    #[DataProvider('sentences')]
    public function test_a_sentence_is_read(string $sentence, array $does): void
    {
        $reading = Sauce::catalogue()->vocabulary->words['reading'];
        [$steps] = (new MethodReader(
            Kitchenware::of(MeasuringSet::Us),
            $reading['verbs'],
            $reading['timed'],
            $reading['besides'],
        ))->read([$sentence]);

        self::assertSame($does, array_map(self::told(...), $steps));
    }

    public function test_what_is_done_under_a_part_is_done_to_that_part(): void
    {
        $note
            = "For the base\n500 g plums\n100 ml water\nSimmer 20 minutes.\n\nTo finish\n30 g butter\n10 ml lemon "
                .'juice';
        self::assertSame([['plum water', 'simmer'], ['butter lemon-juice', null]], self::stages($note));

        $behind
            = "For the base\n500 g plums\n100 ml water\n\nTo finish\n30 g butter\n\nMethod\nSimmer the plums in "
                .'the water for 20 minutes. Off the heat stir in the butter.';
        self::assertSame([['plum water', 'simmer'], ['butter', null]], self::stages($behind));
    }

    public function test_a_line_lands_in_the_step_that_names_it(): void
    {
        $note
            = "Sauce\n1 onion\n2 tbsp sunflower oil\n400 g tinned tomatoes\n1 tbsp cider vinegar\n\nFry the onion "
                .'in the oil for 5 minutes. Add the tomatoes and simmer 15 minutes. Stir in the vinegar and blend.';

        self::assertSame(
            [['onion sunflower-oil', 'fry'], ['chopped-tomatoes', 'simmer'], ['cider-vinegar', 'blend']],
            self::stages($note),
        );
    }

    /** @return list<array{string, string|null}> slugs, and the process */
    private static function stages(string $note): array
    {
        return array_map(
            static fn (Stage $stage): array => [
                implode(' ', array_map(static fn (Line $line): string => $line->ingredient, $stage->lines)),
                $stage->process?->kind->value,
            ],
            JottedText::read($note, Sauce::catalogue())[0]->stages,
        );
    }

    private static function told(Step $step): string
    {
        return implode(
            ' ',
            array_filter(
                [
                    $step->kind->value,
                    $step->heat,
                    $step->minutes === null ? null : sprintf('%g min', $step->minutes),
                    match ($step->until?->kind) {
                        null => null,
                        'loss_percent' => sprintf('-%.3g %%', $step->until->value),
                        'mass_g' => sprintf('to %.4g g', $step->until->value),
                        default => sprintf('to %.0f ml', $step->until->value),
                    },
                    $step->lid === true ? 'lid' : null,
                    $step->strains ? 'strained' : null,
                    $step->lifts ? 'lifted' : null,
                    $step->press > 0.0 ? (string) $step->press : null,
                    $step->lookFor === '' ? null : "“{$step->lookFor}”",
                ],
                static fn (?string $part): bool => $part !== null,
            ),
        );
    }
}
