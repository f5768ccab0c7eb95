<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use App\Keymap\KeymapEditor;
use App\Keymap\KitReader;
use App\Keymap\WriteTerms;
use App\Library\Library;
use App\Models\Keymap;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\Comparison;

/** A keymap through time: changes, undo and redo, saving, comparing, and going back. */
final readonly class KeymapHistoryController
{
    public function __construct(private Library $library, private KeymapEditor $editor, private KitReader $kit, private Docket $docket)
    {
    }

    public function change(ChangeRequest $request, #[CurrentUser] User $user, Keymap $keymap, Seat $seat): KeymapResource
    {
        $application = $this->library->application($keymap->application);
        $change = $request->change($application, $this->library->dialect($application));
        $title = $request->string('title')->toString();
        $this->editor->change($keymap, $user, $title, $change, $this->terms($request, $seat));

        return $this->answer($keymap, $seat);
    }

    public function undo(VersionRequest $request, Keymap $keymap, Seat $seat): KeymapResource
    {
        $this->editor->undo($keymap, $this->terms($request, $seat));

        return $this->answer($keymap, $seat);
    }

    public function redo(VersionRequest $request, Keymap $keymap, Seat $seat): KeymapResource
    {
        $this->editor->redo($keymap, $this->terms($request, $seat));

        return $this->answer($keymap, $seat);
    }

    public function save(VersionRequest $request, Keymap $keymap, Seat $seat): KeymapResource
    {
        $this->editor->save($keymap, WriteTerms::whatever($request->integer('version')));

        return $this->answer($keymap, $seat);
    }

    /**
     * Back to the last save or to the factory keymap, all of it, one context or one command: a change like any other, which can be undone.
     */
    public function revert(RevertRequest $request, #[CurrentUser] User $user, Keymap $keymap, Seat $seat): KeymapResource
    {
        $to = $this->other($keymap, $request->string('to')->toString());
        $comparison = Comparison::between($keymap->bindings, $to)->only($request->optional('context'), $request->optional('command'));
        $change = $comparison->change();
        if (! $change->isEmpty()) {
            $title = $request->title($this->library->application($keymap->application));
            $this->editor->change($keymap, $user, $title, $change, $this->terms($request, $seat));
        }

        return $this->answer($keymap, $seat);
    }

    /** What leads from the last save, the factory keymap or another keymap to this one, command by command. */
    public function compare(Request $request, Keymap $keymap, Seat $seat): ComparisonResource
    {
        $request->validate(
            ['with' => ['required', 'regex:/^(saved|factory|\d{1,12})$/']],
            ['with' => 'Compare with the last save, with the factory keymap, or with another keymap of the application.'],
        );

        $with = $request->string('with')->toString();
        $name = match ($with) {
            'saved' => 'the last save',
            'factory' => 'the factory keymap',
            default => Keymap::query()->findOrFail((int) $with)->name,
        };

        return new ComparisonResource(
            Comparison::between($this->other($keymap, $with), $keymap->bindings),
            $name,
            $this->library->application($keymap->application),
            $seat,
        );
    }

    private function other(Keymap $keymap, string $which): Bindings
    {
        if ($which === 'saved') {
            return $keymap->saved_bindings;
        }
        if ($which === 'factory') {
            return $this->library->factoryBindings($this->library->application($keymap->application));
        }
        $other = Keymap::query()->where('application', $keymap->application)->findOrFail((int) $which);
        Gate::authorize('view', $other);

        return $other->bindings;
    }

    /** A change or a way back is asked about before a clash comes of it, unless the request says that it was. */
    private function terms(FormRequest $request, Seat $seat): WriteTerms
    {
        $version = $request->integer('version');

        if ($request->boolean('despite_clashes')) {
            return WriteTerms::whatever($version);
        }

        return $request instanceof ChangeRequest ? WriteTerms::at($version, $seat) : WriteTerms::wayBack($version, $seat);
    }

    /** The keymap that was written, and what came of it: the same that is shown before a change is made. */
    private function answer(Keymap $keymap, Seat $seat): KeymapResource
    {
        $before = $this->kit->with($keymap)->at($seat);
        $written = Keymap::query()->findOrFail($keymap->id);
        $change = Change::between($keymap->bindings, $written->bindings);

        return new KeymapResource($this->kit->with($written), $seat, Consequences::of($before, $change, $this->docket));
    }
}
