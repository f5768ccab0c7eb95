<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Reach\SeatJudges;

/** Clashes of a chord with the keyboard it is pressed on, rather than with another chord. */
final readonly class ByReach implements ClashKind
{
    /** @param  array<string, Grade>  $grades  by the value of the {@see ReachKind} that this kind of clash is about */
    private function __construct(private string $name, private array $grades, private SeatJudges $judges)
    {
    }

    /** The system or the desktop takes the chord before any application gets it. */
    public static function reserved(SeatJudges $judges): self
    {
        return new self('reserved', [ReachKind::Reserved->value => Grade::Fault], $judges);
    }

    /** The board or the layout in use cannot make the chord, or only with other keys than it says. */
    public static function outOfReach(SeatJudges $judges): self
    {
        return new self(
            'out-of-reach',
            [
                ReachKind::NotOnBoard->value => Grade::Fault,
                ReachKind::DeadKey->value => Grade::Fault,
                ReachKind::OtherKeys->value => Grade::Warning,
                ReachKind::NeedsAltGr->value => Grade::Warning,
            ],
            $judges,
        );
    }

    public function name(): string
    {
        return $this->name;
    }

    public function title(): string
    {
        return ucfirst(str_replace('-', ' ', $this->name));
    }

    public function isRivalry(): bool
    {
        return false;
    }

    public function isNote(): bool
    {
        return false;
    }

    public function find(LoadedKeymap $keymap, Press $press, array $bindings): array
    {
        $judge = $this->judges->at($keymap->seat);
        $clashes = [];
        foreach ($bindings as $binding) {
            // A character that several keys type is judged once, with the easiest of them.
            if ($judge->isPlain($binding->chord, $press) || $keymap->seat->press($binding->chord)->id !== $press->id) {
                continue;
            }
            $reach = $judge->of($binding->chord);
            $grade = $this->grades[$reach->kind->value] ?? null;
            if ($grade !== null) {
                $clashes[] = new Clash(
                    $this,
                    $grade,
                    [$binding],
                    [$binding],
                    static fn (): string => Words::command($keymap, $binding).
                        ' in '.
                        Words::context($keymap, $binding).
                        ': '.
                        $reach->sentence,
                );
            }
        }

        return $clashes;
    }
}
