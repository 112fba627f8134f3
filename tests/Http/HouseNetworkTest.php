<?php

declare(strict_types=1);

namespace Tests\Http;

use App\House\Door;
use App\Models\Device;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** The house network: nobody comes in who is not known, and on the machine itself nobody is asked. */
final class HouseNetworkTest extends HttpTestCase
{
    private const OUTSIDE = [
        'VINCULUM_AT' => 'house',
        'VINCULUM_HOSTS' => 'kitchen.local 192.168.1.5',
        'HTTP_HOST' => 'kitchen.local:8443',
        'HTTPS' => 'on',
        'CONTENT_TYPE' => 'application/json',
        'HTTP_ACCEPT' => 'application/json',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        RateLimiter::clear('door 127.0.0.1');
    }

    public function test_every_route_is_closed_to_whoever_is_not_known(): void
    {
        $walked = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            /** @var Route $route */
            if ($route->uri() === 'sign-in') {
                continue;
            }
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                $path = '/'.preg_replace('/\{[^}]+\}/', '1', $route->uri());
                $response = $this->outside($method, $path);
                if (str_starts_with($path, '/api/')) {
                    self::assertSame(
                        'sign-in',
                        $this->documented('failure', $response, 401)['error']['code'],
                        "{$method} {$path}",
                    );
                } else {
                    self::assertSame(
                        [302, '/sign-in'],
                        [$response->getStatusCode(), $response->headers->get('Location')],
                        "{$method} {$path}",
                    );
                }
                $walked++;
            }
        }
        self::assertGreaterThan(70, $walked);
    }

    public function test_the_passphrase_lets_a_device_in_and_a_removed_device_is_out(): void
    {
        $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'sour plums in june'])->assertOk();
        [$cookies, $response] = $this->signIn('sour plums in june', 'the kitchen phone');
        self::assertSame('/', parse_url((string) $response->headers->get('Location'), PHP_URL_PATH));
        $this->documented('recipe-list', $this->outside('GET', '/api/recipes', $cookies));
        $door = $this->documented('door', $this->getJson('http://127.0.0.1/api/house/door'));
        self::assertSame(['the kitchen phone'], array_column($door['devices'], 'name'));

        $this->deleteJson("http://127.0.0.1/api/house/devices/{$door['devices'][0]['id']}")->assertNoContent();
        $this->documented('failure', $this->outside('GET', '/api/recipes', $cookies), 401);
    }

    public function test_the_cookie_is_for_https_and_this_site_only_and_no_script_reads_it(): void
    {
        $cookie = $this->outside('GET', '/sign-in')->headers->getCookies()[0];

        self::assertTrue($cookie->isSecure());
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('strict', $cookie->getSameSite());
        self::assertSame(
            [],
            $this->getJson('http://127.0.0.1/api/recipes')->headers->getCookies(),
            'on the machine itself there is none',
        );
    }

    public function test_six_digits_let_one_device_in_once_and_for_some_minutes(): void
    {
        $digits = $this->documented('pairing', $this->postJson('http://127.0.0.1/api/house/pairing', []))['digits'];
        self::assertMatchesRegularExpression('/^\d{6}$/', $digits);
        [$cookies] = $this->signIn($digits);
        self::assertSame(200, $this->outside('GET', '/api/recipes', $cookies)->getStatusCode());
        self::assertSame(403, $this->signIn($digits)[1]->getStatusCode(), 'they open once');

        $digits = $this->documented('pairing', $this->postJson('http://127.0.0.1/api/house/pairing', []))['digits'];
        $this->travel(Door::DIGITS_LAST + 1)->seconds();
        self::assertSame(403, $this->signIn($digits)[1]->getStatusCode());
        $this->travelBack();
    }

    public function test_who_tries_too_often_waits(): void
    {
        $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'sour plums in june'])->assertOk();
        $statuses = [];
        for ($i = 0; $i < 7; $i++) {
            $statuses[] = $this->signIn("guess {$i}")[1]->getStatusCode();
        }
        self::assertSame([403, 403, 403, 403, 403, 429, 429], $statuses);
        self::assertSame(429, $this->signIn('sour plums in june')[1]->getStatusCode(), 'the right word as well');
    }

    public function test_whoever_guesses_shuts_no_device_out_that_was_let_in_before(): void
    {
        $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'sour plums in june'])->assertOk();
        [$cookies] = $this->signIn('sour plums in june');
        self::assertArrayHasKey('known', $cookies);
        for ($i = 0; $i < 80; $i++) {
            $this->signIn("guess {$i}");
        }
        $known = ['known' => $cookies['known']];
        self::assertSame(302, $this->signIn('sour plums in june', known: $known)[1]->getStatusCode());
        // and is slowed itself
        RateLimiter::clear('door 127.0.0.1');
        $statuses = [];
        for ($i = 0; $i < 6; $i++) {
            $statuses[] = $this->signIn("guess {$i}", known: $known)[1]->getStatusCode();
        }
        self::assertSame([403, 403, 403, 403, 403, 429], $statuses);
    }

    public function test_a_signed_in_phone_cooks_and_writes_and_does_not_look_after_the_house(): void
    {
        $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'sour plums in june'])->assertOk();
        [$cookies] = $this->signIn('sour plums in june');
        $device = Device::query()->firstOrFail()->id;
        foreach ([
            'GET /api/house/archive', 'POST /api/house/copies', 'GET /api/house/copies/vinculum-20260101-000000.zip',
            'POST /api/house/copies/vinculum-20260101-000000.zip/put-back', 'DELETE /api/house/bin',
            'DELETE /api/house/bin/recipe/1', "DELETE /api/house/devices/{$device}", 'PUT /api/house/passphrase',
            'POST /api/house/pairing',
        ] as $asked) {
            [$method, $path] = explode(' ', $asked);
            $refused = $this->documented('failure', $this->outside($method, $path, $cookies), 403);
            self::assertSame('first-machine-only', $refused['error']['code'], $asked);
        }
        self::assertSame(1, Device::query()->count());
        self::assertSame(200, $this->outside('GET', '/api/house', $cookies)->getStatusCode());
    }

    public function test_a_device_signs_itself_out_and_its_browser_keeps_nothing(): void
    {
        $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'sour plums in june'])->assertOk();
        [$cookies] = $this->signIn('sour plums in june');
        $answer = $this->outside('GET', '/api/recipes', $cookies);
        self::assertStringContainsString('no-store', (string) $answer->headers->get('Cache-Control'));
        $page = $this->outside('GET', '/sign-out', $cookies);
        preg_match('/name="_token" value="([^"]+)"/', (string) $page->getContent(), $token);
        self::assertSame(419, $this->outside('POST', '/sign-out', $cookies, ['_token' => 'made up'])->getStatusCode());
        self::assertSame(200, $this->outside('GET', '/api/recipes', $cookies)->getStatusCode());

        $gone = $this->outside('POST', '/sign-out', $cookies, ['_token' => $token[1] ?? '']);
        self::assertSame('"cache"', $gone->headers->get('Clear-Site-Data'));
        $this->documented('failure', $this->outside('GET', '/api/recipes', $cookies), 401);
        self::assertSame(0, Device::query()->count());
    }

    public function test_a_form_of_another_page_opens_nothing(): void
    {
        $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'sour plums in june'])->assertOk();
        $page = $this->outside('GET', '/sign-in');
        $cookies = self::cookiesOf($page);
        self::assertSame(
            419,
            $this->outside('POST', '/sign-in', $cookies, [
                'word' => 'sour plums in june',
                '_token' => 'made up',
            ])->getStatusCode(),
        );
        $origin = $this->call(
            'POST',
            'https://kitchen.local:8443/sign-in',
            ['word' => 'sour plums in june'],
            $cookies,
            [],
            ['HTTP_ORIGIN' => 'https://elsewhere.example'] + self::OUTSIDE,
        );
        self::assertSame(403, $origin->getStatusCode());
        self::assertSame(0, Device::query()->count());
    }

    public function test_no_other_name_is_answered_and_no_header_says_where_one_comes_from(): void
    {
        self::assertSame(
            421,
            $this->call(
                'GET',
                'https://evil.example/api/recipes',
                [],
                [],
                [],
                ['HTTP_HOST' => 'evil.example'] + self::OUTSIDE,
            )->getStatusCode(),
        );
        // a header of that name is another thing than what the server in front says
        $this->get('http://127.0.0.1/api/recipes', [
            'VINCULUM_AT' => 'loopback',
            'Accept' => 'application/json',
        ])->assertOk();
        $answer = $this->call(
            'GET',
            'https://kitchen.local:8443/api/recipes',
            [],
            [],
            [],
            ['HTTP_VINCULUM_AT' => 'loopback'] + self::OUTSIDE,
        );
        self::assertSame(401, $answer->getStatusCode());
    }

    public function test_the_word_and_the_digits_are_set_on_the_first_machine_only(): void
    {
        $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'sour plums in june'])->assertOk();
        [$cookies] = $this->signIn('sour plums in june');
        foreach (['PUT' => '/api/house/passphrase', 'POST' => '/api/house/pairing'] as $method => $path) {
            $this->documented(
                'failure',
                $this->outside($method, $path, $cookies, [], '{"passphrase": "another long word"}'),
                403,
            );
        }
        self::assertSame(
            'passphrase',
            $this->documented(
                'failure',
                $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'short']),
                422,
            )['error']['fields'][0]['field'],
        );
        // a new word asks everybody again
        $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'gooseberries in july'])->assertOk();
        $this->documented('failure', $this->outside('GET', '/api/recipes', $cookies), 401);
    }

    public function test_the_door_does_not_leave_the_house_in_an_archive(): void
    {
        $this->putJson('http://127.0.0.1/api/house/passphrase', ['passphrase' => 'sour plums in june'])->assertOk();
        $path = tempnam(sys_get_temp_dir(), 'house') ?: '';
        \App\House\Archive::write($path);
        self::assertArrayNotHasKey('doors', \App\House\Archive::read($path));
        unlink($path);
    }

    /**
     * @param array<string, string> $known cookies of an earlier visit
     * @return array{array<string, string>, TestResponse<Response>} its cookies, and the answer
     */
    private function signIn(string $word, string $device = 'phone', array $known = []): array
    {
        $page = $this->outside('GET', '/sign-in', $known);
        preg_match('/name="_token" value="([^"]+)"/', (string) $page->getContent(), $token);
        $answer = $this->outside('POST', '/sign-in', self::cookiesOf($page) + $known, [
            'word' => $word,
            'device' => $device,
            '_token' => $token[1] ?? '',
        ]);

        return [self::cookiesOf($answer), $answer];
    }

    /**
     * @param array<string, string> $cookies
     * @param array<string, string> $form
     * @return TestResponse<Response>
     */
    private function outside(
        string $method,
        string $path,
        array $cookies = [],
        array $form = [],
        string $body = '{}',
    ): TestResponse {
        $server = ($form === [] ? [] : ['CONTENT_TYPE' => 'application/x-www-form-urlencoded']) + self::OUTSIDE;
        $this->app->forgetScopedInstances();
        // each request is one of its own
        Cookie::flushQueuedCookies();

        return $this->call(
            $method,
            "https://kitchen.local:8443{$path}",
            $form,
            $cookies,
            [],
            $server,
            $method === 'GET' || $form !== [] ? null : $body,
        );
    }

    /**
     * @param TestResponse<Response> $response
     * @return array<string, string> as a browser sends them back, encrypted
     */
    private static function cookiesOf(TestResponse $response): array
    {
        $cookies = [];
        foreach ($response->headers->getCookies() as $cookie) {
            $cookies[$cookie->getName()] = (string) $cookie->getValue();
        }

        return $cookies;
    }
}
