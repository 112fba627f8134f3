<?php

declare(strict_types=1);

namespace App\Support;

/**
 * A list changed in two places at once: what somebody changed of the list they saw is done to the list as it is now,
 * so that
 * nobody's change takes another's away.
 */
final class Merge
{
    /**
     * @template T
     *
     * @param list<T> $now as it is kept
     * @param list<T> $was as whoever changes it saw it
     * @param list<T> $wanted as they want it
     * @param callable(T): string $key what makes two of them the same one
     * @return list<T>
     */
    public static function lists(array $now, array $was, array $wanted, callable $key): array
    {
        [$now, $was, $wanted] = array_map(
            static fn (array $list): array => array_combine(array_map($key, $list), $list),
            [$now, $was, $wanted],
        );
        // what they took away, then what they added or changed; what they left as it was stays as it is now
        $merged = array_diff_key($now, array_diff_key($was, $wanted));
        foreach ($wanted as $name => $each) {
            if (! isset($was[$name]) || $was[$name] != $each) {
                $merged[$name] = $each;
            }
        }

        return array_values($merged);
    }

    /**
     * The same for a document of fields; lists in it are taken whole, but for those that have a key.
     *
     * @param array<string, mixed> $now
     * @param array<string, mixed> $was
     * @param array<string, mixed> $wanted
     * @param array<string, callable(mixed): string> $keys what makes two of a list the same, by field
     * @return array<string, mixed>
     */
    public static function fields(array $now, array $was, array $wanted, array $keys): array
    {
        $merged = $now;
        foreach ($wanted as $field => $value) {
            if (isset($keys[$field])) {
                $list = static fn (array $of): array => array_values((array) ($of[$field] ?? []));
                $merged[$field] = self::lists($list($now), $list($was), $list($wanted), $keys[$field]);
            } elseif (! array_key_exists($field, $was) || $was[$field] != $value) {
                $merged[$field] = $value;
            }
        }

        return $merged;
    }
}
