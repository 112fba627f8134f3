<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Carbon;

/** A recipe as it stood, one version a sitting, looked at and brought back. */
final class VersionsTest extends HttpTestCase
{
    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_a_sitting_is_one_version_and_it_can_be_brought_back_and_that_taken_back(): void
    {
        Carbon::setTestNow(Carbon::create(2026, 11, 20, 10));
        $kept = $this->kept();
        self::assertSame([], $this->versions($kept['id']));

        Carbon::setTestNow(Carbon::create(2026, 11, 21, 10));
        foreach (['1 1/2 cup', '1 3/4 cup', '2 cup'] as $i => $amount) {
            Carbon::setTestNow(Carbon::create(2026, 11, 21, 10, $i));
            $kept = $this->changed($kept, $amount);
        }
        $versions = $this->versions($kept['id']);
        self::assertCount(1, $versions);
        $beside = $this->documented(
            'beside',
            $this->getJson("/api/recipes/{$kept['id']}/versions/{$versions[0]['id']}/beside"),
        );
        self::assertSame([['name' => 'white sugar', 'one' => '1 1/4 cup', 'other' => '2 cup']], $beside['lines']);

        $back = $this->documented(
            'recipe-record',
            $this->postJson("/api/recipes/{$kept['id']}/versions/{$versions[0]['id']}/bring-back", []),
        );
        self::assertSame('1 1/4 cup', $back['recipe']['stages'][0]['lines'][1]['amount']);
        $versions = $this->versions($kept['id']);
        self::assertCount(2, $versions);
        $again = $this->documented(
            'recipe-record',
            $this->postJson("/api/recipes/{$kept['id']}/versions/{$versions[0]['id']}/bring-back", []),
        );
        self::assertSame('2 cup', $again['recipe']['stages'][0]['lines'][1]['amount']);
    }

    public function test_what_was_made_is_a_version_that_says_so(): void
    {
        $kept = $this->kept();
        $this->postJson("/api/recipes/{$kept['id']}/batches", [])->assertCreated();
        self::assertSame('no. 1', $this->versions($kept['id'])[0]['made_as']);
        $this->postJson("/api/recipes/{$kept['id']}/batches", [])->assertCreated();
        self::assertSame(
            ['no. 1 no. 2'],
            array_column($this->versions($kept['id']), 'made_as'),
            'the same recipe twice is one version',
        );
    }

    /**
     * @param array<string, mixed> $kept
     * @return array<string, mixed>
     */
    private function changed(array $kept, string $amount): array
    {
        $recipe = $kept['recipe'];
        $recipe['stages'][0]['lines'][1]['amount'] = $amount;

        return $this->documented(
            'recipe-record',
            $this->putJson(
                "/api/recipes/{$kept['id']}",
                ['recipe' => $recipe],
                ['If-Match' => (string) $kept['revision']],
            ),
        );
    }

    /** @return list<array<string, mixed>> */
    private function versions(string $recipe): array
    {
        return $this->documented('version-list', $this->getJson("/api/recipes/{$recipe}/versions"))['versions'];
    }
}
