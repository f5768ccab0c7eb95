<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\Keymap;
use App\Models\Preset;
use App\Models\Release;
use App\Models\Suite;
use App\Models\User;

/** What something was done to. A person is told by number alone. */
final readonly class Subject
{
    private function __construct(public string $kind, public string $id, public ?string $name = null)
    {
    }

    public static function person(User $user): self
    {
        return new self('person', (string) $user->id);
    }

    public static function suite(Suite $suite): self
    {
        return new self('suite', $suite->slug, $suite->name);
    }

    public static function keymap(Keymap $keymap): self
    {
        return new self('keymap', (string) $keymap->id, "{$keymap->name} ({$keymap->application})");
    }

    public static function preset(Preset $preset): self
    {
        return new self('preset', (string) $preset->id, $preset->name);
    }

    public static function release(Release $release): self
    {
        return new self('release', (string) $release->id, "{$release->preset->name} {$release->number}");
    }

    public static function application(string $slug, string $name): self
    {
        return new self('application', $slug, $name);
    }

    public static function house(): self
    {
        return new self('house', '1');
    }

    public static function token(int $id, string $name): self
    {
        return new self('token', (string) $id, $name);
    }
}
