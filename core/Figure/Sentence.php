<?php

declare(strict_types=1);

namespace Vinculum\Figure;

/**
 * What a maker reads, with its numbers still numbers: "Boil off {water} of water." and water = 120 g. Whoever says it
 * knows the reader's units (Words\Speech); whoever makes it need not.
 */
final readonly class Sentence
{
    /**
     * @param array<string, Quantity|string> $slots by the name in braces
     */
    private function __construct(public string $template, public array $slots) {}

    /**
     * @param array<string, Quantity|string> $slots by the name in braces
     *
     * @throws \LogicException where a name in braces has no slot
     */
    public static function of(string $template, array $slots = []): self
    {
        preg_match_all('/\{(\w+)\}/', $template, $names);
        $missing = array_diff($names[1], array_keys($slots));
        if ($missing !== []) {
            throw new \LogicException("“{$template}” has nothing for ".implode(', ', $missing).'.');
        }

        return new self($template, $slots);
    }

    /** Words that are somebody's own, braces and all. */
    public static function plain(string $words): self
    {
        return new self('{words}', ['words' => $words]);
    }

    /**
     * One behind the other, but for those that say nothing.
     *
     * @param list<self> $sentences
     */
    public static function together(array $sentences, string $between = ' '): self
    {
        $template = [];
        $slots = [];
        foreach ($sentences as $i => $sentence) {
            if ($sentence->isEmpty()) {
                continue;
            }
            $template[] = preg_replace('/\{(\w+)\}/', '{$1_'.$i.'}', $sentence->template);
            foreach ($sentence->slots as $name => $slot) {
                $slots["{$name}_{$i}"] = $slot;
            }
        }

        return new self(implode($between, $template), $slots);
    }

    public function isEmpty(): bool
    {
        return $this->template === '';
    }
}
