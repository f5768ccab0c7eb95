<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use App\Models\Edit;
use App\Models\Keymap;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\EditKind;
use Zebrafinch\Core\Text\Listing;

/**
 * What was taken in from the keymap that is followed since the last save, and in words what of it did not go together with the own one.
 *
 * @phpstan-import-type Notice from Edit
 * @phpstan-import-type BindingData from Change
 */
final readonly class FollowedNotices
{
    public function __construct(private Application $application, private Seat $seat)
    {
    }

    /** @return list<array{title: string, sentences: list<string>}> the latest first */
    public function of(Keymap $keymap): array
    {
        /** @var \Illuminate\Support\Collection<int, Edit> $steps */
        $steps = $keymap->edits()->where('kind', EditKind::Followed)->whereNotNull('notice')->reorder('id', 'desc')->get();

        return array_values(
            $steps
                ->map(
                    fn (Edit $step): array => [
                        'title' => $step->title,
                        'sentences' => $this->sentences($step->notice ?? ['conflicts' => [], 'doubles' => []]),
                    ],
                )
                ->all(),
        );
    }

    /**
     * @param  Notice  $notice
     * @return list<string>
     */
    private function sentences(array $notice): array
    {
        return [
            ...array_map(
                fn (array $one): string => $this->application->commandName($one['command']).
                    " has {$this->chords($one['theirs'])} there and {$this->chords($one['ours'])} here; yours stays.",
                $notice['conflicts'],
            ),
            ...array_map(
                fn (array $one): string => "{$this->chords([$one['theirs']])} came with {$this->command(
                    $one['theirs'],
                )}, and you have it for "."{$this->command($one['ours'])}.",
                $notice['doubles'],
            ),
        ];
    }

    /** @param  list<BindingData>  $bindings */
    private function chords(array $bindings): string
    {
        $label = fn (Binding $one): string => $this->seat->printer()->inSentence($one->chord);

        return $bindings === [] ? 'no chord' : Listing::and(array_map($label, Bindings::fromData($bindings)->all()));
    }

    /** @param  BindingData  $binding */
    private function command(array $binding): string
    {
        return $this->application->commandName($binding['command']);
    }
}
