<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

use Vinculum\Recipe\Process;
use Vinculum\Recipe\ProcessKind;
use Vinculum\Recipe\Until;

/**
 * What is done to the pot, as the recipe format has it.
 *
 * @phpstan-type ProcessArray array{
 *     kind: string,
 *     heat?: string|null,
 *     minutes?: float|int|null,
 *     until?: array<string, float|int>|null,
 *     pan_cm?: float|int|null,
 *     temperature_c?: float|int|null,
 *     from_cold?: bool|null,
 *     lid?: bool|null,
 * }
 */
final class ProcessDocument
{
    /**
     * @param ProcessArray $process
     */
    public static function read(array $process): Process
    {
        $until = null;
        foreach (Until::KEYS as $kind) {
            if (isset($process['until'][$kind])) {
                $until = new Until($kind, (float) $process['until'][$kind]);
            }
        }
        $float = static fn (float|int|null $value): ?float => $value === null ? null : (float) $value;

        return new Process(
            ProcessKind::from($process['kind']),
            $process['heat'] ?? null,
            $float($process['minutes'] ?? null),
            $until,
            $float($process['pan_cm'] ?? null),
            $process['lid'] ?? null,
            array_filter($process, static fn (string $key): bool => str_starts_with($key, 'x-'), ARRAY_FILTER_USE_KEY),
            $float($process['temperature_c'] ?? null),
            $process['from_cold'] ?? null,
        );
    }

    /**
     * What is not said is left out.
     *
     * @return array<string, mixed>
     */
    public static function write(Process $process): array
    {
        $until = $process->until;

        return array_filter(
            [
                'kind' => $process->kind->value,
                'heat' => $process->heat,
                'minutes' => $process->minutes,
                'until' => $until === null ? null : [$until->kind => $until->value],
                'pan_cm' => $process->panCm,
                'lid' => $process->lid,
                'temperature_c' => $process->celsius,
                'from_cold' => $process->fromCold,
            ],
            static fn (mixed $value): bool => $value !== null,
        ) + $process->extra;
    }
}
