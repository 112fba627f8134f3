<?php

declare(strict_types=1);

namespace Tests\Http;

/** A first recipe of a kind, over HTTP. */
final class DraftTest extends HttpTestCase
{
    public function test_a_crate_of_plums_becomes_a_ketchup_with_a_reason_for_each_line(): void
    {
        $draft = $this->documented('draft', $this->postJson('/api/draft', ['style' => 'fruit-ketchup', 'with' => ['1.2 kg plums']]));

        self::assertSame('reached', $draft['status']);
        self::assertSame(['plums', '1200 g'], [$draft['reasons'][0]['name'], $draft['reasons'][0]['amount']]);
        foreach ($draft['reasons'] as $reason) {
            self::assertNotSame('', $reason['why']);
        }
        // it is a recipe like any other
        $kept = $this->documented('recipe-record', $this->postJson('/api/recipes', ['recipe' => $draft['recipe']]), 201);
        self::assertSame('fruit-ketchup', $kept['recipe']['style']);
        foreach ($kept['recipe']['stages'] as $stage) {
            foreach ($stage['lines'] as $line) {
                self::assertArrayNotHasKey('lock', $line);
            }
        }
    }

    public function test_what_there_is_to_begin_from(): void
    {
        $begin = $this->documented('begin', $this->getJson('/api/begin'));
        self::assertCount(32, $begin['directions']);
        self::assertSame([[], []], [$begin['built_on'], $begin['tastes']]);
        $chosen = $this->documented('begin', $this->getJson('/api/begin?style=fruit-ketchup'));
        self::assertSame('plum', $chosen['built_on'][0]['slug']);
        self::assertSame(['sour', 'sweet', 'salt'], array_column($chosen['tastes'], 'taste'));
        foreach (['/api/begin?style=no-such', '/api/begin?style[]=1'] as $address) {
            self::assertSame('style', $this->documented('failure', $this->getJson($address), 422)['error']['fields'][0]['field']);
        }
    }

    public function test_what_is_on_hand_is_offered_and_what_is_left_out_is_out(): void
    {
        $this->putJson('/api/pantry/apple/on-hand', ['have' => true])->assertSuccessful();
        $mains = array_column($this->getJson('/api/begin?style=fruit-ketchup')->json('built_on'), 'why', 'slug');
        self::assertSame('on hand', $mains['apple'] ?? null);
        $draft = $this->documented('draft', $this->postJson('/api/draft', ['style' => 'vinegar-pepper-mop', 'without' => ['cayenne']]));
        self::assertNotContains('cayenne', array_column($draft['reasons'], 'name'));
        self::assertSame(['Sweet', 'Sour', 'Salty', 'Umami', 'Heat'], array_column($draft['columns'], 'label'));
    }

    public function test_what_is_not_known_names_the_field(): void
    {
        foreach ([['style', ['style' => 'no-such']], ['with[0]', ['style' => 'fruit-ketchup', 'with' => ['moonlight']]], ['free_of', ['style' => 'fruit-ketchup', 'free_of' => ['sorrow']]], ['without[0]', ['style' => 'fruit-ketchup', 'without' => ['moonlight']]]] as [$field, $body]) {
            self::assertSame($field, $this->documented('failure', $this->postJson('/api/draft', $body), 422)['error']['fields'][0]['field']);
        }
    }
}
