<?php

declare(strict_types=1);

use App\Models\Keymap;

/** A keymap of Cutloom as somebody works on it in a page, beside a plain record of what it has to be. */
final class HistoryOfKeymap
{
    /** @var list<list<string>> what the bindings were before each step that can be undone */
    private array $before = [];

    /** @var list<list<string>> what undone steps led to, the last one last */
    private array $undone = [];

    /** @var list<string> */
    private array $now;

    /** @var list<string> */
    private array $saved;

    private int $version;

    private readonly int $id;

    private int $steps = 0;

    public function __construct(private readonly object $test)
    {
        $made = $test
            ->as('picture')
            ->postJson('/api/applications/cutloom/keymaps', ['name' => 'Mine'])
            ->assertCreated()
            ->json();
        [$this->id, $this->version] = [$made['id'], $made['version']];
        $this->now = $this->saved = self::lines($made['bindings']);
    }

    public function step(): void
    {
        match (mt_rand(0, 9)) {
            0, 1, 2 => $this->change(),
            3, 4 => $this->undo(),
            5 => $this->redo(),
            6 => $this->save(),
            7 => $this->revert(),
            8 => $this->writeOnOldVersion(),
            default => $this->reload(),
        };
    }

    private function change(): void
    {
        $key = 'F'.mt_rand(13, 15);
        $command = ['lift', 'stop', 'undo'][mt_rand(0, 2)];
        $binding = ['chord' => $key, 'command' => $command, 'context' => 'timeline', 'gesture' => 'tap'];
        $line = "timeline {$key} {$command} tap";
        $isThere = in_array($line, $this->now, true);
        $change = $isThere ? ['removed' => [$binding], 'added' => []] : ['removed' => [], 'added' => [$binding]];
        $this->send('changes', ['title' => 'Step '.++$this->steps, 'change' => $change]);
        $this->made($isThere ? array_values(array_diff($this->now, [$line])) : [...$this->now, $line]);
    }

    private function undo(): void
    {
        if ($this->before === []) {
            $this->test->postJson("/api/keymaps/{$this->id}/undo", ['version' => $this->version])->assertStatus(409);

            return;
        }
        $this->send('undo');
        $this->undone[] = $this->now;
        $this->now = array_pop($this->before);
    }

    private function redo(): void
    {
        if ($this->undone === []) {
            $this->test->postJson("/api/keymaps/{$this->id}/redo", ['version' => $this->version])->assertStatus(409);

            return;
        }
        $this->send('redo');
        $this->before[] = $this->now;
        $this->now = array_pop($this->undone);
    }

    private function save(): void
    {
        $this->send('save');
        $this->saved = $this->now;
    }

    private function revert(): void
    {
        if (self::isSame($this->now, $this->saved)) {
            return;
        }
        $this->send('revert', ['to' => 'saved']);
        $this->made($this->saved);
    }

    private function writeOnOldVersion(): void
    {
        foreach (['undo', 'redo', 'save'] as $write) {
            $this->test->postJson("/api/keymaps/{$this->id}/{$write}", ['version' => $this->version - 1])->assertStatus(409);
        }
    }

    private function reload(): void
    {
        $shown = $this->test->getJson('/api/applications/cutloom/keymap')->assertOk()->json();
        expect($shown['version'])->toBe($this->version);
        $this->check($shown);
    }

    /** @param  list<string>  $next */
    private function made(array $next): void
    {
        $this->before[] = $this->now;
        $this->undone = [];
        $this->now = $next;
    }

    /** @param  array<string, mixed>  $body */
    private function send(string $write, array $body = []): void
    {
        $answer = $this->test
            ->postJson("/api/keymaps/{$this->id}/{$write}", ['version' => $this->version, 'despite_clashes' => true, ...$body])
            ->assertOk()
            ->json();
        // A save changes no binding, so what was worked out before it still holds.
        expect($answer['version'])->toBe($write === 'save' ? $this->version : $this->version + 1);
        $this->version = $answer['version'];
    }

    /** @param  array<string, mixed>  $shown */
    public function check(array $shown): void
    {
        expect(self::isSame(self::lines($shown['bindings']), $this->now))
            ->toBeTrue()
            ->and($shown['undo'] !== null)
            ->toBe($this->before !== [])
            ->and($shown['redo'] !== null)
            ->toBe($this->undone !== [])
            ->and($shown['unsaved'] === 0)
            ->toBe(self::isSame($this->now, $this->saved));
    }

    public function shown(): array
    {
        return $this->test->getJson('/api/applications/cutloom/keymap')->assertOk()->json();
    }

    /**
     * @param  list<array<string, mixed>>  $bindings
     * @return list<string>
     */
    private static function lines(array $bindings): array
    {
        return array_map(
            static fn (array $one): string => "{$one['context']['id']} {$one['chord']['id']} {$one['command']['id']} {$one['gesture']}",
            $bindings,
        );
    }

    /**
     * @param  list<string>  $one
     * @param  list<string>  $other
     */
    private static function isSame(array $one, array $other): bool
    {
        sort($one);
        sort($other);

        return $one === $other;
    }
}

test('whatever is changed, undone, made again, saved and reverted, the keymap is what these steps say', function (int $seed) {
    mt_srand($seed);
    $history = new HistoryOfKeymap($this);
    for ($step = 0; $step < 40; $step++) {
        $history->step();
        $history->check($history->shown());
    }
    expect(Keymap::query()->count())->toBe(1);
})->with([1, 2, 3]);
