<?php

declare(strict_types=1);

use App\Account\GoodPassword;
use App\House\SettingUp;
use App\Models\House;
use App\Models\Kit;
use App\Models\User;
use App\Person\Invitation;
use App\Person\InvitationMail;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Zebrafinch\Core\Suite\Role;

const GOOD = 'seven night trains';

function person(string $account): User
{
    return User::query()
        ->where('email', "{$account}@saltmarsh.example")
        ->firstOrFail();
}

/** A house as `start --house` leaves it: nobody in it, and a code on the terminal. */
function emptyHouse(): string
{
    DB::table('houses')->delete();
    DB::table('suites')->delete();
    DB::table('users')->delete();
    $settingUp = app(SettingUp::class);

    return $settingUp->newCode($settingUp->prepare(false));
}

function firstVisit(string $code, array $otherwise = []): array
{
    return [
        'code' => $code,
        'house' => 'Reedbed Post',
        'name' => 'Keeper of the reeds',
        'email' => 'Keeper@reedbed.example',
        'password' => GOOD,
        ...$otherwise,
    ];
}

test('the first visit names the house and makes its first keeper, once, and only with the code of the terminal', function () {
    $code = emptyHouse();
    $this->getJson('/api/session')->assertJsonPath('house.is_set_up', false);
    $this->postJson('/api/set-up', firstVisit('AAAAA-BBBBB-CCCCC-DDDDD'))->assertStatus(422)->assertJsonPath('kind', 'wrong-code');
    expect(User::query()->count())->toBe(0);
    $this->postJson('/api/set-up', firstVisit(strtolower($code)))->assertNoContent();
    $keeper = User::query()->sole();
    expect($keeper->role)
        ->toBe(Role::SuiteKeeper)
        ->and($keeper->email)
        ->toBe('keeper@reedbed.example')
        ->and($keeper->kit)
        ->toBeInstanceOf(Kit::class);
    $this->getJson('/api/session')
        ->assertJsonPath('house.name', 'Reedbed Post')
        ->assertJsonPath('house.is_set_up', true)
        ->assertJsonPath('person.keeps_suites', true);
    $this->postJson('/api/set-up', firstVisit($code))->assertStatus(409)->assertJsonPath('kind', 'set-up-already');
});

test('a code that was printed before a newer one opens nothing', function () {
    $old = emptyHouse();
    app(SettingUp::class)->newCode(House::query()->sole());
    $this->postJson('/api/set-up', firstVisit($old))->assertStatus(422);
});

test('a place with people stays what it was, and demo accounts that were deleted do not come back', function () {
    User::query()->where('email', 'sound@saltmarsh.example')->delete();
    $this->artisan('house:prepare', ['--demo' => true])->assertSuccessful();
    expect(User::query()->where('email', 'sound@saltmarsh.example')->exists())->toBeFalse();
    expect(House::query()->sole()->is_demo)->toBeTrue();
});

test('passwords that are short, common, or common with digits after them are refused', function (string $password) {
    $this->postJson('/api/set-up', firstVisit(emptyHouse(), ['password' => $password]))
        ->assertStatus(422)
        ->assertJsonStructure(['fields' => ['password']]);
})->with(['short one', 'password12345', 'qwertyuiop123', 'aaaaaaaaaaaaaaa', 'passwordpassword', '123456789012']);

test('the list of common passwords is whole, and long words in a row are none of it', function () {
    expect(file(database_path('common-passwords/10000.txt')))->toHaveCount(10000);
    expect(GoodPassword::isCommon(GOOD))->toBeFalse()->and(GoodPassword::isCommon('12345678'))->toBeTrue();
});

test('an invitation makes one account, once, within three days', function () {
    Mail::fake();
    $made = $this->as('keeper')
        ->postJson('/api/invitations', ['email' => 'New@saltmarsh.example', 'name' => 'new editor', 'role' => 'editor'])
        ->assertCreated()
        ->json();
    Mail::assertQueued(InvitationMail::class, 'new@saltmarsh.example');
    $token = substr(strstr($made['link'], '#'), 1);
    expect(DB::table('invitations')->where('token_hash', $token)->exists())->toBeFalse();
    $this->app['auth']->forgetGuards();
    $this->postJson('/api/opened-invitations', ['token' => $token])
        ->assertOk()
        ->assertJsonPath('email', 'new@saltmarsh.example');
    $joining = ['token' => $token, 'name' => 'new editor', 'password' => GOOD];
    $this->postJson('/api/accounts', $joining)->assertNoContent();
    expect(person('new')->role)->toBe(Role::Editor)->and(person('new')->kit->user_id)->toBe(person('new')->id);
    $this->postJson('/api/accounts', $joining)->assertStatus(410)->assertJsonPath('kind', 'invitation-gone');
});

test('an invitation that is withdrawn, replaced or too old opens nothing', function (Closure $spoil) {
    $invite = fn () => $this->as('keeper')
        ->postJson('/api/invitations', ['email' => 'new@saltmarsh.example', 'name' => 'new editor', 'role' => 'editor'])
        ->assertCreated()
        ->json();
    $made = $invite();
    $spoil($this, $made, $invite);
    $this->postJson('/api/accounts', ['token' => substr(strstr($made['link'], '#'), 1), 'name' => 'n', 'password' => GOOD])->assertStatus(
        410,
    );
})->with([
    'withdrawn' => fn ($test, $made) => $test->deleteJson("/api/invitations/{$made['id']}")->assertNoContent(),
    'replaced' => fn ($test, $made, $invite) => $invite(),
    'too old' => fn ($test) => $test->travel(Invitation::DAYS)->days(),
]);

test('nobody is invited who has an account', function () {
    $this->as('keeper')
        ->postJson('/api/invitations', ['email' => 'Picture@saltmarsh.example', 'name' => 'x', 'role' => 'editor'])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'account-exists');
});

test('a role takes hold at once', function () {
    $sound = person('sound');
    $this->as('keeper')
        ->patchJson("/api/people/{$sound->id}", ['version' => $sound->version, 'role' => 'suite-keeper'])
        ->assertOk()
        ->assertJsonPath('version', $sound->version + 1);
    $this->as('sound')->getJson('/api/people')->assertOk();
    $this->as('keeper')
        ->patchJson("/api/people/{$sound->id}", ['version' => $sound->version, 'role' => 'editor'])
        ->assertStatus(409);
});

test('who is disabled is out everywhere at once, and in again when enabled', function () {
    $picture = person('picture');
    $token = $picture->createToken('A script', ['read'])->plainTextToken;
    DB::table('sessions')->insert(['id' => 'one', 'user_id' => $picture->id, 'payload' => '', 'last_activity' => time()]);
    $this->as('picture');
    $this->getJson('/api/keymaps')->assertOk();
    $this->as('keeper')
        ->patchJson("/api/people/{$picture->id}", ['version' => $picture->version, 'is_disabled' => true])
        ->assertOk();
    expect(DB::table('sessions')->where('user_id', $picture->id)->exists())->toBeFalse();
    $this->actingAs($picture->refresh())->getJson('/api/keymaps')->assertStatus(401);
    $this->app['auth']->forgetGuards();
    $this->withToken($token)->getJson('/api/keymaps')->assertStatus(401);
    $this->withoutToken()
        ->postJson('/api/session', ['email' => 'picture@saltmarsh.example', 'password' => 'night-train'])
        ->assertStatus(422);
    $this->as('keeper')
        ->patchJson("/api/people/{$picture->id}", ['version' => $picture->version, 'is_disabled' => false])
        ->assertOk();
    $this->app['auth']->forgetGuards();
    $this->postJson('/api/session', ['email' => 'picture@saltmarsh.example', 'password' => 'night-train'])->assertOk();
});

test('the last keeper cannot be disabled, made an editor, removed, or remove themselves', function () {
    $keeper = person('keeper');
    $this->as('keeper');
    $this->patchJson("/api/people/{$keeper->id}", ['version' => 1, 'is_disabled' => true])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'last-keeper');
    $this->patchJson("/api/people/{$keeper->id}", ['version' => 1, 'role' => 'editor'])->assertStatus(409);
    $this->deleteJson("/api/people/{$keeper->id}")->assertStatus(409);
    $this->deleteJson('/api/account', ['password' => 'night-train'])->assertStatus(409);
    person('sound')->update(['role' => Role::SuiteKeeper]);
    $this->patchJson("/api/people/{$keeper->id}", ['version' => 1, 'role' => 'editor'])->assertOk();
});

test('a person who is removed leaves nothing of theirs but what the house stands on', function () {
    $sound = person('sound');
    $keymap = $this->as('sound')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');
    $this->postJson('/api/presets', ['name' => 'Of mine', 'note' => 'first'])->assertCreated();
    $this->as('keeper')
        ->deleteJson("/api/people/{$sound->id}")
        ->assertNoContent();
    expect(DB::table('keymaps')->where('id', $keymap)->exists())->toBeFalse();
    $rows = json_encode(DB::select('select * from users'), JSON_THROW_ON_ERROR);
    expect($rows)
        ->not->toContain('sound@saltmarsh')
        ->and(DB::table('usage_sources')->where('kit_id', $sound->kit->id)->exists())
        ->toBeFalse();
    expect($this->getJson('/api/people')->json('people.*.id'))->not->toContain($sound->id);
    expect($this->getJson("/api/journal?person={$sound->id}")->json('entries.0.kind'))->toBe('removed');
});

test('the house is named by a keeper, on the version that is shown', function () {
    $this->as('keeper')
        ->patchJson('/api/house', ['name' => 'Reedbed Post', 'version' => 1])
        ->assertOk()
        ->assertJsonPath('version', 2);
    $this->patchJson('/api/house', ['name' => 'Another', 'version' => 1])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'stale');
});
