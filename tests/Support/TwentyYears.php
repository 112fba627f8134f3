<?php

declare(strict_types=1);

namespace Tests\Support;

/** What a house asks every day, asked of a fresh one and of one that has cooked for twenty years. */
final readonly class TwentyYears
{
    private const NOTE = "Plum sauce\n\n2 kg plums\n250 g sugar\n200 ml cider vinegar\n1 onion, chopped\n\n"
        .'Simmer 40 min. Blend.';

    /** @var array<string, array{string, array<string, mixed>|null}> address and body, by what is asked */
    private array $asked;

    public function __construct(private string $url)
    {
        $id = $this->read('recipes')['recipes'][0]['id'];
        $recipe = $this->read("recipes/{$id}")['recipe'];
        $line = $recipe['stages'][0]['lines'][0]['id'];
        $style = $this->read('styles')['styles'][0]['slug'];
        $this->asked = [
            'the Shelf' => ['recipes?q=&page=0&by=family', null],
            'a word on the Shelf' => ['recipes?q=gooseberry&page=0&by=family', null],
            'a word in none' => ['recipes?q=nothing-at-all&page=0&by=family', null],
            'the Bench' => ["bench?recipe={$id}", null],
            'an evaluation' => ['evaluate', ['recipe' => $recipe]],
            'a search for an ingredient' => ['ingredients?q=vinegar', null],
            'the pantry' => ['pantry', null],
            'a note read' => ['read', ['text' => self::NOTE, 'measures' => 'metric']],
            'a swap' => ['swap', ['recipe' => $recipe, 'line' => $line]],
            'a rescue' => ['rescue', ['recipe' => $recipe, 'feels' => ['salty' => 2], 'have' => ['sugar', 'water']]],
            'a rebalance' => ['rebalance', ['recipe' => $recipe, 'style' => $style]],
            'a draft' => ['draft', ['style' => $style]],
            'the Log' => ['log', null],
            'the Log as a table' => ['log/csv', null],
            'the styles' => ['styles', null],
            'the book of a sauce' => ["recipes/{$id}/trials", null],
            'an own ingredient, looked at' => ['own-ingredients/preview', [
                'name' => 'Odd vinegar', 'like' => 'cider-vinegar', 'values' => ['acidity_percent' => 6],
            ]],
            'the makings' => ['makings', null],
            'what is on the stove' => ['cooks', null],
        ];
    }

    /**
     * @param callable(callable(): mixed, int, int): list<float> $times milliseconds, ascending, of so many turns
     * @return array<string, list<float>> by what is asked
     */
    public function timed(callable $times): array
    {
        return array_map(
            fn (array $asked): array => $times(fn () => $this->ask(...$asked), 20, 3),
            $this->asked,
        );
    }

    /** @return array<string, mixed> */
    private function read(string $path): array
    {
        return (array) json_decode((string) file_get_contents("{$this->url}/api/{$path}"), true);
    }

    /** @param array<string, mixed>|null $body */
    private function ask(string $path, ?array $body): void
    {
        $curl = curl_init("{$this->url}/api/{$path}");
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true] + ($body === null ? [] : [
            CURLOPT_POST => true,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json'],
            CURLOPT_POSTFIELDS => json_encode($body, JSON_THROW_ON_ERROR),
        ]));
        curl_exec($curl);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        if ($status !== 200) {
            throw new \RuntimeException("{$path} was answered by {$status}.");
        }
    }
}
