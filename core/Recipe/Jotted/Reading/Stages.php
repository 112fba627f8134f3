<?php

declare(strict_types=1);

namespace Vinculum\Recipe\Jotted\Reading;

use Vinculum\Amount\Kitchenware;
use Vinculum\Pantry\Catalogue;
use Vinculum\Recipe\Jotted\MethodReader;
use Vinculum\Recipe\Jotted\Staging;
use Vinculum\Recipe\Jotted\Step;
use Vinculum\Recipe\Line;
use Vinculum\Recipe\Stage;

/** The stages of a recipe, from its lines in their parts and from what its method says is done. */
final class Stages
{
    /** @var array<string, string> what each stage was made of, by its id */
    public array $said = [];

    /**
     * @param array<string, string> $words what each line was called, by id
     * @param array<string, int> $standsIn the line of the text each stands in, by id
     */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Kitchenware $kit,
        private readonly array $words,
        private readonly array $standsIn,
    ) {}

    /**
     * What is done stands behind the whole list, or behind each part of it; then it is done to that part.
     *
     * @param list<array{name: string, lines: list<Line>}> $groups
     * @param list<array{string, int}> $methods what is done, and the part it stands under
     * @return array{list<Stage>, list<string>} the stages, and what was said besides
     */
    public function of(array $groups, array $methods): array
    {
        $reading = $this->catalogue->vocabulary->words['reading'];
        $method = new MethodReader(
            $this->kit,
            $reading['verbs'],
            $reading['timed'],
            $reading['besides'],
        );
        $staging = new Staging($this->catalogue, $this->kit, $this->words, $this->standsIn);
        $last = 0;
        foreach ($groups as $g => $group) {
            $last = $group['lines'] === [] ? $last : $g;
        }
        $isInParts = array_filter($methods, static fn (array $done): bool => $done[1] < $last) !== [];
        $stages = [];
        $besides = [];
        foreach ($isInParts ? $groups : [] as $g => $group) {
            $done = array_filter($methods, static fn (array $done): bool => $done[1] === $g);
            [$steps, $said] = $method->read(array_column($done, 0));
            [$steps, $left] = $staging->worthAStage([$group], $steps);
            $said = [...$said, ...$left];
            $this->say($steps, count($stages));
            $stages = [...$stages, ...$staging->of([$group], $steps)];
            $besides = [...$besides, ...$said];
        }
        if (! $isInParts || count($stages) > Staging::MOST_STAGES) {
            [$steps, $besides] = $method->read(array_column($methods, 0));
            [$steps, $left] = $staging->worthAStage($groups, $steps);
            $besides = [...$besides, ...$left];
            $this->said = [];
            $this->say($steps, 0);

            return [$staging->of($groups, $steps), $besides];
        }
        foreach ($stages as $i => $stage) {
            $stages[$i] = $stage->called('s'.($i + 1));
        }

        return [$stages, $besides];
    }

    /** @param list<Step> $steps */
    private function say(array $steps, int $before): void
    {
        foreach ($steps as $s => $step) {
            $this->said['s'.($before + $s + 1)] = $step->words;
        }
    }
}
