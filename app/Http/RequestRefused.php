<?php

declare(strict_types=1);

namespace App\Http;

/** A request that is answered with a reason instead: the status, a code, and a sentence for whoever asked. */
final class RequestRefused extends \RuntimeException
{
    /**
     * @param list<array{field: string, message: string}> $fields
     * @param array<string, mixed> $beside further members of the answer
     */
    public function __construct(
        public readonly int $status,
        public readonly string $reason,
        string $message,
        public readonly array $fields = [],
        public readonly array $beside = [],
    ) {
        parent::__construct($message);
    }

    public static function notJson(): self
    {
        return new self(415, 'not-json', 'Send the body as application/json.');
    }

    public static function otherMethod(): self
    {
        return new self(
            405,
            'other-method',
            'Ask with the method that is meant; none is taken from a header or a field.',
        );
    }

    public static function onceOnly(string $name): self
    {
        return new self(422, 'invalid', "{$name} is given as a list. Expected: one text, such as ?{$name}=plum.", [
            ['field' => $name, 'message' => 'Expected: one text.'],
        ]);
    }

    /** What is kept cannot be read any more; it can still be had as text. */
    public static function broken(string $why): self
    {
        return new self(
            422,
            'broken',
            "This recipe is kept, and cannot be opened: {$why} Open it as text to save what is in it.",
        );
    }

    public static function malformedJson(): self
    {
        return new self(400, 'malformed-json', 'The body is not JSON that can be read.');
    }

    public static function tooLarge(int $most): self
    {
        return new self(413, 'too-large', 'The body is too large: at most '.intdiv($most, 1024).' kB.');
    }

    public static function otherHost(): self
    {
        return new self(
            421,
            'other-host',
            'This address is not served here. Open Vinculum at the address it printed when it started.',
        );
    }

    public static function otherOrigin(): self
    {
        return new self(403, 'other-origin', 'Requests from other sites are not answered.');
    }

    public static function revisionNeeded(): self
    {
        return new self(
            428,
            'revision-needed',
            'Say which revision you are changing, in an If-Match header such as "3".',
        );
    }
}
