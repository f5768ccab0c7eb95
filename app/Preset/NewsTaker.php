<?php

declare(strict_types=1);

namespace App\Preset;

use App\Keymap\KeymapEditor;
use App\Keymap\KeymapRefused;
use App\Keymap\KeymapStarter;
use App\Keymap\WriteTerms;
use App\Models\User;

/** Writes what is new for a keymap into it; where somebody has the factory one, into a copy. */
final readonly class NewsTaker
{
    public function __construct(private KeymapEditor $editor, private KeymapStarter $starter)
    {
    }

    /**
     * @param  string  $title  of the step
     * @param  string  $copyName  of the copy, if there has to be one
     * @param  int  $version  of the keymap that it was decided on
     *
     * @throws PresetRefused|KeymapRefused
     */
    public function take(User $user, KeymapNews $news, string $title, string $copyName, int $version): void
    {
        $application = $news->current->application;
        $change = $news->taking->change;
        if (! $news->taking->isDecided()) {
            throw PresetRefused::undecided($application);
        }
        if ($change->isEmpty()) {
            return;
        }
        $news->current->own === null
            ? $this->starter->fromFactory(
                $user,
                $application,
                $this->starter->freeName($user, $application, $copyName),
                $title,
                $change,
            )
            : $this->editor->change($news->current->own, $user, $title, $change, WriteTerms::whatever($version));
    }
}
