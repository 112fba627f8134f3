<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

/** A pot nobody wrote a recipe for. */
final class PotTest extends HttpTestCase
{
    public function test_a_kind_an_amount_and_what_the_spoon_says_are_enough(): void
    {
        $pot = $this->documented(
            'pot',
            $this->postJson('/api/pot', [
                'style' => 'tomato-sweet-barbecue',
                'amount' => '900 g',
                'feels' => ['sour' => -1],
                'have' => ['cider-vinegar', 'hard-cheese'],
            ]),
        );

        self::assertSame(['cider-vinegar'], array_column($pot['options'][0]['additions'], 'ingredient'));
        [$vinegar] = $pot['options'][0]['additions'];
        self::assertLessThan($vinegar['most_g'], $vinegar['least_g'], 'as wide as what is known');
        self::assertStringContainsString('Stir in the least', $pot['note']);
    }

    public function test_too_hot_is_not_answered_with_a_bucket_of_water(): void
    {
        $pot = $this->documented(
            'pot',
            $this->postJson('/api/pot', [
                'style' => 'tomato-tangy-barbecue',
                'amount' => '1 l',
                'feels' => ['hot' => 2],
                'have' => ['sugar'],
            ]),
        );

        foreach ($pot['options'] as $option) {
            self::assertLessThan(1700, $option['pot_after_g']);
        }
        self::assertNotSame('', $pot['note']);
    }

    public function test_a_house_without_eggs_is_offered_no_mayonnaise_though_the_kind_is_made_of_it(): void
    {
        $asked = ['style' => 'white-table-sauce', 'amount' => '500 g', 'feels' => ['sour' => 2]];
        self::assertStringContainsString(
            'mayonnaise',
            json_encode($this->postJson('/api/pot', $asked)->json('options'), JSON_THROW_ON_ERROR),
        );
        $preferences = $this->getJson('/api/preferences')->json();
        $this->putJson('/api/preferences', ['never' => ['eggs']] + $preferences)->assertOk();

        self::assertStringNotContainsString(
            'mayonnaise',
            json_encode($this->postJson('/api/pot', $asked)->json('options'), JSON_THROW_ON_ERROR),
        );
    }

    public function test_what_nothing_at_hand_mends_is_said_to_be_short_or_too_much(): void
    {
        $short = $this->documented(
            'pot',
            $this->postJson('/api/pot', [
                'style' => 'mayonnaise-type',
                'amount' => '500 g',
                'feels' => ['sour' => -2],
                'have' => ['sugar'],
            ]),
        );
        $over = $this->documented(
            'pot',
            $this->postJson('/api/pot', [
                'style' => 'mayonnaise-type',
                'amount' => '500 g',
                'feels' => ['umami' => 2],
                'have' => ['sugar'],
            ]),
        );

        self::assertSame([], $short['options']);
        self::assertStringNotContainsString('too much', $short['note']);
        self::assertSame([], $over['options']);
        self::assertStringContainsString('without what is too much', $over['note']);
    }

    public function test_what_thins_it_says_so_and_that_boiling_down_is_no_way_back(): void
    {
        $salty = $this->documented(
            'pot',
            $this->postJson('/api/pot', [
                'style' => 'tomato-sweet-barbecue',
                'amount' => '1 l',
                'feels' => ['salty' => 1],
                'have' => ['water'],
            ]),
        );
        $flat = $this->documented(
            'pot',
            $this->postJson('/api/pot', [
                'style' => 'tomato-sweet-barbecue',
                'amount' => '1 l',
                'feels' => ['sour' => -1],
                'have' => ['white-vinegar'],
            ]),
        );

        self::assertStringContainsString('It will be thinner', $salty['options'][0]['note']);
        self::assertStringContainsString('Boiled down', $salty['options'][0]['note']);
        $raw = $this->documented(
            'pot',
            $this->postJson('/api/pot', [
                'style' => 'yoghurt-herb-dip',
                'amount' => '1 l',
                'feels' => ['salty' => 1],
                'have' => ['water'],
                'cooked' => false,
            ]),
        );
        self::assertNotSame([], $raw['options']);
        foreach ($raw['options'] as $option) {
            self::assertSame(trim($option['note']), $option['note']);
            self::assertStringNotContainsString('Boiled down', $option['note'], 'nobody boils a dip');
        }
        self::assertStringNotContainsString('thinner', $flat['options'][0]['note']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is sent instead, the field that is named */
    public static function slips(): iterable
    {
        yield 'no kind' => [['style' => 'no-such'], 'style'];
        yield 'nothing said' => [['feels' => (object) []], 'feels'];
        yield 'nothing in it' => [['amount' => 'lots'], 'amount'];
        yield 'a lake' => [['amount' => '5000 l'], 'amount'];
        yield 'what nobody knows' => [['have' => ['no-such']], 'have'];
    }

    /** @param array<string, mixed> $instead */
    #[DataProvider('slips')]
    public function test_what_cannot_be_read_is_named(array $instead, string $field): void
    {
        $failure = $this->documented(
            'failure',
            $this->postJson(
                '/api/pot',
                $instead + ['style' => 'tomato-sweet-barbecue', 'amount' => '900 g', 'feels' => ['salty' => 1]],
            ),
            422,
        );

        self::assertSame($field, $failure['error']['fields'][0]['field']);
    }
}
