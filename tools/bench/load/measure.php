<?php

declare(strict_types=1);

// A house at work: people look up once a second each, agents ask every two seconds, for so long; beside it a harmonisation where one is
// wanted. Every question has its time; what comes late is counted from then, not from when there was room for it. Before that
// all come in one after the other, and are not counted.
// `./zebrafinch bench` calls it with a server of its own. Usage: php measure.php ADDRESS AGENTS SECONDS [harmonise]

use App\Models\Suite;
use App\Models\User;
use Database\Seeders\DemoWorld;
use Illuminate\Auth\SessionGuard;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require dirname(__DIR__, 3).'/vendor/autoload.php';
require dirname(__DIR__).'/Row.php';
require dirname(__DIR__).'/Visitor.php';
$app = require dirname(__DIR__, 3).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

const PEOPLE = 50;
/** Agents and people that come in, a second. */
const COMING_IN = 20;

[, $address, $agents, $seconds] = $argv;
[$agents, $seconds, $harmonises] = [(int) $agents, (int) $seconds, ($argv[4] ?? '') === 'harmonise'];

/** Somebody who is signed in: the cookies of their browser. */
function signedIn(int $number): string
{
    $user = User::register([
        'name' => "Person {$number}",
        'email' => "person-{$number}@saltmarsh.example",
        'role' => Zebrafinch\Core\Suite\Role::Editor,
        'password' => 'not-asked-for',
    ]);
    $id = Str::random(40);
    DB::table('sessions')->insert([
        'id' => $id,
        'user_id' => $user->id,
        'payload' => base64_encode(
            serialize(['_token' => Str::random(40), 'login_web_'.sha1(SessionGuard::class) => $user->id, 'began_at' => time()]),
        ),
        'last_activity' => time(),
    ]);
    $name = config()->string('session.cookie');

    return $name.'='.rawurlencode(Crypt::encrypt(CookieValuePrefix::create($name, Crypt::getKey()).$id, false));
}

/**
 * @return array{
 *     list<array{float, string, list<string>, string}>,
 *     list<array{float, string, list<string>, string}>,
 * } coming in, and at work: when, where, headers, and of which kind: look-up or agent
 */
function schedule(int $agents, int $seconds): array
{
    mt_srand(50);
    $coming = [];
    $words = ['razor', 'cut', 'marker', 'zoom in', 'undo', 'fade', 'ripple', 'solo', 'keyframe', 'next frame'];
    $plan = [];
    for ($person = 0; $person < PEOPLE; $person++) {
        $cookie = signedIn($person);
        $coming[] = [count($coming) / COMING_IN, '/api/table?'.Visitor::SEAT, ["Cookie: {$cookie}", "Name: person-{$person}"], 'look-up'];
        for ($second = 0; $second < $seconds; $second++) {
            $path = match (mt_rand(0, 3)) {
                0 => '/api/table?'.Visitor::SEAT,
                1 => '/api/spelled-chord?chord=Shift%2BKey'.chr(65 + mt_rand(0, 25)).'&'.Visitor::SEAT,
                default => '/api/find?words='.rawurlencode($words[mt_rand(0, 9)]).'&'.Visitor::SEAT,
            };
            $plan[] = [$second + mt_rand(0, 999) / 1000, $path, ["Cookie: {$cookie}", "Name: person-{$person}"], 'look-up'];
        }
    }
    for ($agent = 0; $agent < $agents; $agent++) {
        Suite::query()->create([
            'slug' => "bench-{$agent}",
            'name' => "Bench {$agent}",
            'board' => 'full-iso',
            'layout' => 'german',
            'system' => 'windows',
            'applications' => ['cutloom', 'faderloft'],
            'token_hash' => Suite::hashToken("bench-token-{$agent}"),
        ]);
        $headers = ["Authorization: Bearer bench-token-{$agent}", "Agent-Instance: agent-{$agent}", "Name: agent-{$agent}"];
        $coming[] = [count($coming) / COMING_IN, '/api/agent/assignment', $headers, 'agent'];
        for ($second = 0; $second < $seconds; $second += 2) {
            $plan[] = [$second + mt_rand(0, 1999) / 1000, '/api/agent/assignment', $headers, 'agent'];
        }
    }
    usort($plan, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

    return [$coming, $plan];
}

/**
 * @param  list<array{float, string, list<string>, string}>  $plan
 * @param  array<string, string>  $tags  what each has of an address
 * @return array{array<string, list<float>>, array<int, int>} times in ms by kind, and how many answers of each status
 */
function carriedOut(string $address, array $plan, array &$tags): array
{
    $multi = curl_multi_init();
    curl_multi_setopt($multi, CURLMOPT_MAX_TOTAL_CONNECTIONS, 200);
    $open = [];
    $times = [];
    $statuses = [];
    $start = microtime(true);
    $next = 0;
    while ($next < count($plan) || $open !== []) {
        while ($next < count($plan) && microtime(true) - $start >= $plan[$next][0]) {
            [$due, $path, $headers, $kind] = $plan[$next++];
            $name = end($headers).$path;
            $handle = curl_init($address.$path);
            curl_setopt_array($handle, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HTTPHEADER => [
                    'Accept: application/json',
                    ...$headers,
                    ...isset($tags[$name]) ? ["If-None-Match: {$tags[$name]}"] : [],
                ],
                CURLOPT_HEADERFUNCTION => static function (CurlHandle $handle, string $line) use (&$tags, $name): int {
                    if (stripos($line, 'etag:') === 0) {
                        $tags[$name] = trim(substr($line, 5));
                    }

                    return strlen($line);
                },
            ]);
            curl_multi_add_handle($multi, $handle);
            $open[spl_object_id($handle)] = [$due, $kind];
        }
        curl_multi_exec($multi, $active);
        curl_multi_select($multi, 0.002);
        while (($done = curl_multi_info_read($multi)) !== false) {
            $handle = $done['handle'];
            [$due, $kind] = $open[spl_object_id($handle)];
            $times[$kind][] = (microtime(true) - $start - $due) * 1000;
            $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            unset($open[spl_object_id($handle)]);
            curl_multi_remove_handle($multi, $handle);
        }
    }

    return [$times, $statuses];
}

[$coming, $plan] = schedule($agents, $seconds);
$tags = [];
carriedOut($address, $coming, $tags);
if ($harmonises) {
    $visitor = new Visitor($address);
    $visitor->signIn('picture@saltmarsh.example', DemoWorld::PASSWORD);
    $all = array_column($visitor->json('/applications')['applications'], 'id');
    $harmonise = static fn (): int => $visitor->send('POST', '/harmonisations?'.Visitor::SEAT, [
        'applications' => array_values(array_diff($all, ['desktop'])),
        'intents' => [],
        'seconds' => 30,
    ])['id'];
    // Again and again, so that one is under way all the time.
    $beside = pcntl_fork();
    while ($beside === 0) {
        for ($id = $harmonise(); ! $visitor->json("/harmonisations/{$id}")['is_over'];) {
            usleep(500_000);
        }
    }
}
[$times, $statuses] = carriedOut($address, $plan, $tags);
if ($harmonises) {
    posix_kill($beside, SIGKILL);
}
$failed = array_sum(array_filter($statuses, static fn (int $status): bool => $status !== 200 && $status !== 304, ARRAY_FILTER_USE_KEY));
$slow = Row::share($times['look-up'], 0.95);
echo Row::aimed(
    sprintf(
        '%d people looking up and %d agents asking for %d s%s',
        PEOPLE,
        $agents,
        $seconds,
        $harmonises ? ' beside one harmonisation after the other' : '',
    ),
    sprintf(
        'a look-up p50 %.0f ms, p95 %.0f; an agent p95 %.0f; %.0f a second, %d of %d failed',
        Row::share($times['look-up'], 0.5),
        $slow,
        Row::share($times['agent'], 0.95),
        count($plan) / $seconds,
        $failed,
        count($plan),
    ),
    'p95 ≤ 100 ms, none failed',
    $slow <= 100.0 && $failed === 0,
),
"\n";
