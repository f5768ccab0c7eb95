<?php

declare(strict_types=1);

use App\Account\ChangedMail;
use App\Account\PasswordResetMail;
use App\Account\RecoveryCodes;
use App\Account\TimeCodes;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

const NEW_PASSWORD = 'eight slow night trains';

/** Signs in as a browser does, and keeps its cookie. */
function signInWith($test, array $body)
{
    app('auth')->forgetGuards();

    return $test->postJson('/api/session', ['email' => 'picture@saltmarsh.example', 'password' => 'night-train', ...$body]);
}

test('time codes are those of RFC 6238, appendix B, for SHA-1', function (int $time, string $code) {
    $secret = TimeCodes::toBase32('12345678901234567890');
    expect(TimeCodes::code($secret, TimeCodes::stepAt($time), 8))->toBe($code);
})->with([
    [59, '94287082'],
    [1111111109, '07081804'],
    [1111111111, '14050471'],
    [1234567890, '89005924'],
    [2000000000, '69279037'],
    [20000000000, '65353130'],
]);

test('secrets are written in base 32 as RFC 4648 has it, without padding', function (string $bytes, string $text) {
    expect(TimeCodes::toBase32($bytes))->toBe($text);
})->with([['f', 'MY'], ['fo', 'MZXQ'], ['foo', 'MZXW6'], ['foob', 'MZXW6YQ'], ['fooba', 'MZXW6YTB'], ['foobar', 'MZXW6YTBOI']]);

test('with a second factor a password alone opens nothing, and a code opens once', function () {
    $this->as('picture')->freezeSecond();
    $secret = $this->postJson('/api/account/second-factor', ['password' => 'night-train'])
        ->assertOk()
        ->json('secret');
    signInWith($this, [])->assertOk();
    $this->as('picture');
    $this->putJson('/api/account/second-factor', ['code' => '000000'])->assertStatus(422);
    $now = TimeCodes::stepAt(now()->getTimestamp());
    $codes = $this->putJson('/api/account/second-factor', ['code' => TimeCodes::code($secret, $now)])
        ->assertOk()
        ->json('codes');
    expect($codes)->toHaveCount(RecoveryCodes::NUMBER);

    signInWith($this, [])->assertStatus(422)->assertJsonPath('kind', 'code-wanted');
    signInWith($this, ['code' => TimeCodes::code($secret, $now)])
        ->assertStatus(422)
        ->assertJsonPath('kind', 'invalid-input');
    $this->travel(TimeCodes::SECONDS)->seconds();
    $next = TimeCodes::code($secret, $now + 1);
    signInWith($this, ['code' => $next])->assertOk();
    signInWith($this, ['code' => $next])->assertStatus(422);

    signInWith($this, ['code' => strtoupper($codes[3])])->assertOk();
    signInWith($this, ['code' => $codes[3]])->assertStatus(422);
    $this->as('picture')
        ->getJson('/api/account')
        ->assertJsonPath('recovery_codes_left', RecoveryCodes::NUMBER - 1);
    $this->deleteJson('/api/account/second-factor', ['password' => 'wrong'])->assertStatus(422);
    $this->deleteJson('/api/account/second-factor', ['password' => 'night-train'])->assertNoContent();
    signInWith($this, [])->assertOk();
});

test('the shared secret is stored encrypted, and recovery codes as digests', function () {
    $this->as('picture');
    $secret = $this->postJson('/api/account/second-factor', ['password' => 'night-train'])->json('secret');
    $codes = $this->putJson('/api/account/second-factor', ['code' => TimeCodes::code($secret, TimeCodes::stepAt(time()))])->json('codes');
    $row = json_encode(DB::table('users')->where('email', 'picture@saltmarsh.example')->first(), JSON_THROW_ON_ERROR);
    expect($row)->not->toContain($secret)->not->toContain($codes[0]);
});

test('a changed password wants the old one, is a good one, and ends the other sessions', function () {
    $picture = User::query()->where('email', 'picture@saltmarsh.example')->firstOrFail();
    DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $picture->id, 'payload' => '', 'last_activity' => time()]);
    Mail::fake();
    $this->as('picture');
    $this->putJson('/api/account/password', ['current' => 'wrong', 'password' => NEW_PASSWORD])
        ->assertStatus(422)
        ->assertJsonStructure(['fields' => ['current']]);
    $this->putJson('/api/account/password', ['current' => 'night-train', 'password' => 'short'])->assertStatus(422);
    $this->putJson('/api/account/password', ['current' => 'night-train', 'password' => NEW_PASSWORD])->assertNoContent();
    expect(DB::table('sessions')->where('id', 'elsewhere')->exists())->toBeFalse();
    Mail::assertQueued(ChangedMail::class, 'picture@saltmarsh.example');
    signInWith($this, [])->assertStatus(422);
    signInWith($this, ['password' => NEW_PASSWORD])->assertOk();
});

test('a forgotten password is made anew by a link that works once, and nobody learns who has an account', function () {
    Mail::fake();
    $this->postJson('/api/password-resets', ['email' => 'nobody@saltmarsh.example'])->assertNoContent();
    Mail::assertNothingQueued();
    $this->postJson('/api/password-resets', ['email' => 'picture@saltmarsh.example'])->assertNoContent();
    $link = '';
    Mail::assertQueued(PasswordResetMail::class, static function (PasswordResetMail $mail) use (&$link): bool {
        $link = $mail->render();

        return true;
    });
    preg_match('/#(\S+)/', $link, $fragment);
    parse_str($fragment[1], $given);
    $this->putJson('/api/password-resets', [...$given, 'token' => 'another', 'password' => NEW_PASSWORD])->assertStatus(422);
    $this->putJson('/api/password-resets', [...$given, 'password' => NEW_PASSWORD])->assertNoContent();
    $this->putJson('/api/password-resets', [...$given, 'password' => NEW_PASSWORD])->assertStatus(422);
    signInWith($this, ['password' => NEW_PASSWORD])->assertOk();
});

test('a session ends some hours after it began, however busy it is', function () {
    $signedIn = signInWith($this, [])->assertOk();
    $name = config('session.cookie');
    $cookie = $signedIn->getCookie($name)->getValue();
    $ask = function () use ($name, $cookie) {
        $this->app['auth']->forgetGuards();

        app('session')->forgetDrivers();
        app()->forgetInstance('session.store');

        return $this->withCredentials()->withCookie($name, $cookie)->getJson('/api/keymaps');
    };
    for ($hour = 0; $hour < config('session.most_hours'); $hour += 6) {
        $ask()->assertOk();
        $this->travel(6)->hours();
    }
    $ask()->assertStatus(401);
});

test('who only looks at the door leaves no row and gets no cookie', function () {
    $this->app['auth']->forgetGuards();
    $answer = $this->getJson('/api/session')->assertOk();
    expect($answer->headers->getCookies())
        ->toBe([])
        ->and(DB::table('sessions')->count())
        ->toBe(0);
});

test('a person sees where they are signed in and ends it', function () {
    $picture = User::query()->where('email', 'picture@saltmarsh.example')->firstOrFail();
    $agent = 'Mozilla/5.0 (Windows NT 10.0)';
    foreach (['one', 'two'] as $id) {
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => $picture->id,
            'payload' => '',
            'user_agent' => $agent,
            'ip_address' => '10.0.0.7',
            'last_activity' => time(),
        ]);
    }
    $sessions = $this->as('picture')->getJson('/api/account')->assertOk()->json('sessions');
    expect($sessions)
        ->toHaveCount(2)
        ->and($sessions[0])
        ->toMatchArray(['address' => '10.0.0.7', 'browser' => 'A browser on Windows']);
    expect(array_column($sessions, 'id'))->not->toContain('one');
    $this->as('sound')
        ->deleteJson("/api/account/sessions/{$sessions[0]['id']}")
        ->assertStatus(404);
    $this->as('picture')
        ->deleteJson("/api/account/sessions/{$sessions[0]['id']}")
        ->assertNoContent();
    expect(DB::table('sessions')->count())->toBe(1);
    $this->deleteJson('/api/account/sessions')->assertNoContent();
    expect(DB::table('sessions')->count())->toBe(0);
});

test('a token does what its abilities say, ends with its day, and never reaches accounts, people or other tokens', function () {
    $make = fn (array $abilities) => $this->as('keeper')
        ->postJson('/api/account/tokens', ['name' => 'Nightly list', 'abilities' => $abilities, 'days' => 30, 'password' => 'night-train'])
        ->assertCreated()
        ->json();
    $reader = $make(['read']);
    $writer = $make(['read', 'write']);
    $with = function (array $token) {
        $this->app['auth']->forgetGuards();

        return $this->withToken($token['secret']);
    };
    $with($reader)->getJson('/api/keymaps')->assertOk();
    $with($reader)
        ->postJson('/api/presets', ['name' => 'By script', 'note' => 'first'])
        ->assertStatus(403);
    $this->withoutToken()->as('keeper')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');
    $with($writer)
        ->postJson('/api/presets', ['name' => 'By script', 'note' => 'first'])
        ->assertCreated();
    $closed = ['GET /api/account', 'GET /api/people', 'POST /api/invitations', 'POST /api/account/tokens', 'POST /api/suites/avocet/token'];
    foreach ($closed as $door) {
        [$method, $path] = explode(' ', $door);
        $with($writer)->json($method, $path)->assertStatus(403);
    }
    $this->withoutToken()
        ->as('keeper')
        ->deleteJson("/api/account/tokens/{$writer['token']['id']}")
        ->assertNoContent();
    $with($writer)->getJson('/api/keymaps')->assertStatus(401);
    $this->travel(31)->days();
    $with($reader)->getJson('/api/keymaps')->assertStatus(401);
});

test('a person takes out all that is stored of them, without what opens their account', function () {
    $this->as('picture')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');
    $text = (string) $this->postJson('/api/account/data-exports')->assertOk()->getContent();
    $data = json_decode($text, true, 512, JSON_THROW_ON_ERROR);
    expect($data['keymaps'])
        ->toHaveCount(1)
        ->and($data['account']['email'])
        ->toBe('picture@saltmarsh.example')
        ->and($data['usage_sources'])
        ->toHaveCount(1)
        ->and(count($data['usage_days']))
        ->toBeGreaterThan(1_000);
    expect($text)->not->toContain('$argon2id$');
});

test('a person who removes themselves is asked for the password and is gone', function () {
    $this->as('sound')
        ->deleteJson('/api/account', ['password' => 'wrong'])
        ->assertStatus(422);
    $this->deleteJson('/api/account', ['password' => 'night-train'])->assertNoContent();
    $this->app['auth']->forgetGuards();
    $this->postJson('/api/session', ['email' => 'sound@saltmarsh.example', 'password' => 'night-train'])->assertStatus(422);
});

test('tries with one password on many accounts are turned away by their address', function () {
    for ($try = 0; $try < App\Http\RateLimits::SIGN_INS_OF_AN_ADDRESS; $try++) {
        $this->postJson('/api/session', ['email' => "somebody{$try}@saltmarsh.example", 'password' => 'one for all'])->assertStatus(422);
    }
    $this->postJson('/api/session', ['email' => 'one-more@saltmarsh.example', 'password' => 'one for all'])
        ->assertStatus(429)
        ->assertHeader('Retry-After');
});

test('a session that is only looked at is not written at every look', function () {
    $name = config('session.cookie');
    $cookie = signInWith($this, [])->assertOk()->getCookie($name)->getValue();
    $writes = 0;
    DB::listen(static function ($query) use (&$writes): void {
        $writes += preg_match('/^(update|insert into) "sessions"/', $query->sql);
    });
    $look = function () use ($name, $cookie): void {
        app('auth')->forgetGuards();
        app('session')->forgetDrivers();
        app()->forgetInstance('session.store');
        $this->withCredentials()->withCookie($name, $cookie)->getJson('/api/keymaps')->assertOk();
    };
    $look();
    $before = $writes;
    $look();
    $look();
    expect($writes)->toBe($before);
    $this->travel(61)->seconds();
    $look();
    expect($writes)->toBe($before + 1);
});

test('a token that is shown at a door counts for nothing there and breaks nothing', function () {
    app('auth')->forgetGuards();
    $right = ['email' => 'picture@saltmarsh.example', 'password' => 'night-train'];
    $this->withToken('nonsense')->postJson('/api/session', $right)->assertOk();
    $this->withToken('nonsense')->postJson('/api/set-up', [])->assertStatus(422);
    app('auth')->forgetGuards();
    $token = App\Models\User::query()
        ->where('email', 'sound@saltmarsh.example')
        ->firstOrFail()
        ->createToken('x', ['read', 'write']);
    app('session')->forgetDrivers();
    app()->forgetInstance('session.store');
    $this->withToken($token->plainTextToken)->deleteJson('/api/session')->assertStatus(403);
});

test('a keeper ends the second factor of somebody who has lost it, and a lost key locks nobody out for good', function () {
    $this->as('picture');
    $secret = $this->postJson('/api/account/second-factor', ['password' => 'night-train'])->json('secret');
    $codes = $this->putJson('/api/account/second-factor', ['code' => TimeCodes::code($secret, TimeCodes::stepAt(time()))])->json('codes');
    DB::table('users')
        ->where('email', 'picture@saltmarsh.example')
        ->update(['second_factor' => 'closed with a key that is gone']);
    signInWith($this, ['code' => '123456'])->assertStatus(422);
    signInWith($this, ['code' => $codes[0]])->assertOk();
    $picture = User::query()->where('email', 'picture@saltmarsh.example')->firstOrFail();
    $this->as('keeper')
        ->deleteJson("/api/people/{$picture->id}/second-factor")
        ->assertOk()
        ->assertJsonPath('has_second_factor', false);
    signInWith($this, [])->assertOk();
});
