<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Models\Edit;
use App\Models\Keymap;
use App\Problems\AppRefusal;
use App\Resources\Shapes;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Text\Listing;

/** What is refused about writes to keymaps. */
final class KeymapRefused extends AppRefusal
{
    /** A change of the keymap as it is that takes away what is not there, or adds what is. */
    public static function doesNotFit(Application $application, Bindings $bindings, Binding $first): self
    {
        $command = $application->commandName($first->command);
        $context = $application->contexts->has($first->context) ? $application->contexts->get($first->context)->name : $first->context;

        return $bindings->has($first)
            ? self::because(
                'does-not-fit',
                422,
                "{$command} has {$first->chord->id()} in {$context} already.",
                'There is nothing to change.',
            )
            : self::because(
                'does-not-fit',
                422,
                "{$command} does not have {$first->chord->id()} in {$context}.",
                'Load the keymap again and choose once more.',
            );
    }

    public static function nameTaken(string $name, string $of): self
    {
        return self::because(
            'name-taken',
            422,
            "{$of} already has something called \"{$name}\".",
            'Choose another name; nothing was overwritten.',
        );
    }

    public static function nothingToUndo(): self
    {
        return self::because('nothing-to-undo', 409, 'There is no change left to undo.', 'The keymap is as it was when it was made.');
    }

    public static function nothingToRedo(): self
    {
        return self::because('nothing-to-undo', 409, 'There is no undone change to make again.', 'Go on from here.');
    }

    /** A write, or the undoing of one, from which a clash would come: asked about before it is made. */
    public static function raisesClash(LoadedKeymap $keymap, Consequences $consequences): self
    {
        $more = count($consequences->raised) - 1;

        return self::because(
            'raises-clash',
            409,
            'This brings a clash: '.
                ($consequences->raised[0] ?? null)?->sentence().
                ($more < 1 ? '' : " And {$more} more.").
                ' Nothing was changed yet.',
            'Go another way, or make it all the same and settle it in Clashes.',
        )->with(['consequences' => (new Shapes($keymap->application, $keymap->seat))->consequences($consequences)]);
    }

    /**
     * @param  list<Binding>  $conflicts  bindings of the refused change that stand against the keymap as it is now
     * @param  array<string, mixed>|null  $consequences  what would come of the change now, as {@see Shapes::consequences()} has it; null
     *     where that was not looked at
     */
    public static function stale(Keymap $keymap, int $version, array $conflicts, ?array $consequences = null): self
    {
        return self::because(
            'stale-keymap',
            409,
            "The keymap \"{$keymap->name}\" was changed in the meantime, in another window or by an undo.",
            $conflicts === []
                ? 'Make your change on top of it, or look at it first.'
                : 'What you wanted to change is no longer there. Load the keymap again and choose once more.',
        )->with([
            'merge' => [
                'version' => $keymap->version,
                'since' => array_values(
                    $keymap->edits()->where('version', '>', $version)->get()->map(static fn (Edit $edit): string => $edit->title)->all(),
                ),
                'possible' => $conflicts === [],
                'conflicts' => array_map(static fn (Binding $binding): array => $binding->toData(), $conflicts),
                'consequences' => $consequences,
            ],
        ]);
    }

    /** @param  non-empty-list<string>  $applications  names */
    public static function kitChanged(array $applications): self
    {
        return self::because(
            'stale-keymap',
            409,
            'Since this was worked out the keymap of '.Listing::and($applications).' has changed, or another is in use.',
            'Look at it again; it is worked out anew.',
        );
    }
}
