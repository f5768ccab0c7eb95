<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across\CarryOver;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Reach\Reach;
use Zebrafinch\Core\Reach\ReachJudge;

/** What becomes of every binding that was to be carried over, each exactly once, and the keymap that comes of it. */
final readonly class Report
{
    /** @param  list<CarriedBinding>  $lines  in the order of the sources */
    public function __construct(public LoadedKeymap $target, public array $lines, public Bindings $result)
    {
    }

    /** @return array<string, int> lines by ending, all endings listed */
    public function counts(): array
    {
        $counts = array_fill_keys(array_column(Ending::cases(), 'value'), 0);
        foreach ($this->lines as $line) {
            $counts[$line->ending->value]++;
        }

        return $counts;
    }

    /**
     * What of the keymap that comes of it never reaches the application at the target's keyboard.
     *
     * @return list<array{Binding, Reach}>
     */
    public function lost(ReachJudge $judge): array
    {
        $lost = [];
        foreach ($this->result->all() as $binding) {
            $reach = $judge->of($binding->chord);
            if (! $reach->kind->arrives()) {
                $lost[] = [$binding, $reach];
            }
        }

        return $lost;
    }

    public function change(): Change
    {
        return Change::between($this->target->bindings(), $this->result);
    }
}
