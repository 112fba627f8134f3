<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever is looked for by a word, from anywhere. */
final class FindTest extends HttpTestCase
{
    private const SAUCE = [
        'format' => 'vinculum-recipe', 'version' => 1, 'name' => 'Gooseberry relish', 'style' => null,
        'measures' => 'metric', 'stages' => [['id' => 's1', 'name' => 'First', 'lines' => [
            ['id' => 'l1', 'ingredient' => 'gooseberry', 'amount' => '1 kg'],
        ]]],
    ];

    /** @return array<string, list<array{name: string, text: string, to: string}>> by the group's name */
    private function found(string $typed, string $recipe = ''): array
    {
        $answer = $this->documented(
            'found',
            $this->getJson('/api/find?'.http_build_query(['q' => $typed, 'recipe' => $recipe])),
        );

        return array_column($answer['groups'], 'things', 'name');
    }

    public function test_a_word_finds_recipes_batches_ingredients_kinds_and_what_can_be_begun(): void
    {
        $id = $this->postJson('/api/recipes', ['recipe' => self::SAUCE])->json('id');
        $batch = $this->postJson("/api/recipes/{$id}/batches", [])->assertSuccessful()->json();
        $found = $this->found('gooseberr');
        self::assertSame("/bench/{$id}", $found['Recipes'][0]['to']);
        self::assertSame("/log/{$batch['id']}", $found['In the Log'][0]['to']);
        self::assertSame('/pantry?open=gooseberry', $found['In the Pantry'][0]['to']);
        self::assertStringStartsWith('/begin?with=', $this->found('plums')['To do'][0]['to']);
        self::assertStringStartsWith('/begin?kind=', $this->found('ketchup')['Kinds of sauce'][0]['to']);
    }

    /** @return iterable<string, array{string, string}> a wish, and where it leads with a recipe on the screen */
    public static function wishes(): iterable
    {
        yield 'twice as much' => ['twice as much', '/batch/r1'];
        yield 'less salty' => ['less salty', '/bench/r1'];
        yield 'no egg' => ['no egg', '/bench/r1'];
        yield '2 kg plums' => ['2 kg plums', '/batch/r1'];
        yield 'safe to keep' => ['safe to keep', '/bench/r1'];
        yield 'how long' => ['how long', '/bench/r1'];
        yield 'Saturday noon' => ['Saturday noon', '/when?recipe=r1'];
        yield 'what changed' => ['what changed', '/trials/r1'];
        yield 'print it' => ['print it', '/card/r1'];
        yield 'send it to my sister' => ['send it to my sister', '/card/r1'];
        yield 'grams' => ['grams', '/batch/r1'];
        yield 'undo' => ['undo', '/bench/r1'];
    }

    #[DataProvider('wishes')]
    public function test_ten_wishes_lead_to_the_right_screen_of_the_right_sauce(string $typed, string $with): void
    {
        $first = $this->found($typed, 'r1')['To do'][0]['to'] ?? '';

        self::assertSame($with, $first);
    }

    public function test_without_a_recipe_nothing_leads_to_one(): void
    {
        foreach (self::wishes() as [$typed]) {
            foreach ($this->found($typed)['To do'] ?? [] as $door) {
                self::assertStringNotContainsString('{', $door['to']);
                self::assertDoesNotMatchRegularExpression('#^/(?:bench|card|trials|labels|batch)/#', $door['to']);
            }
        }
    }

    public function test_nothing_and_nonsense_say_what_to_do(): void
    {
        foreach (['' => 'Type a recipe', 'zzqx' => 'Nothing here is called “zzqx”.', '%00' => ''] as $typed => $said) {
            $answer = $this->documented('found', $this->getJson('/api/find?q='.urlencode((string) $typed)));
            self::assertStringContainsString($said, $answer['none_text']);
        }
        $this->documented('found', $this->getJson('/api/find'));
        $this->getJson('/api/find?q[]=a')->assertStatus(422);
    }
}
