<?php

declare(strict_types=1);

use App\Harmonise\Harmonisation;
use App\Harmonise\HarmonisationState;
use App\Learn\LearningCard;
use App\Learn\StoredDrill;
use App\Models\Rehearsal;
use App\Models\Suite;
use App\Models\User;
use App\Person\Invitation;
use App\Suite\Rollout;
use App\Usage\UsageSource;
use Tests\ApiDescription;
use Zebrafinch\Core\Learn\Drill;
use Zebrafinch\Core\Suite\RolloutState;

// Who may come in by which door. `all` are the roles that may; `owner` is the one account that the subject belongs to, whatever its role.
const EVERYBODY = ['picture', 'sound', 'keeper', 'assistant'];
const OWNER = ['picture'];
const NOT_THE_ASSISTANT = ['picture', 'sound', 'keeper'];
const KEEPER = ['keeper'];
/** Whoever brought an application describes it until it is in use; a keeper does at any time. */
const OWNER_AND_KEEPER = ['picture', 'keeper'];
/** Whoever sits in the suite leaves it, and the keeper frees it; the picture editor sits there. */
const SITTING_THERE = ['picture', 'keeper'];

/** The picture editor owns what is asked about; the sound editor has the same role and owns nothing of it. */
const ACCESS = [
    'POST /applications/{application}/draft-presses' => EVERYBODY,
    'GET /key-lists' => EVERYBODY,
    'GET /keymaps/{keymap}/key-lists' => OWNER,
    'GET /releases/{release}/key-lists' => OWNER,
    'GET /key-files' => EVERYBODY,
    'GET /keymaps/{keymap}/key-file' => OWNER,
    'GET /releases/{release}/key-files' => OWNER,
    'GET /applications/{application}/board-drawing' => EVERYBODY,
    'GET /look' => EVERYBODY,
    'PUT /look' => EVERYBODY,
    'GET /suites/{suite}/look' => EVERYBODY,
    'GET /stripes' => EVERYBODY,
    'GET /false-friends' => EVERYBODY,
    'POST /carry-overs' => EVERYBODY,
    'POST /carry-overs/keymaps' => EVERYBODY,
    'GET /suites/{suite}/familiarity' => EVERYBODY,
    'GET /applications' => EVERYBODY,
    'GET /house-applications' => EVERYBODY,
    'POST /house-applications' => NOT_THE_ASSISTANT,
    'POST /house-applications/files' => NOT_THE_ASSISTANT,
    'POST /house-applications/file-previews' => NOT_THE_ASSISTANT,
    'GET /house-applications/{houseApplication}' => EVERYBODY,
    'GET /house-applications/{houseApplication}/file' => EVERYBODY,
    'GET /house-applications/{houseApplication}/proposed-matches' => EVERYBODY,
    'PATCH /house-applications/{houseApplication}' => OWNER_AND_KEEPER,
    'POST /house-applications/{houseApplication}/ready' => OWNER_AND_KEEPER,
    'POST /house-applications/{houseApplication}/usage-log-previews' => EVERYBODY,
    'POST /house-applications/{houseApplication}/version-previews' => OWNER_AND_KEEPER,
    'POST /house-applications/{houseApplication}/versions' => OWNER_AND_KEEPER,
    'DELETE /house-applications/{houseApplication}/versions' => OWNER_AND_KEEPER,
    'POST /house-applications/{houseApplication}/put-away' => KEEPER,
    'DELETE /house-applications/{houseApplication}' => OWNER_AND_KEEPER,
    'GET /applications/{application}' => EVERYBODY,
    'GET /applications/{application}/clashes' => EVERYBODY,
    'GET /applications/{application}/clashes/{clash}' => EVERYBODY,
    'PUT /applications/{application}/clashes/{clash}/acceptance' => EVERYBODY,
    'DELETE /applications/{application}/clashes/{clash}/acceptance' => EVERYBODY,
    'GET /applications/{application}/settlement' => EVERYBODY,
    'GET /find' => EVERYBODY,
    'GET /table' => EVERYBODY,
    'GET /who' => EVERYBODY,
    'GET /spelled-chord' => EVERYBODY,
    'POST /harmonisations' => EVERYBODY,
    'GET /harmonisations/{harmonisation}' => OWNER,
    'GET /harmonisations/{harmonisation}/instance.lp' => OWNER,
    'GET /harmonisations/{harmonisation}/proof.json' => OWNER,
    'POST /harmonisations/{harmonisation}/cancel' => OWNER,
    'POST /harmonisations/{harmonisation}/apply' => OWNER,
    'POST /harmonisations/{harmonisation}/undo' => OWNER,
    'GET /intents' => EVERYBODY,
    'POST /intents' => EVERYBODY,
    'DELETE /intents/{ownIntent}' => OWNER,
    'GET /applications/{application}/matches' => EVERYBODY,
    'PUT /applications/{application}/matches' => EVERYBODY,
    'POST /applications/{application}/key-files' => EVERYBODY,
    'GET /key-files/{keyFile}' => OWNER,
    'POST /key-files/{keyFile}/free' => OWNER,
    'GET /keyboards' => EVERYBODY,
    'POST /layout-proposals' => EVERYBODY,
    'GET /keymaps' => EVERYBODY,
    'GET /applications/{application}/keymap' => EVERYBODY,
    'GET /refused-keymaps' => EVERYBODY,
    'POST /applications/{application}/keymaps' => EVERYBODY,
    'POST /applications/{application}/use-factory' => EVERYBODY,
    'PATCH /keymaps/{keymap}' => OWNER,
    'DELETE /keymaps/{keymap}' => OWNER,
    'POST /keymaps/{keymap}/restore' => OWNER,
    'POST /keymaps/{keymap}/use' => OWNER,
    'POST /keymaps/{keymap}/changes' => OWNER,
    'POST /keymaps/{keymap}/undo' => OWNER,
    'POST /keymaps/{keymap}/redo' => OWNER,
    'POST /keymaps/{keymap}/save' => OWNER,
    'POST /keymaps/{keymap}/revert' => OWNER,
    'GET /keymaps/{keymap}/comparison' => OWNER,
    'GET /presets' => EVERYBODY,
    'POST /presets' => EVERYBODY,
    'PATCH /presets/{preset}' => OWNER,
    'GET /release-drafts' => EVERYBODY,
    'POST /presets/{preset}/releases' => OWNER,
    'POST /releases/{release}/kit' => OWNER,
    'GET /releases/{release}/archive' => OWNER,
    'POST /archives' => EVERYBODY,
    'PUT /presets/{preset}/following' => OWNER,
    'DELETE /presets/{preset}/following' => OWNER,
    'GET /presets/{preset}/news' => OWNER,
    'POST /presets/{preset}/news' => OWNER,
    'GET /comparisons' => EVERYBODY,
    'POST /suites/{suite}/rehearsals' => EVERYBODY,
    'GET /rehearsals/{rehearsal}' => OWNER,
    'POST /rehearsals/{rehearsal}/presses' => OWNER,
    'GET /applications/{application}/remap' => EVERYBODY,
    'POST /applications/{application}/bulk-edit' => EVERYBODY,
    'GET /suites' => EVERYBODY,
    'GET /suites/{suite}' => EVERYBODY,
    'PATCH /suites/{suite}' => KEEPER,
    'PUT /suites/{suite}/following' => KEEPER,
    'DELETE /suites/{suite}/following' => KEEPER,
    'POST /suites/{suite}/imports' => EVERYBODY,
    'GET /suites/{suite}/files/{application}' => EVERYBODY,
    'POST /suites/{suite}/files/{application}' => KEEPER,
    'GET /suites/{suite}/bundle' => KEEPER,
    'POST /suites/{suite}/stick-reports' => KEEPER,
    'GET /suites/{suite}/sitting' => EVERYBODY,
    'PUT /suites/{suite}/sitting' => NOT_THE_ASSISTANT,
    'DELETE /suites/{suite}/sitting' => SITTING_THERE,
    'GET /sittings' => EVERYBODY,
    'GET /sittings/{sitting}/offers/{application}' => OWNER,
    'POST /sittings/{sitting}/offers/{application}' => OWNER,
    'DELETE /sittings/{sitting}/offers/{application}' => OWNER,
    'GET /rollouts' => EVERYBODY,
    'POST /rollouts' => EVERYBODY,
    'POST /dry-runs' => EVERYBODY,
    'POST /rollouts/{rollout}/{turn}' => KEEPER,
    'GET /travel' => EVERYBODY,
    'POST /applications/{application}/variants' => EVERYBODY,
    'GET /usage' => EVERYBODY,
    'POST /usage' => EVERYBODY,
    'DELETE /usage' => EVERYBODY,
    'GET /usage.csv' => EVERYBODY,
    'DELETE /usage/{usageSource}' => OWNER,
    'GET /house-usage' => KEEPER,
    'PUT /sittings/{sitting}/usage' => OWNER,
    'GET /learn' => EVERYBODY,
    'GET /learn/savings' => EVERYBODY,
    'GET /learn/pictures' => EVERYBODY,
    'PUT /learn/speed' => EVERYBODY,
    'GET /learn/cards' => EVERYBODY,
    'POST /learn/cards' => EVERYBODY,
    'GET /learn/cards.json' => EVERYBODY,
    'POST /learn/card-files' => EVERYBODY,
    'DELETE /learn/cards/{learningCard}' => OWNER,
    'GET /learn/sheets/{sheet}' => EVERYBODY,
    'GET /learn/differences' => EVERYBODY,
    'POST /learn/differences/known' => EVERYBODY,
    'GET /learn/suites/{suite}' => EVERYBODY,
    'POST /learn/drills' => EVERYBODY,
    'GET /learn/drills/{drill}' => OWNER,
    'POST /learn/drills/{drill}/answers' => OWNER,
    'DELETE /session' => EVERYBODY,
    'PATCH /house' => KEEPER,
    'GET /people' => KEEPER,
    'PATCH /people/{person}' => KEEPER,
    'DELETE /people/{person}' => KEEPER,
    'DELETE /people/{person}/second-factor' => KEEPER,
    'POST /people/{person}/password-link' => KEEPER,
    'POST /invitations' => KEEPER,
    'DELETE /invitations/{invitation}' => KEEPER,
    'GET /journal' => KEEPER,
    'GET /journal.csv' => KEEPER,
    'GET /journal-proof' => KEEPER,
    'GET /account' => EVERYBODY,
    'PATCH /account' => EVERYBODY,
    'DELETE /account' => EVERYBODY,
    'PUT /account/password' => EVERYBODY,
    'DELETE /account/sessions' => EVERYBODY,
    'DELETE /account/sessions/{session}' => EVERYBODY,
    'POST /account/second-factor' => EVERYBODY,
    'PUT /account/second-factor' => EVERYBODY,
    'DELETE /account/second-factor' => EVERYBODY,
    'POST /account/tokens' => EVERYBODY,
    'DELETE /account/tokens/{token}' => EVERYBODY,
    'POST /account/data-exports' => EVERYBODY,
    'POST /suites' => KEEPER,
    'DELETE /suites/{suite}' => KEEPER,
    'POST /suites/{suite}/token' => KEEPER,
    'DELETE /suites/{suite}/token' => KEEPER,
];

/** Doors that need nobody signed in: signing in, and the agents, who have tokens. */
const WITHOUT_ACCOUNT = [
    'GET /session',
    'POST /session',
    'POST /set-up',
    'POST /opened-invitations',
    'POST /accounts',
    'POST /password-resets',
    'PUT /password-resets',
    'GET /agent/assignment',
    'GET /agent/files/{sha256}',
    'PUT /agent/files/{sha256}',
    'POST /agent/report',
    'POST /agent/presses/{press}',
    'PUT /agent/usage/{logged}',
];

/** @return array<string, string|int> by the parameter of a path: something of the picture editor's, or of the house's */
function ownedByPicture($test): array
{
    $keymap = $test
        ->as('picture')
        ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
        ->assertCreated()
        ->json('id');
    $user = User::query()->where('email', 'picture@saltmarsh.example')->firstOrFail();
    $test->postJson('/api/presets', ['name' => 'Mine', 'note' => 'first'])->assertCreated();
    $rehearsal = Rehearsal::query()->create([
        'user_id' => $user->id,
        'suite_id' => Suite::query()->where('slug', 'avocet')->firstOrFail()->id,
        'application' => 'cutloom',
    ]);
    $intent = ['name' => 'Call the director', 'group' => 'view', 'frequency' => 'often', 'synonyms' => []];
    $intents = $test->postJson('/api/intents', $intent)->assertCreated()->json('intents');
    $file = (string) file_get_contents(base_path('catalogues/cutloom/factory.xml'));

    $avocet = Suite::query()->where('slug', 'avocet')->firstOrFail();
    $release = $user->kit->presets()->firstOrFail()->releases()->firstOrFail();

    $motion = User::query()->where('email', 'motion@saltmarsh.example')->firstOrFail();

    return [
        'person' => $motion->id,
        'session' => str_repeat('a', 16),
        'token' => $user->createToken('A script', ['read'])->accessToken->getKey(),
        'invitation' => Invitation::query()->create([
            'email' => 'new@saltmarsh.example',
            'name' => 'new editor',
            'role' => 'editor',
            'token_hash' => str_repeat('0', 64),
            'expires_at' => now()->addDay(),
        ])->id,
        'application' => 'cutloom',
        'sheet' => 'strip',
        'usageSource' => UsageSource::query()->where('kit_id', $user->kit->id)->firstOrFail()->id,
        'learningCard' => LearningCard::query()->create([
            'user_id' => $user->id,
            'application' => 'cutloom',
            'command' => 'undo',
            'context' => 'everywhere',
            'gesture' => 'tap',
            'box' => 1,
            'added_at' => now(),
        ])->id,
        'drill' => StoredDrill::query()->create([
            'user_id' => $user->id,
            'questions' => (object) [],
            'state' => Drill::of([], now()->getTimestamp())->toData(),
            'started_at' => now(),
        ])->id,
        'turn' => 'pause',
        'sitting' => $avocet->sittings()->create(['user_id' => $user->id, 'started_at' => now(), 'accepted' => [], 'offered' => []])->id,
        'rollout' => Rollout::query()->create([
            'release_id' => $release->id,
            'user_id' => $user->id,
            'state' => RolloutState::Running,
            'install_when' => 'now',
        ])->id,
        'houseApplication' => $test->broughtApplication()->json('id'),
        'clash' => 'double-0000',
        'suite' => 'avocet',
        'keymap' => $keymap,
        'keyFile' => $test->bringIn('cutloom', $file)->assertCreated()->json('id'),
        'ownIntent' => collect($intents)->firstWhere('name', 'Call the director')['own'],
        'preset' => $user->kit->presets()->firstOrFail()->id,
        'release' => $release->id,
        'rehearsal' => $rehearsal->id,
        'harmonisation' => Harmonisation::query()->create([
            'kit_id' => $user->kit->id,
            'state' => HarmonisationState::Waiting,
            'request' => [],
            'versions' => [],
        ])->id,
    ];
}

test('the table of access has every route once', function () {
    expect([...array_keys(ACCESS), ...WITHOUT_ACCOUNT])->toEqualCanonicalizing(array_keys(ApiDescription::routes()));
});

/** How the table in docs/rights.md says it. */
const IN_WORDS = [
    'everybody' => EVERYBODY,
    'its owner' => OWNER,
    'editor, keeper' => NOT_THE_ASSISTANT,
    'keeper' => KEEPER,
    'its owner, keeper' => OWNER_AND_KEEPER,
    'who sits there, keeper' => SITTING_THERE,
];

test('the table that people read says the same', function () {
    preg_match_all('/^\| `([A-Z]+ \/\S*)` \| (.+) \|$/m', (string) file_get_contents(base_path('docs/rights.md')), $rows, PREG_SET_ORDER);
    $told = [];
    foreach ($rows as [, $route, $who]) {
        $told[$route] = IN_WORDS[$who] ?? $who;
    }
    expect($told)->toEqualCanonicalizing(ACCESS)->and(array_keys($told))->toEqualCanonicalizing(array_keys(ACCESS));
});

test('every route is open to whom the table says, and to nobody else', function (string $route) {
    $subjects = ownedByPicture($this);
    [$method, $path] = explode(' ', $route);
    $path = '/api'.preg_replace_callback('/\{(\w+)\}/', static fn (array $name): string => (string) $subjects[$name[1]], $path);

    // Those who may come last: what they do may take the subject away.
    foreach ([...array_diff(EVERYBODY, ACCESS[$route]), ...ACCESS[$route]] as $account) {
        $status = $this->as($account)->json($method, $path)->getStatusCode();
        $isOpen = ! in_array($status, [401, 403], true);
        expect($isOpen)->toBe(in_array($account, ACCESS[$route], true), "{$account}: {$status}");
    }
})->with(array_keys(ACCESS));

test('what belongs to somebody is as closed to other people of the same role as to any other role', function () {
    $closed = array_filter(ACCESS, static fn (array $accounts): bool => $accounts === OWNER);
    expect(count($closed))->toBeGreaterThan(15);
    foreach (array_keys($closed) as $route) {
        expect($route)->toMatch('/\{(?!suite|application|clash)\w+\}/');
    }
});
