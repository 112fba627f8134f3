<?php

declare(strict_types=1);

namespace Tests\Support\Mutation;

/**
 * Whether a mutant dies: the tests of its room are run on it, then all of Core. A copy of a number in a document
 * kills none.
 */
final class Trial
{
    /** Seconds, with the measuring on, up to which a file of tests is quick. */
    private const QUICK = 10.0;

    /**
     * Tests that hold a number against its copy, or the text of the code: they would kill what nothing else notices.
     */
    private const COPIES = ['ConstantsTest.php', 'HouseTest.php'];

    /**
     * @param list<list<string>> $rounds tests, room first
     */
    private function __construct(
        private readonly string $root,
        private readonly array $rounds,
        private readonly ?Covering $covering,
        private readonly float $most = INF,
    ) {}

    /**
     * @param bool $ownOnly the tests of the room alone
     * @param bool $isQuick without the tests that take long
     */
    public static function in(
        string $root,
        string $room,
        ?Covering $covering,
        bool $ownOnly = false,
        bool $isQuick = false,
    ): self {
        $own = [];
        $all = self::tests($root);
        foreach ($all as $path) {
            if (
                str_starts_with($path, "{$root}/tests/Core/{$room}/")
                || (str_starts_with($path, "{$root}/tests/Reference/")
                    && str_contains((string) file_get_contents($path), "Vinculum\\{$room}\\"))
            ) {
                $own[] = $path;
            }
        }
        // what runs a place is known where it was measured; the room's own are the likeliest to notice otherwise
        $rounds = match (true) {
            $ownOnly => [$own],
            $covering !== null => [$all],
            default => [$own, array_values(array_diff($all, $own))],
        };

        return new self($root, $rounds, $covering, $isQuick ? self::QUICK : INF);
    }

    /** What is held against something outside alone: no answers and no reading. */
    public static function ofReferences(string $root, ?Covering $covering): self
    {
        $checks = array_filter(
            self::tests($root),
            static fn (string $path): bool => str_starts_with($path, "{$root}/tests/Reference/")
                && preg_match(
                    '/Vinculum.(?:Solve|Safety|Plan|Recipe.Jotted)/',
                    (string) file_get_contents($path),
                ) !== 1,
        );

        return new self($root, [array_values($checks)], $covering);
    }

    /**
     * All that may notice: Core, and of the reference checks what asks no other program, which takes its time and is
     * asked by bin/test.
     *
     * @return list<string>
     */
    public static function tests(string $root): array
    {
        $found = [];
        foreach (['Core/*', 'Core/*/*', 'Core/*/*/*', 'Reference/*'] as $folder) {
            foreach (glob("{$root}/tests/{$folder}Test.php") ?: [] as $path) {
                $text = (string) file_get_contents($path);
                if (
                    ! in_array(basename($path), self::COPIES, true)
                    && preg_match('/abstract class|python3|SciPy/', $text) !== 1
                ) {
                    $found[] = $path;
                }
            }
        }

        return $found;
    }

    /** The test that noticed; '' where none did. */
    public function killedBy(Mutant $mutant): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'mutant');
        file_put_contents($file, $mutant->code);
        try {
            foreach ($this->rounds as $round) {
                $tests = $this->covering?->thatRun($mutant, $round, $this->most) ?? $round;
                $killer = $tests === [] ? '' : Suite::run($this->root, $tests, ['VINCULUM_MUTANT' => $file]);
                if ($killer !== '') {
                    return $killer;
                }
            }
        } finally {
            unlink($file);
        }

        return '';
    }
}
