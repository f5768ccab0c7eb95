<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Usage\Importance;

/**
 * How much of what somebody's hands know does the same in another suite. Asked for each binding with the focus in its context: the
 * command that gets the chord here, and the one that gets it there.
 */
final readonly class Familiarity
{
    /**
     * @param  float|null  $share  from 0 to 1, weighted by usage; null when there is nothing to know
     * @param  list<Surprise>  $surprises  what does something else, destructive ones first, then the most used
     * @param  int  $known  how many bindings were asked for
     */
    private function __construct(public ?float $share, public array $surprises, public int $known)
    {
    }

    /**
     * @param  list<array{LoadedKeymap, LoadedKeymap}>  $pairs  the keymap here and the one there, for each application that the suite has
     */
    public static function of(array $pairs, Importance $importance): self
    {
        $same = 0.0;
        $all = 0.0;
        $known = 0;
        $surprises = [];
        foreach ($pairs as [$here, $there]) {
            $asked = [new Who($here), new Who($there)];
            foreach ($here->bindings()->all() as $binding) {
                $expected = $asked[0]->gets($binding->chord, $binding->gesture, $binding->context)->winner();
                if ($expected === null || ! $here->application->knows($expected->command)) {
                    continue;
                }
                $known++;
                $weight = $importance->ofCommand($here->application->id, $expected->command);
                $all += $weight;
                $ladder = $asked[1]->gets($binding->chord, $binding->gesture, $binding->context);
                if ($ladder->winner()?->command === $expected->command) {
                    $same += $weight;
                } else {
                    $surprises[] = new Surprise(
                        $here->application,
                        $binding,
                        $expected->command,
                        $ladder->winner()?->command,
                        $weight,
                        $ladder->sentence,
                    );
                }
            }
        }
        usort(
            $surprises,
            static fn (Surprise $one, Surprise $other): int => [$other->isDangerous(), $other->weight, $one->binding->id()] <=> [
                $one->isDangerous(),
                $one->weight,
                $other->binding->id(),
            ],
        );

        return new self($all === 0.0 ? null : $same / $all, $surprises, $known);
    }
}
