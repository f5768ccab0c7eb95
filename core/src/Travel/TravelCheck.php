<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Travel;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Offer\Offers;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Reach\ReservedChords;

/** What of a keymap is lost or moved at another keyboard, and what could stand in for what is lost. */
final readonly class TravelCheck
{
    public function __construct(private ReservedChords $reserved, private Offers $free)
    {
    }

    /**
     * @param  LoadedKeymap  $keymap  loaded at the other keyboard
     * @return list<TravelFinding> what is lost first, then what is moved, each in the order of the key file
     */
    public function of(LoadedKeymap $keymap): array
    {
        $judge = new ReachJudge($keymap->seat, $this->reserved);
        $findings = [];
        // Each replacement is taken before the next is looked for, so that no two get the same chord.
        $with = $keymap;
        foreach ($keymap->bindings() as $binding) {
            $reach = $judge->of($binding->chord);
            if ($reach->kind === ReachKind::AsWritten) {
                continue;
            }
            $replacement = $reach->kind->arrives() ? null : $this->free->for($with, $binding->command, $binding->context, 1)[0] ?? null;
            if ($replacement !== null) {
                $with = $with->after(Change::none()->removing($binding)->adding($binding->at($replacement->chord)));
            }
            $findings[] = new TravelFinding($binding, $reach, $replacement);
        }
        usort($findings, static fn (TravelFinding $one, TravelFinding $other): int => $other->isLost() <=> $one->isLost());

        return $findings;
    }

    /**
     * The bindings that stay where they are but are called otherwise, as the key of Q where it types A.
     *
     * @param  LoadedKeymap  $keymap  loaded at the keyboard where it is used now
     * @param  LoadedKeymap  $there  the same loaded at the other one
     * @return list<Binding>
     */
    public function renamed(LoadedKeymap $keymap, LoadedKeymap $there): array
    {
        $judge = new ReachJudge($there->seat, $this->reserved);

        return array_values(
            array_filter(
                $keymap->bindings()->all(),
                static fn (Binding $one): bool => $judge->of($one->chord)->kind === ReachKind::AsWritten &&
                    $keymap->seat->printer()->names()->of($one->chord->key) !== $there->seat->printer()->names()->of($one->chord->key),
            ),
        );
    }

    /**
     * What leads from the keymap to one for the road.
     *
     * @param  list<TravelFinding>  $findings
     */
    public static function change(array $findings): Change
    {
        $change = Change::none();
        foreach ($findings as $finding) {
            if ($finding->replacement !== null) {
                $change = $change->removing($finding->binding)->adding($finding->binding->at($finding->replacement->chord));
            }
        }

        return $change;
    }
}
