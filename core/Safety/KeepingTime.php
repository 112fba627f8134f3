<?php

declare(strict_types=1);

namespace Vinculum\Safety;

use Vinculum\Pantry\KeepingPage;
use Vinculum\Safety\Keeping\Keepers;
use Vinculum\Safety\Keeping\Things;

/**
 * How long a sauce keeps, cautiously: the shortest that anything in it, as it was treated, and the sauce as a whole
 * allow, each by its row of database/keeping.txt. What makers say stands beside it, with the reason and who decides.
 * Never a promise.
 *
 * @phpstan-import-type KeepingRow from KeepingPage
 * @phpstan-import-type KeptFor from KeepingPage
 */
final readonly class KeepingTime
{
    /** pH of a meter that is asked for where an estimate is not enough; US Food Code table A, and a little under it. */
    private const METERED = 4.0;

    /**
     * @param string $row of the page, which decides
     * @param string $kind as it is read
     * @param list<string> $names of what decides; none where it is the sauce as a whole
     * @param int $fridgeDays closed, cold; 0 where it is not to be kept at all
     * @param int $openedDays once it is opened
     * @param int $frozenMonths for its quality; 0 where it does not freeze well
     * @param string $makers what makers commonly say
     * @param int $meteredDays what a calibrated meter at 4.0 or less would make of it
     */
    private function __construct(
        public string $row,
        public string $kind,
        public array $names,
        public int $fridgeDays,
        public int $openedDays,
        public int $frozenMonths,
        public string $makers,
        public string $why,
        public string $rule,
        public int $meteredDays,
    ) {}

    /**
     * Null for an empty pot, and for a bought thing, which keeps as its label says.
     *
     * @param list<Caution>|null $cautions of that sauce, where they are known already
     */
    public static function of(Facts $sauce, ?array $cautions = null): ?self
    {
        if (($sauce->isEmpty() && $sauce->unknown() === []) || $sauce->isBoughtAlone() || $sauce->mass() <= 0.0) {
            return null;
        }
        foreach ($cautions ?? Cautions::of($sauce) as $caution) {
            if ($caution->forbids) {
                $hazards = $sauce->cooked->weighed->vocabulary->words['hazards'];
                $words = $hazards[$caution->code]['name'] ?? $caution->code;

                return new self($caution->code, $words, [], 0, 0, 0, '', '', $caution->rule, 0);
            }
        }
        $found = self::found($sauce);
        $rows = self::rows($sauce, $found, Keepers::of($sauce));
        $days = array_column(array_column($rows, 'time'), 'fridge');
        // what keeps short in itself is named before what is kept by the same as the whole
        $shortest = array_filter($rows, static fn (array $row): bool => $row['time']['fridge'] === min($days));
        usort($shortest, static fn (array $a, array $b): int => [$a['time']['when'] !== [], $a['row'] !== 'whole']
            <=> [$b['time']['when'] !== [], $b['row'] !== 'whole']);
        $decides = $shortest[0];
        $metered
            = $sauce->measuredPh !== null
                ? $rows
                : self::rows($sauce, $found, Keepers::of($sauce, self::METERED));

        return new self(
            $decides['row'],
            $decides['name'],
            $decides['things'],
            min($days),
            min(array_column(array_column($rows, 'time'), 'opened')),
            min(array_column(array_column($rows, 'time'), 'frozen')),
            $decides['time']['makers'],
            $decides['time']['why'],
            $decides['time']['rule'],
            min(array_column(array_column($metered, 'time'), 'fridge')),
        );
    }

    /** "fridge, 4 weeks" */
    public function short(): string
    {
        return $this->fridgeDays === 0 ? 'not to be kept' : 'fridge, '.self::days($this->fridgeDays);
    }

    public function text(): string
    {
        if ($this->fridgeDays === 0) {
            return 'Not to be kept, and not to be eaten like this: see what to stop at.';
        }
        $frozen
            = $this->frozenMonths === 0
                ? 'It does not freeze well.'
                : 'Frozen: '.self::months($this->frozenMonths).', for its quality.';
        $opened = $this->openedDays === $this->fridgeDays ? '' : ' Opened: '.self::days($this->openedDays).'.';
        $things = $this->names === [] ? '' : ': '.implode(', ', $this->names);
        $metered
            = $this->meteredDays <= $this->fridgeDays
                ? ''
                : ' A calibrated meter that reads 4.0 or less makes it '.self::days($this->meteredDays).'.';

        return 'In the fridge, '
            .self::days($this->fridgeDays)
            .': the cautious figure. '
            .($this->makers === '' ? 'Makers keep it longer.' : "Makers say {$this->makers}.")
            ."{$opened} {$frozen} "
            .ucfirst($this->why)
            ." ({$this->kind}{$things}).{$metered} Look, smell, and throw it away when in doubt.";
    }

    /** @return array<string, list<int>> places of the lines that each row is about, by row; what is in none, too */
    private static function found(Facts $sauce): array
    {
        $things = new Things($sauce);
        $found = array_filter(array_map($things->of(...), $sauce->cooked->weighed->vocabulary->words['keeping']));
        $others = array_diff(
            array_keys($sauce->present() + $sauce->unknown()),
            ...array_values($found),
        );

        return $others === [] ? $found : ['of-no-kind' => array_values($others)] + $found;
    }

    /**
     * @param array<string, list<int>> $found
     * @return non-empty-list<array{row: string, name: string, things: list<string>, time: KeptFor}>
     */
    private static function rows(Facts $sauce, array $found, Keepers $keepers): array
    {
        $table = $sauce->cooked->weighed->vocabulary->words['keeping'];
        $rows = [];
        foreach ($found as $slug => $places) {
            if ($table[$slug]['times'] !== []) {
                $rows[] = self::row($slug, $table[$slug], $sauce, $places, $keepers);
            }
        }
        foreach ($found['own'] ?? [] as $place) {
            $keeps = $sauce->cooked->weighed->lines[$place]->ingredient->keeps ?? null;
            if ($keeps !== null) {
                $own = self::row('own', $table['own'], $sauce, [$place], $keepers);
                $rows[] = ['time' => $keeps + $own['time']] + $own;
            }
        }

        return [...$rows, self::row('whole', $table['whole'], $sauce, [], $keepers)];
    }

    /**
     * @param KeepingRow $row
     * @param list<int> $places
     * @return array{row: string, name: string, things: list<string>, time: KeptFor}
     */
    private static function row(string $slug, array $row, Facts $sauce, array $places, Keepers $keepers): array
    {
        $longest = $row['times'][0];
        foreach ($row['times'] as $time) {
            if ($time['fridge'] > $longest['fridge'] && $keepers->hold($time['when'])) {
                $longest = $time;
            }
        }
        $names = array_map(
            static fn (int $place): string => $sauce->cooked->weighed->lines[$place]->ingredient?->shortName()
                ?? $sauce->cooked->weighed->lines[$place]->line->ingredient,
            $places,
        );

        return [
            'row' => $slug,
            'name' => $row['name'],
            'things' => array_values(array_unique($names)),
            'time' => $longest,
        ];
    }

    private static function days(int $days): string
    {
        return match (true) {
            $days === 1 => '1 day',
            $days < 14 || ($days % 7 !== 0 && $days < 60) => "{$days} days",
            $days < 60 => intdiv($days, 7).' weeks',
            default => self::months(intdiv($days, 30)),
        };
    }

    private static function months(int $months): string
    {
        return $months === 1 ? '1 month' : "{$months} months";
    }
}
