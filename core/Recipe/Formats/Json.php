<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

/** Reads JSON into arrays, but leaves what stands under a key beginning "x-" as it came, so that {} stays {}. */
final class Json
{
    private const DEPTH = 64;

    /**
     * @throws \JsonException
     */
    public static function decode(string $json): mixed
    {
        return json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<array-key, mixed> $document
     */
    public static function encode(array $document): string
    {
        return json_encode(
            $document,
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public static function arrays(mixed $value): mixed
    {
        if ($value instanceof \stdClass) {
            $array = [];
            foreach (get_object_vars($value) as $key => $member) {
                $array[$key] = str_starts_with((string) $key, 'x-') ? $member : self::arrays($member);
            }

            return $array;
        }

        return is_array($value) ? array_map(self::arrays(...), $value) : $value;
    }

    /**
     * The object or list that a text is; null where it is neither.
     *
     * @return array<array-key, mixed>|null
     */
    public static function object(string $text): ?array
    {
        if (! str_starts_with($text, '{') && ! str_starts_with($text, '[')) {
            return null;
        }
        try {
            $read = self::arrays(self::decode($text));
        } catch (\JsonException) {
            return null;
        }

        return is_array($read) ? $read : null;
    }
}
