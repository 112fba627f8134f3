<?php

declare(strict_types=1);

namespace Tests\Http;

use App\House\HousePdo;
use Illuminate\Support\Facades\DB;
use PDO;
use Tests\Support\Server;

/** Several tabs and phones write at once: each takes its turn, and none is refused. */
final class WritersTest extends HttpTestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'writers');
        $pdo = $this->opened();
        $pdo->exec('PRAGMA journal_mode = WAL; CREATE TABLE jars (n INTEGER)');
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->file}*") ?: []);
        parent::tearDown();
    }

    public function test_the_house_is_opened_so_that_writers_take_turns(): void
    {
        self::assertInstanceOf(HousePdo::class, DB::connection()->getPdo());
    }

    public function test_a_writer_waits_before_it_reads_and_not_when_it_is_too_late(): void
    {
        [$one, $other] = [$this->opened(), $this->opened(0)];
        $one->beginTransaction();
        try {
            $other->beginTransaction();
            self::fail('Both have the pen.');
        } catch (\PDOException $why) {
            self::assertStringContainsString('locked', $why->getMessage());
        }
        $one->exec('INSERT INTO jars VALUES (1)');
        $one->commit();

        // what was read is still so when it is written
        $other->beginTransaction();
        self::assertSame(1, $other->query('SELECT count(*) FROM jars')?->fetchColumn());
        self::assertSame(1, $other->exec('INSERT INTO jars VALUES (2)'));
        $other->rollBack();
        self::assertFalse($other->inTransaction());
        self::assertSame(1, $one->query('SELECT count(*) FROM jars')?->fetchColumn());
    }

    public function test_who_only_reads_of_one_moment_keeps_nobody_from_writing_and_sees_none_of_it(): void
    {
        [$reader, $writer] = [$this->opened(0), $this->opened(0)];
        $seen = $reader->ofOneMoment(static function () use ($reader, $writer): array {
            $count = static fn (): mixed => $reader->query('SELECT count(*) FROM jars')?->fetchColumn();
            $before = $count();
            $writer->beginTransaction();
            $writer->exec('INSERT INTO jars VALUES (1)');
            $writer->commit();

            return [$before, $count()];
        });

        self::assertSame([0, 0], $seen);
        self::assertSame(1, $reader->query('SELECT count(*) FROM jars')?->fetchColumn());
    }

    public function test_eight_at_once_are_all_taken_down(): void
    {
        $server = Server::start(true);
        try {
            $recipe = json_decode((string) file_get_contents("{$server->url}/api/recipes"), true)['recipes'][0]['id'];
            self::assertSame(
                array_fill(0, 8, 201),
                self::posted(array_fill(0, 8, "{$server->url}/api/recipes/{$recipe}/batches"), '{}'),
            );
            $batches = json_decode((string) file_get_contents("{$server->url}/api/log"), true)['batches'];
            self::assertSame(array_unique(array_column($batches, 'number')), array_column($batches, 'number'));
            $jars = '{"count": 1, "size_ml": 250}';
            self::assertSame(
                array_fill(0, 8, 200),
                self::posted(array_fill(0, 8, "{$server->url}/api/batches/{$batches[0]['id']}/jars"), $jars),
            );
            $filled = json_decode((string) file_get_contents("{$server->url}/api/batches/{$batches[0]['id']}"), true)[
                'jars'
            ];
            self::assertSame(range('A', 'H'), array_column($filled, 'label'));
        } finally {
            $server->stop();
        }
    }

    /**
     * @param list<string> $urls
     * @return list<int> what each was answered
     */
    private static function posted(array $urls, string $body): array
    {
        $many = curl_multi_init();
        $asked = [];
        foreach ($urls as $url) {
            $asked[] = $each = curl_init($url) ?: throw new \RuntimeException("{$url} cannot be asked.");
            curl_setopt_array($each, [
                CURLOPT_POST => true,
                CURLOPT_POSTFIELDS => $body,
                CURLOPT_HTTPHEADER => ['Content-Type: application/json'],
                CURLOPT_RETURNTRANSFER => true,
            ]);
            curl_multi_add_handle($many, $each);
        }
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.1);
        } while ($running > 0);

        return array_map(static fn ($each): int => curl_getinfo($each, CURLINFO_RESPONSE_CODE), $asked);
    }

    private function opened(int $waits = 5000): HousePdo
    {
        $pdo = new HousePdo("sqlite:{$this->file}", null, null, [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $pdo->exec("PRAGMA busy_timeout = {$waits}");

        return $pdo;
    }
}
