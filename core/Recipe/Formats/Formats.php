<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Formats;

/** Every format there is, in the order a text is tried. */
final class Formats
{
    /** @var list<class-string<Format>> */
    private const ALL = [
        VinculumJson::class,
        HtmlCard::class,
        JsonLd::class,
        Sheet::class,
        Markdown::class,
        PlainText::class,
    ];

    /** @return list<Format> */
    public static function all(): array
    {
        return array_map(static fn (string $class): Format => new $class, self::ALL);
    }

    /** The first that a text is of; plain text is always one. */
    public static function of(string $text): ReadsText
    {
        foreach (self::all() as $format) {
            if ($format instanceof ReadsText && $format->isOf($text)) {
                return $format;
            }
        }
        throw new \LogicException('Plain text reads anything.');
    }

    /** @return array<string, WritesText> by name */
    public static function writers(): array
    {
        $writers = [];
        foreach (self::all() as $format) {
            if ($format instanceof WritesText) {
                $writers[$format->name()] = $format;
            }
        }

        return $writers;
    }
}
