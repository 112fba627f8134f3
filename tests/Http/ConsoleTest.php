<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Support\Schemas;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Server;

/** The console, as it is called: a process, its output and its exit code. */
final class ConsoleTest extends HttpTestCase
{
    public function test_prints_one_object_of_the_documented_shape(): void
    {
        [$exit, $out, $err] = self::command(
            'vinculum:analyse',
            Server::root().'/database/demo/gooseberry-ketchup.json',
        );
        $analysis = $this->app->make(Schemas::class)->check('analysis', $out);

        self::assertSame([0, ''], [$exit, $err]);
        self::assertSame('Gooseberry ketchup', $analysis['name']);
        self::assertEqualsWithDelta(3.0, $analysis['physics']['ph']['value'], 0.2);
        self::assertSame('holds a line', $analysis['physics']['thickness']['word']);
        self::assertContains('not-shelf-stable', array_column($analysis['cautions'], 'code'));
        self::assertEqualsWithDelta(1.0, array_sum(array_column($analysis['lines'], 'share')), 1e-4);
        $stage = $analysis['stages'][0];
        self::assertEqualsWithDelta(
            $stage['mass_in_g'],
            $stage['mass_out_g'] + $stage['boiled_off_g'] + $stage['lifted_out_g'],
            0.01,
        );
    }

    public function test_reads_standard_input(): void
    {
        [$exit, $out] = self::command('vinculum:analyse', '-', json_encode(self::RECIPE, JSON_THROW_ON_ERROR));

        self::assertSame(0, $exit);
        self::assertStringContainsString('"name": "Test ketchup"', $out);
    }

    public function test_numbers_have_six_significant_digits(): void
    {
        [, $out] = self::command('vinculum:analyse', '-', json_encode(self::RECIPE, JSON_THROW_ON_ERROR));
        preg_match_all('/: (-?\d+\.?\d*(?:[eE]-?\d+)?),?$/m', $out, $matches);
        self::assertNotEmpty($matches[1]);
        foreach ($matches[1] as $number) {
            self::assertLessThanOrEqual(
                6,
                strlen(ltrim(str_replace(['-', '.'], '', rtrim($number, '0')), '0')),
                $number,
            );
        }
    }

    public function test_fails_with_one_clear_line(): void
    {
        foreach (
            [
                ['/nowhere.json', '', 'There is no file /nowhere.json that can be read.'],
                ['-', 'not json', 'not JSON that can be read'],
                [
                    '-',
                    '{"format":"vinculum-recipe","version":1,"stages":[]}',
                    'name: is missing. Expected: a name of 1 to 120 characters.',
                ],
                ['-', '[]', 'Expected a JSON object.'],
            ] as [$file, $in, $words]
        ) {
            [$exit, $out, $err] = self::command('vinculum:analyse', $file, $in);
            self::assertSame([1, ''], [$exit, $out]);
            self::assertStringContainsString($words, $err);
            self::assertSame(1, substr_count($err, "\n"), $err);
        }
    }

    public function test_jotted_text_is_read_into_a_document_that_can_be_analysed(): void
    {
        [$exit, $out, $err] = self::command(
            'vinculum:read',
            '-',
            "2/3 cup cider vinegar\na generous cup of brown sugar, packed\n1 cup xyzzy\n",
        );
        $reading = $this->app->make(Schemas::class)->check('reading', $out);

        self::assertSame([0, ''], [$exit, $err]);
        self::assertSame(
            [3, 'ingredient', '1 cup xyzzy'],
            [$reading['questions'][0]['line'], $reading['questions'][0]['about'], $reading['questions'][0]['text']],
        );
        [$exit, $analysis] = self::command(
            'vinculum:analyse',
            '-',
            json_encode($reading['recipe'], JSON_THROW_ON_ERROR),
        );
        self::assertSame(0, $exit);
        self::assertSame(
            'ingredient-unknown',
            json_decode($analysis, true, 512, JSON_THROW_ON_ERROR)['problems'][0]['code'],
        );
    }

    public function test_reading_fails_with_one_clear_line(): void
    {
        foreach (
            [
                ['/nowhere.txt', '', 'There is no file /nowhere.txt'],
                ['-', str_repeat("1 g salt\n", 61), 'at most 60'],
                ['-', "\xff\xfe", 'UTF-8'],
            ] as [$file, $in, $words]
        ) {
            [$exit, $out, $err] = self::command('vinculum:read', $file, $in);
            self::assertSame([1, ''], [$exit, $out]);
            self::assertStringContainsString($words, $err);
            self::assertSame(1, substr_count($err, "\n"), $err);
        }
    }

    /** @return iterable<string, array{string, list<string>, string, callable(array<string, mixed>): void}> */
    public static function answers(): iterable
    {
        yield 'a rebalance lands where it says' => [
            'vinculum:rebalance',
            ['--target=sweetness:20'],
            'rebalance',
            static function (array $answer): void {
                self::assertSame('reached', $answer['status']);
                [, $again] = self::command(
                    'vinculum:analyse',
                    '-',
                    json_encode($answer['recipe'], JSON_THROW_ON_ERROR),
                );
                self::assertEqualsWithDelta(
                    20.0,
                    json_decode($again, true, 512, JSON_THROW_ON_ERROR)['measures']['sweetness']['value'],
                    0.5,
                );
            },
        ];
        yield 'a rescue thins what is too salty' => [
            'vinculum:rescue',
            ['--feels=salty:2', '--have=water', '--have=sugar'],
            'rescue',
            static function (array $answer): void {
                self::assertGreaterThan(0.0, $answer['options'][0]['additions'][0]['mass_g']);
                self::assertEqualsWithDelta(0.0, $answer['options'][0]['steps_after']['salty'] ?? 0.0, 0.8);
            },
        ];
        yield 'a swap is ranked' => [
            'vinculum:swap',
            ['--out=sugar'],
            'swap',
            static function (array $answer): void {
                self::assertGreaterThan(3, count($answer['options']));
                self::assertNotContains('sugar', array_column($answer['options'], 'words'));
            },
        ];
        yield 'twice as much' => [
            'vinculum:scale',
            ['--to=2x'],
            'scale',
            static function (array $answer): void {
                self::assertEqualsWithDelta(2.0, $answer['factor'], 1e-6);
                self::assertEqualsWithDelta(2000.0, $answer['lines'][0]['exact_g'], 1e-6);
            },
        ];
    }

    /**
     * @param list<string> $options
     * @param callable(array<string, mixed>): void $holds
     */
    #[DataProvider('answers')]
    public function test_what_is_asked_on_the_bench_is_answered_here_as_well(
        string $command,
        array $options,
        string $schema,
        callable $holds,
    ): void {
        [$exit, $out, $err] = self::command($command, '-', json_encode(self::RECIPE, JSON_THROW_ON_ERROR), $options);

        self::assertSame([0, ''], [$exit, $err]);
        $holds($this->app->make(Schemas::class)->check($schema, $out));
    }

    public function test_an_option_that_is_not_understood_is_named(): void
    {
        foreach (
            [
                ['vinculum:rebalance', '--target=sweetness', 'target'],
                ['vinculum:rescue', '--feels=fizzy:2', 'fizzy'],
                ['vinculum:rescue', '--trouble=haunted', 'curdled'],
                ['vinculum:swap', '--free-of=grief', 'grief'],
                ['vinculum:scale', '--to=loads', 'loads'],
            ] as [$command, $option, $words]
        ) {
            [$exit, $out, $err] = self::command($command, '-', json_encode(self::RECIPE, JSON_THROW_ON_ERROR), [
                $option,
            ]);
            self::assertSame([1, ''], [$exit, $out], $command);
            self::assertStringContainsString($words, $err);
            self::assertSame(1, substr_count($err, "\n"), $err);
        }
    }

    public function test_what_a_pot_looks_like_is_answered_with_what_the_hands_do(): void
    {
        [$exit, $out] = self::command('vinculum:rescue', '-', json_encode(self::RECIPE, JSON_THROW_ON_ERROR), [
            '--trouble=lumpy',
            '--have=water',
        ]);

        self::assertSame(0, $exit);
        self::assertStringContainsString('sieve', $out);
    }

    public function test_too_much_and_not_enough_of_one_taste_is_asked_about(): void
    {
        [$exit, $out, $err] = self::command('vinculum:rescue', '-', json_encode(self::RECIPE, JSON_THROW_ON_ERROR), [
            '--feels=salty:2',
            '--feels=salty:-1',
        ]);

        self::assertSame([1, ''], [$exit, $out]);
        self::assertStringContainsString('“salty” is said twice, 2 and -1', $err);
    }

    public function test_an_empty_pot_is_said_to_be_empty(): void
    {
        $recipe = self::RECIPE;
        foreach (array_keys($recipe['stages'][0]['lines']) as $i) {
            $recipe['stages'][0]['lines'][$i]['amount'] = '2 parts';
        }
        foreach (
            [
                ['vinculum:rescue', '--feels=salty:2'],
                ['vinculum:rebalance', '--target=sweetness:20'],
                ['vinculum:swap', '--free-of=gluten'],
            ] as [$command, $option]
        ) {
            [$exit, , $err] = self::command($command, '-', json_encode($recipe, JSON_THROW_ON_ERROR), [$option]);
            self::assertSame(1, $exit, $command);
            self::assertSame(1, substr_count($err, "\n"), $err);
            self::assertStringContainsString('nothing', strtolower($err), $command);
        }
    }

    public function test_a_draft_is_a_recipe_with_reasons(): void
    {
        [$exit, $out] = self::against(sys_get_temp_dir().'/no-household-yet.sqlite', 'vinculum:draft', '', [
            '--style=soy-glaze',
            '--free-of=gluten',
        ]);
        self::assertSame(0, $exit);
        $draft = json_decode($out, true, 32, JSON_THROW_ON_ERROR);

        self::assertSame('soy-glaze', $draft['recipe']['style']);
        self::assertContains('tamari', array_column($draft['reasons'], 'name'));
        self::assertSame(['sweetness', 'sourness', 'saltiness', 'umami', 'heat'], array_keys($draft['steps_after']));
    }

    public function test_a_plan_says_when_to_begin_and_prints_a_calendar(): void
    {
        $recipe = json_encode(self::RECIPE, JSON_THROW_ON_ERROR);
        [$exit, $out, $err] = self::command('vinculum:plan', '-', $recipe, [
            '--ready=2030-11-29 12:00',
            '--zone=Europe/Berlin',
        ]);
        self::assertSame([0, ''], [$exit, $err]);
        $plan = json_decode($out, true, 16, JSON_THROW_ON_ERROR);
        self::assertSame(['begin', 'tasks', 'proven', 'notes'], array_keys($plan));
        self::assertSame($plan['begin'], $plan['tasks'][0]['from']);
        self::assertSame('2030-11-29T12:00:00+01:00', $plan['tasks'][count($plan['tasks']) - 1]['to']);
        self::assertSame(['recipe', 'stage', 'kind', 'label', 'from', 'to', 'ring'], array_keys($plan['tasks'][0]));

        [$exit, $out] = self::command('vinculum:plan', '-', $recipe, ['--ready=2030-11-29 12:00', '--ics']);
        self::assertSame(0, $exit);
        self::assertStringStartsWith("BEGIN:VCALENDAR\r\n", $out);

        [$exit, , $err] = self::command('vinculum:plan', '-', $recipe, ['--ready=noonish']);
        self::assertSame(1, $exit);
        self::assertStringContainsString('2026-11-29 12:00', $err);
    }

    public function test_a_damaged_household_is_one_sentence_and_no_answer(): void
    {
        $broken = (string) tempnam(sys_get_temp_dir(), 'broken');
        file_put_contents($broken, str_repeat('not a database ', 100));
        foreach (['vinculum:analyse', 'vinculum:plan', 'vinculum:draft'] as $command) {
            $arguments = $command === 'vinculum:draft' ? ['--style=soy-glaze'] : ['-'];
            [$exit, $out, $err] = self::against(
                $broken,
                $command,
                json_encode(self::RECIPE, JSON_THROW_ON_ERROR),
                $arguments,
            );
            self::assertSame([1, ''], [$exit, $out], $command);
            self::assertSame(1, substr_count($err, "\n"), $err);
            self::assertStringContainsString('database', $err);
        }
        unlink($broken);
    }

    /**
     * @param list<string> $options
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private static function command(string $command, string $file, string $in = '', array $options = []): array
    {
        return self::against(sys_get_temp_dir().'/no-household-yet.sqlite', $command, $in, [$file, ...$options]);
    }

    /**
     * @param list<string> $arguments
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private static function against(string $database, string $command, string $in, array $arguments): array
    {
        $process = proc_open(
            [PHP_BINARY, 'artisan', $command, ...$arguments],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            Server::root(),
            ['VINCULUM_DATABASE' => $database] + getenv(),
        );
        self::assertNotFalse($process);
        fwrite($pipes[0], $in);
        fclose($pipes[0]);
        [$out, $err] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), $out, $err];
    }
}
