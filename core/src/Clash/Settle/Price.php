<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Settle;

use Zebrafinch\Core\Clash\Alternative;
use Zebrafinch\Core\Clash\AlternativeKind;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;

/** What a repair costs the person: forgetting, relearning, reaching further. Weights are common practice, no source. */
final readonly class Price
{
    /** The command has another chord that is in no clash. */
    private const LOSES_ONE_OF_SEVERAL = 1.0;

    private const LOSES_ITS_ONLY_CHORD = 4.0;

    /** The same line stands in the file once more. */
    private const LOSES_NOTHING = 0.0;

    private const RELEARNS_A_CHORD = 2.0;

    private const RELEARNS_A_GESTURE = 1.0;

    private const RELEARNS_NOTHING = 0.25;

    /** mm of travel that weigh as much as one unit. */
    private const MM = 100.0;

    /** @param  array<string, Press>  $faulty  by id: presses that have a fault */
    public function __construct(private LoadedKeymap $keymap, private array $faulty)
    {
    }

    /** @param  list<Binding>  $staying  what stays on the press */
    public function ofDropping(Binding $binding, array $staying): float
    {
        foreach ($staying as $left) {
            if ($left->id() === $binding->id()) {
                return self::LOSES_NOTHING;
            }
        }
        foreach ($this->keymap->bindings()->ofCommand($binding->command) as $other) {
            if (! isset($this->faulty[$this->keymap->seat->press($other->chord)->id])) {
                return self::LOSES_ONE_OF_SEVERAL;
            }
        }

        return self::LOSES_ITS_ONLY_CHORD;
    }

    public function ofChanging(Alternative $to): float
    {
        return match ($to->kind) {
            AlternativeKind::Move => self::RELEARNS_A_CHORD + ($to->effort ?? 0.0) / self::MM,
            AlternativeKind::Gesture => self::RELEARNS_A_GESTURE,
            AlternativeKind::Narrow, AlternativeKind::Title => self::RELEARNS_NOTHING,
        };
    }
}
