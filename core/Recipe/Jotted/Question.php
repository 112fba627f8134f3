<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted;

/** Something a jotted line leaves open: shown with the best guesses, never decided silently. */
final readonly class Question
{
    /**
     * @param int $line of the text, from 1
     * @param string $id of the line of the recipe it is about; '' for none
     * @param string $about amount or ingredient
     * @param list<string> $guesses best first; the first is what stands in the recipe
     * @param string $words words that mean several things, which a household may mean one by; '' for none
     */
    public function __construct(
        public int $line,
        public string $id,
        public string $text,
        public string $about,
        public string $ask,
        public array $guesses,
        public string $words = '',
    ) {}
}
