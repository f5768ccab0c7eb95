<?php

declare(strict_types=1);

use App\Models\Preset;
use Illuminate\Http\UploadedFile;

/** @return array<string, mixed> a preset as the signed-in account sees it; empty when it does not */
function seen($test, string $name): array
{
    return collect($test->getJson('/api/presets')->assertOk()->json('presets'))->firstWhere('name', $name) ?? [];
}

test('a preset is its owner\'s until it is shared with people by name, or is the house\'s', function () {
    $this->as('picture')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');
    $release = $this->release('Mine');
    $preset = seen($this, 'Mine')['id'];
    $sound = App\Models\User::query()->where('email', 'sound@saltmarsh.example')->value('id');
    $this->as('sound');
    expect(seen($this, 'Mine'))->toBe([]);
    $this->getJson("/api/releases/{$release}/key-files")->assertStatus(403);
    $this->as('picture')
        ->patchJson("/api/presets/{$preset}", ['audience' => 'people', 'people' => [$sound]])
        ->assertOk();
    $this->as('sound');
    expect(seen($this, 'Mine'))->toMatchArray(['is_mine' => false, 'may_release' => false, 'owner' => 'picture editor']);
    $this->as('motion');
    expect(seen($this, 'Mine'))->toBe([]);
    $this->as('picture')
        ->patchJson("/api/presets/{$preset}", ['audience' => 'house'])
        ->assertStatus(403);
    $this->patchJson("/api/presets/{$preset}", ['audience' => 'mine', 'is_standard' => true])->assertStatus(403);
    expect(Preset::query()->findOrFail($preset)->is_standard)->toBeFalse();
});

test('there is one house standard, and making another one takes it from the first', function () {
    $first = $this->houseStandard();
    $this->release('Second one');
    $second = seen($this, 'Second one')['id'];
    $this->patchJson("/api/presets/{$second}", ['audience' => 'house', 'is_standard' => true])->assertOk();
    expect(Preset::query()->where('is_standard', true)->pluck('id')->all())
        ->toBe([$second])
        ->and(Preset::query()->findOrFail($first['preset'])->audience->value)
        ->toBe('house');
});

test('a release opens as all of one\'s keys, or as one new keymap', function () {
    $standard = $this->houseStandard();
    $opened = $this->as('sound')
        ->postJson("/api/releases/{$standard['release']}/kit")
        ->assertCreated()
        ->json('keymaps');
    expect($opened)->toHaveCount(1);
    $this->getJson('/api/applications/cutloom/keymap')->assertJsonPath('id', $opened[0]['id']);
    $this->getJson('/api/applications/cutloom/remap?command=split-at-playhead&context=timeline')->assertJsonPath(
        'bindings.0.chord.id',
        'KeyB',
    );
    expect(seen($this, 'House standard'))->toMatchArray(['is_followed' => true, 'has_news' => false]);
});

test(
    'what is new in a preset that one follows is merged into one\'s keys, binding by binding, and asks where both sides differ',
    function () {
        $standard = $this->houseStandard();
        $this->as('sound')->postJson("/api/releases/{$standard['release']}/kit");
        $mine = $this->getJson('/api/applications/cutloom/keymap')->json('id');
        $this->rekey($mine, 'cutloom', 'split-at-playhead', 'KeyY', 'timeline');
        $this->rekey($mine, 'cutloom', 'lift', 'Comma', 'timeline');
        $house = $this->as('keeper')->getJson('/api/applications/cutloom/keymap')->json('id');
        $this->rekey($house, 'cutloom', 'split-at-playhead', 'KeyT', 'timeline');
        $this->rekey($house, 'cutloom', 'add-marker', 'Period', 'everywhere');
        $second = $this->release($standard['preset'], 'the second');
        $this->as('sound');
        expect(seen($this, 'House standard')['has_news'])->toBeTrue();
        $path = "/api/presets/{$standard['preset']}/news";
        $news = $this->getJson($path)->assertOk()->json('applications.0');
        expect(array_column(array_column($news['change']['added'], 'chord'), 'id'))
            ->toBe(['Period'])
            ->and($news['questions'])
            ->toHaveCount(1)
            ->and($news['questions'][0])
            ->toMatchArray(['kind' => 'same-command', 'answer' => null])
            ->and($news['consequences']['relearning'])
            ->not->toBe([]);
        $body = ['up_to' => $second, 'versions' => ['cutloom' => $news['version']]];
        $this->postJson($path, $body)->assertStatus(409)->assertJsonPath('kind', 'undecided');
        $this->postJson($path, ['up_to' => $standard['release']] + $body)
            ->assertStatus(409)
            ->assertJsonPath('kind', 'stale-preset');
        $question = $news['questions'][0]['id'];
        $this->postJson($path, $body + ['answers' => [$question => 'theirs']])
            ->assertOk()
            ->assertJsonPath('applications', []);
        $chord = fn (string $command, string $context): string => $this->getJson(
            "/api/applications/cutloom/remap?command={$command}&context={$context}",
        )->json('bindings.0.chord.id');
        expect($chord('split-at-playhead', 'timeline'))
            ->toBe('KeyT')
            ->and($chord('lift', 'timeline'))
            ->toBe('Comma')
            ->and($chord('add-marker', 'everywhere'))
            ->toBe('Period');
        $this->postJson("/api/keymaps/{$mine}/undo", [
            'version' => $this->getJson('/api/applications/cutloom/keymap')->json('version'),
        ])->assertOk();
        expect($chord('split-at-playhead', 'timeline'))->toBe('KeyY');
    },
);

test('chords that each side gave away are asked about, and both may stay', function () {
    $standard = $this->houseStandard();
    $this->as('sound')->postJson("/api/releases/{$standard['release']}/kit");
    $this->rekey($this->getJson('/api/applications/cutloom/keymap')->json('id'), 'cutloom', 'lift', 'Comma', 'timeline');
    $house = $this->as('keeper')->getJson('/api/applications/cutloom/keymap')->json('id');
    $this->rekey($house, 'cutloom', 'delete-gap', 'Comma', 'timeline');
    $second = $this->release($standard['preset']);
    $path = "/api/presets/{$standard['preset']}/news";
    $question = $this->as('sound')->getJson($path)->json('applications.0.questions.0');
    expect($question)->toMatchArray(['kind' => 'same-chord', 'answers' => ['ours', 'theirs', 'both']]);
    $both = $this->getJson("{$path}?answers[{$question['id']}]=both")
        ->assertOk()
        ->json('applications.0.consequences.raises_fault');
    $ours = $this->getJson("{$path}?answers[{$question['id']}]=ours")
        ->assertOk()
        ->json('applications');
    expect($both)
        ->toBeTrue()
        ->and($ours[0]['change'] ?? ['removed' => [], 'added' => []])
        ->toBe(['removed' => [], 'added' => []]);
    $this->postJson($path, ['up_to' => $second, 'answers' => [$question['id'] => 'ours']])->assertOk();
    expect(seen($this, 'House standard')['has_news'])->toBeFalse();
});

test('two keepers who edit the house standard meet the same merge, and neither loses anything', function () {
    $standard = $this->houseStandard();
    App\Models\User::query()
        ->where('email', 'motion@saltmarsh.example')
        ->update(['role' => 'suite-keeper']);
    $this->as('motion')
        ->postJson("/api/releases/{$standard['release']}/kit")
        ->assertCreated();
    $second = $this->getJson('/api/applications/cutloom/keymap')->json('id');
    $this->rekey($second, 'cutloom', 'lift', 'Comma', 'timeline');
    $first = $this->as('keeper')->getJson('/api/applications/cutloom/keymap')->json('id');
    $this->rekey($first, 'cutloom', 'add-marker', 'Period', 'everywhere');
    $newest = $this->release($standard['preset'], 'markers');
    $this->as('motion')
        ->postJson("/api/presets/{$standard['preset']}/releases", ['note' => 'lift'])
        ->assertStatus(409)
        ->assertJsonPath('kind', 'stale-preset')
        ->assertJsonPath('preset', $standard['preset']);
    $version = $this->getJson('/api/applications/cutloom/keymap')->json('version');
    $this->postJson("/api/presets/{$standard['preset']}/news", ['up_to' => $newest, 'versions' => ['cutloom' => $version]])->assertOk();
    $release = $this->release($standard['preset'], 'lift');
    $says = json_encode(App\Models\Release::query()->findOrFail($release)->content);
    expect($says)->toContain('"chord":"Comma","command":"lift"')->toContain('"chord":"Period","command":"add-marker"');
});

test('following a preset from its beginning brings all of it, and from now on nothing yet', function () {
    $standard = $this->houseStandard();
    $this->as('sound')
        ->putJson("/api/presets/{$standard['preset']}/following", ['from' => 'now'])
        ->assertOk()
        ->assertJsonPath('applications', []);
    expect(seen($this, 'House standard'))->toMatchArray(['is_followed' => true, 'has_news' => false]);
    $this->as('motion')
        ->putJson("/api/presets/{$standard['preset']}/following", ['from' => 'beginning'])
        ->assertOk()
        ->assertJsonPath('applications.0.change.added.0.chord.id', 'KeyB');
    $this->postJson("/api/presets/{$standard['preset']}/news", ['up_to' => $standard['release']])->assertOk();
    $this->getJson('/api/applications/cutloom/keymap')->assertJsonPath('is_protected', false);
    $this->deleteJson("/api/presets/{$standard['preset']}/following")->assertOk();
    expect(seen($this, 'House standard')['is_followed'])->toBeFalse();
    // Whoever comes back says anew what is news to them.
    $this->putJson("/api/presets/{$standard['preset']}/following", ['from' => 'beginning'])->assertOk();
    expect(seen($this, 'House standard')['has_news'])->toBeTrue();
});

test('a release that breaks what the house has fixed, or fixes less than before, is told and needs a yes', function () {
    $standard = $this->houseStandard();
    $fixed = ['cutloom' => ['timeline KeyB tap split-at-playhead']];
    $this->postJson("/api/presets/{$standard['preset']}/releases", ['note' => 'fixed', 'fixed' => $fixed])->assertCreated();
    $this->as('picture')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');
    $problems = $this->getJson('/api/release-drafts')->assertOk()->json('problems');
    expect(array_column($problems, 'kind'))->toContain('fixed-broken');
    $this->as('keeper');
    $this->postJson("/api/presets/{$standard['preset']}/releases", ['note' => 'let go', 'fixed' => ['cutloom' => []]])
        ->assertStatus(422)
        ->assertJsonPath('problems.0.kind', 'fixed-broken');
});

test('any two states are compared by meaning, as data, Markdown and CSV', function () {
    $standard = $this->houseStandard();
    $this->workstation('avocet')->round();
    foreach (
        [
            'factory',
            "release {$standard['release']}",
            'suite avocet',
            'kit',
            'keymap '.$this->as('keeper')->getJson('/api/applications/cutloom/keymap')->json('id'),
        ] as $side
    ) {
        $this->getJson('/api/comparisons?before=factory&after='.urlencode($side))->assertOk();
    }
    $path = "/api/comparisons?before=factory&after=release%20{$standard['release']}";
    $cutloom = $this->getJson($path)->json('applications.0');
    expect($cutloom['moved'][0]['command']['id'])
        ->toBe('split-at-playhead')
        ->and($cutloom['moved'][0]['before'][0]['chord']['id'])
        ->toBe('KeyC')
        ->and($cutloom['relearning'][0]['command']['id'])
        ->toBe('split-at-playhead')
        ->and($cutloom['share'])
        ->toBeGreaterThan(0)
        ->toBeLessThan(1);
    expect(
        (string) $this->get("{$path}&as=csv")
            ->assertOk()
            ->getContent(),
    )
        ->toStartWith("application,context,command,what,before,after\r\n")
        ->toContain('Cutloom,Timeline,Split at playhead,moved,C,B');
    expect(
        (string) $this->get("{$path}&as=markdown")
            ->assertOk()
            ->getContent(),
    )->toContain('| Timeline | Split at playhead | moved | C | B |');
    $this->as('picture')
        ->getJson('/api/comparisons?before=kit&after=keymap%20'.App\Models\Keymap::query()->firstOrFail()->id)
        ->assertStatus(403);
    $this->getJson('/api/comparisons?before=kit&after=oven')->assertStatus(422);
    $this->getJson('/api/comparisons?before=kit&after=release%20999')->assertStatus(404);
});

/** @param  array<string, string>  $files  bytes by path, put over those of the archive */
function archive(string $bytes, array $files = []): UploadedFile
{
    $path = (string) tempnam(sys_get_temp_dir(), 'zip');
    file_put_contents($path, $bytes);
    $zip = new ZipArchive();
    $zip->open($path);
    foreach ($files as $name => $content) {
        $zip->addFromString($name, $content);
    }
    $zip->close();

    return UploadedFile::fake()->createWithContent('release.zip', (string) file_get_contents($path));
}

function carried($test): string
{
    $test->as('picture')->keymap('cutloom', 'split-at-playhead', 'KeyT', 'timeline');

    return (string) $test
        ->get('/api/releases/'.$test->release('To go', 'for the coast').'/archive')
        ->assertOk()
        ->getContent();
}

test('a release is carried as a signed archive, looked into, and taken in with the very same files', function () {
    $bytes = carried($this);
    $looked = $this->as('sound')
        ->post('/api/archives', ['file' => archive($bytes)], ['Accept' => 'application/json'])
        ->assertOk();
    expect($looked->json())
        ->toMatchArray(['signer' => 'this-house', 'preset' => 'To go', 'number' => 1, 'note' => 'for the coast', 'release' => null])
        ->and($looked->json('applications.0'))
        ->toMatchArray(['different' => 1]);
    expect(seen($this, 'From afar'))->toBe([]);
    $this->post('/api/archives', ['file' => archive($bytes), 'name' => 'From afar'], ['Accept' => 'application/json'])->assertCreated();
    $there = App\Models\Release::query()->orderBy('id')->with('files')->get();
    expect($there[1]->digest)
        ->toBe($there[0]->digest)
        ->and($there[1]->files[0]->bytes)
        ->toBe($there[0]->files[0]->bytes);
    $this->post('/api/archives', ['file' => archive($bytes), 'name' => 'From afar'], ['Accept' => 'application/json'])->assertStatus(422);
});

test('the manifest of an archive is as its schema says', function () {
    $path = (string) tempnam(sys_get_temp_dir(), 'zip');
    file_put_contents($path, carried($this));
    $zip = new ZipArchive();
    $zip->open($path);
    $schema = json_decode((string) file_get_contents(base_path('docs/archive.schema.json')));
    $result = (new Opis\JsonSchema\Validator())->validate(json_decode((string) $zip->getFromName('manifest.json')), $schema);
    expect($result->isValid())->toBeTrue()->and($zip->getFromName('list.html'))->toContain('Split at playhead');
});

test('an archive that was changed, cut or forged is told as what it is', function () {
    $bytes = carried($this);
    $send = fn (UploadedFile $file) => $this->post('/api/archives', ['file' => $file], ['Accept' => 'application/json']);
    $send(archive($bytes, ['files/cutloom-keys.xml' => '<cutloom-keys/>']))
        ->assertStatus(422)
        ->assertJsonPath('kind', 'broken-archive')
        ->assertJsonPath('where', 'files/cutloom-keys.xml');
    $send(UploadedFile::fake()->createWithContent('release.zip', substr($bytes, 0, 400)))
        ->assertStatus(422)
        ->assertJsonPath('kind', 'broken-archive');
    $send(archive($bytes, ['../outside.txt' => 'x']))->assertStatus(422)->assertJsonPath('where', '../outside.txt');
    $send(archive($bytes, ['files/large' => str_repeat('x', 9_000_000)]))->assertStatus(422)->assertJsonPath('where', 'files/large');
    $send(archive($bytes, array_fill_keys(array_map(static fn (int $n): string => "more/{$n}", range(1, 200)), 'x')))->assertStatus(422);
    $send(archive($bytes, ['signature.json' => '{"signature":"'.str_repeat('0', 128).'","public_key":"'.str_repeat('1', 64).'"}']))
        ->assertOk()
        ->assertJsonPath('signer', 'forged');
    $forged = archive($bytes, ['signature.json' => '{"signature":"'.str_repeat('0', 128).'","public_key":"'.str_repeat('1', 64).'"}']);
    $this->post('/api/archives', ['file' => $forged, 'name' => 'Forged'], ['Accept' => 'application/json'])
        ->assertStatus(422)
        ->assertJsonPath('where', 'signature.json');
    expect(seen($this, 'Forged'))->toBe([]);
    $send(archive($bytes, ['signature.json' => '{}']))->assertOk()->assertJsonPath('signer', 'nobody');
});

test('what is not known here stays with what was taken in, and goes out again', function () {
    $bytes = archive(carried($this), ['notes/for-the-sound.txt' => 'mind the hum']);
    $this->as('sound')
        ->post('/api/archives', ['file' => $bytes, 'name' => 'With a note'], ['Accept' => 'application/json'])
        ->assertCreated()
        ->assertJsonPath('foreign.0', 'notes/for-the-sound.txt');
    $release = App\Models\Release::query()->orderByDesc('id')->firstOrFail()->id;
    $path = (string) tempnam(sys_get_temp_dir(), 'zip');
    file_put_contents(
        $path,
        (string) $this->get("/api/releases/{$release}/archive")
            ->assertOk()
            ->getContent(),
    );
    $zip = new ZipArchive();
    $zip->open($path);
    expect($zip->getFromName('notes/for-the-sound.txt'))->toBe('mind the hum');
});
