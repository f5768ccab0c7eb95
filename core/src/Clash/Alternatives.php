<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Desktop\NearestTitle;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Offer\Offers;

/** What a binding that is in the way could be instead, so that its command still has a chord. */
final readonly class Alternatives
{
    public function __construct(private Offers $free)
    {
    }

    /**
     * @param  int  $most  free chords that are looked at
     * @return list<Alternative> in no order of worth
     */
    public function to(Binding $binding, LoadedKeymap $keymap, int $most): array
    {
        return array_values(
            array_filter(
                [
                    ...$this->moves($binding, $keymap, $most),
                    $this->narrowed($binding, $keymap),
                    $this->otherGesture($binding, $keymap),
                    $this->nearestTitle($binding, $keymap),
                ],
                fn (?Alternative $one): bool => $one !== null && $this->mayBe($one->binding, $keymap),
            ),
        );
    }

    /** Whether a binding can be written and pressed at all. */
    public function mayBe(Binding $binding, LoadedKeymap $keymap): bool
    {
        return $this->free->objection($keymap, $binding) === null;
    }

    /** @return list<Alternative> */
    private function moves(Binding $binding, LoadedKeymap $keymap, int $most): array
    {
        $moves = [];
        foreach ($this->free->for($keymap, $binding->command, $binding->context, $most, $binding->gesture) as $rank => $free) {
            $chord = $keymap->seat->printer()->inSentence($free->chord);
            $moves[] = new Alternative(
                AlternativeKind::Move,
                $binding->at($free->chord),
                $rank === 0 ? "to {$chord}, the best free chord" : "to {$chord}",
                $free->effort,
            );
        }

        return $moves;
    }

    /** Bound for more contexts than those in which the command does something. */
    private function narrowed(Binding $binding, LoadedKeymap $keymap): ?Alternative
    {
        $contexts = $keymap->application->contexts;
        $home = $keymap->application->knows($binding->command) ? $keymap->application->command($binding->command)->home : $binding->context;

        return $home !== $binding->context && $contexts->contains($binding->context, $home)
            ? new Alternative(
                AlternativeKind::Narrow,
                new Binding($binding->chord, $binding->command, $home, $binding->gesture),
                "to {$contexts->get($home)->name} only",
                null,
            )
            : null;
    }

    private function otherGesture(Binding $binding, LoadedKeymap $keymap): ?Alternative
    {
        $canBeHeld =
            $keymap->application->knows($binding->command) && $keymap->application->command($binding->command)->is(CommandTrait::CanBeHeld);
        if ($binding->gesture === Gesture::Hold) {
            return new Alternative(
                AlternativeKind::Gesture,
                new Binding($binding->chord, $binding->command, $binding->context, Gesture::Tap),
                'to a tap of the same chord',
                null,
            );
        }

        return $canBeHeld && $keymap->application->tellsHold
            ? new Alternative(
                AlternativeKind::Gesture,
                new Binding($binding->chord, $binding->command, $binding->context, Gesture::Hold),
                'to holding the same chord',
                null,
            )
            : null;
    }

    private function nearestTitle(Binding $binding, LoadedKeymap $keymap): ?Alternative
    {
        $isDead = $keymap->application->id === DesktopCatalogue::ID && ! $keymap->application->knows($binding->command);
        $nearest = $isDead ? NearestTitle::to($binding->command, $binding->context, $keymap->application) : null;

        return $nearest === null
            ? null
            : new Alternative(
                AlternativeKind::Title,
                new Binding($binding->chord, $nearest, $binding->context, $binding->gesture),
                'to the title "'.DesktopCatalogue::title($nearest).'"',
                null,
            );
    }
}
