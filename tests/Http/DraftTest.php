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

    public function test_what_is_not_known_names_the_field(): void
    {
        foreach ([['style', ['style' => 'no-such']], ['with[0]', ['style' => 'fruit-ketchup', 'with' => ['moonlight']]], ['free_of', ['style' => 'fruit-ketchup', 'free_of' => ['sorrow']]]] as [$field, $body]) {
            self::assertSame($field, $this->documented('failure', $this->postJson('/api/draft', $body), 422)['error']['fields'][0]['field']);
        }
    }
}
