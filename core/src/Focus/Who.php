<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Listing;

/** Who gets the key: asks the active contexts in the application's order, and says why each of the others does not get it. */
final class Who
{
    /** @var array<string, Ladder> those that were asked for: people ask for the same few again and again */
    private array $ladders = [];

    public function __construct(private readonly LoadedKeymap $keymap)
    {
    }

    /** @return list<Ladder> one for each context as the focus, in the order of the tree */
    public function everywhere(Chord $chord, Gesture $gesture = Gesture::Tap): array
    {
        return array_map(
            fn (Context $focus): Ladder => $this->gets($chord, $gesture, $focus->id),
            $this->keymap->application->contexts->all(),
        );
    }

    /** @throws \Zebrafinch\Core\Application\UnknownContext */
    public function gets(Chord $chord, Gesture $gesture, string $focus): Ladder
    {
        return $this->ladders["{$focus} {$gesture->value} {$chord->id()}"] ??= $this->ladder($chord, $gesture, $focus);
    }

    private function ladder(Chord $chord, Gesture $gesture, string $focus): Ladder
    {
        $asked = $this->keymap->application->contexts->get($focus);
        $rungs = $this->rungs($chord, $gesture, $focus);

        return new Ladder($asked, $rungs, $this->sentence($chord, $asked, $rungs));
    }

    /**
     * The rungs of {@see gets()} alone.
     *
     * @param  bool  $asIfUnbound  for a chord that nothing is bound to, whatever the keymap has
     * @return non-empty-list<Rung>
     */
    public function rungs(Chord $chord, Gesture $gesture, string $focus, bool $asIfUnbound = false): array
    {
        $bound = $asIfUnbound ? [] : $this->keymap->boundTo($chord, $gesture);
        $desktop = $asIfUnbound ? null : $this->keymap->desktop?->taking($this->keymap->seat->press($chord));
        $ranks = $this->ranksInOrder($focus, $bound);
        $typed = $desktop === null ? $this->typedCharacter($focus, $chord) : null;
        $rungs =
            $desktop === null
                ? []
                : [
                    new Rung(
                        Context::desktop(),
                        $desktop,
                        Verdict::Wins,
                        "The desktop takes it before {$this->keymap->application->name} is asked, and chooses the menu title.",
                    ),
                ];
        $winner = $desktop;
        $rivals = [];
        foreach ($ranks as $rank) {
            $loaded = $this->loadedIn($rank, $bound);
            $claimed = $rivals;
            if ($claimed === [] && $winner === null && count(array_unique(array_column($loaded, 'command'))) > 1) {
                $rivals = $loaded;
            }
            foreach ($rank as $context) {
                foreach ($bound[$context->id] ?? [null] as $binding) {
                    $rung = $this->rung($context, $binding, $loaded[$context->id] ?? null, $winner, $typed, $rivals, $claimed);
                    $winner ??= $rung->verdict === Verdict::Wins ? $binding : null;
                    $rungs[] = $rung;
                }
            }
        }

        return $rungs;
    }

    /**
     * @param  array<string, non-empty-list<Binding>>  $bound  by context
     * @return non-empty-list<non-empty-list<Context>> in the order in which they are asked; the focus is always first within its own rank
     */
    private function ranksInOrder(string $focus, array $bound): array
    {
        $ranks = $this->keymap->application->contexts->activeRanks($focus);
        $outermost = isset($bound[ContextTree::EVERYWHERE]) ? $this->keymap->loaded($bound[ContextTree::EVERYWHERE]) : null;
        $isEverywhereFirst =
            $outermost === null
                ? $this->keymap->application->precedence === Precedence::EverywhereFirst
                : $this->keymap->application->isAskedFirst($outermost->command);
        if (! $isEverywhereFirst) {
            return $ranks;
        }
        $everywhere = array_pop($ranks);

        return [$everywhere, ...$ranks];
    }

    /**
     * @param  non-empty-list<Context>  $rank
     * @param  array<string, non-empty-list<Binding>>  $bound
     * @return array<string, Binding> what the application has in memory for each context of the rank
     */
    private function loadedIn(array $rank, array $bound): array
    {
        $loaded = [];
        foreach ($rank as $context) {
            $here = isset($bound[$context->id]) ? $this->keymap->loaded($bound[$context->id]) : null;
            if ($here !== null) {
                $loaded[$context->id] = $here;
            }
        }

        return $loaded;
    }

    private function typedCharacter(string $focus, Chord $chord): ?string
    {
        return $this->keymap->application->contexts->takesText($focus) === null ? null : $this->keymap->seat->typed($chord);
    }

    /**
     * @param  Binding|null  $loaded  what the context has in memory for the chord
     * @param  Binding|null  $winner  what was asked before and got the chord
     * @param  array<string, Binding>  $rivals  of contexts that are asked together and want different things, up to here
     * @param  array<string, Binding>  $claimed  those of them that were asked before
     */
    private function rung(
        Context $context,
        ?Binding $binding,
        ?Binding $loaded,
        ?Binding $winner,
        ?string $typed,
        array $rivals,
        array $claimed,
    ): Rung {
        return match (true) {
            $binding === null => new Rung($context, null, Verdict::Unbound, 'Nothing is bound here.'),
            $typed !== null => new Rung($context, $binding, Verdict::Typed, "The focus takes text: the key types \"{$typed}\"."),
            $this->keymap->refusedFor() !== null => new Rung(
                $context,
                $binding,
                Verdict::Refused,
                $this->refusedReason($this->keymap->refusedFor()),
            ),
            $loaded !== null && $binding !== $loaded => new Rung($context, $binding, Verdict::Dead, $this->deadReason($loaded)),
            $winner !== null => new Rung($context, $binding, Verdict::Hidden, $this->hiddenReason($winner)),
            $claimed !== [] => new Rung(
                $context,
                $binding,
                Verdict::Hidden,
                'Hidden: '.$this->listed($claimed).' are asked before and both claim it.',
            ),
            $rivals !== [] => new Rung(
                $context,
                $binding,
                Verdict::Undecided,
                'Nothing decides between '.$this->listed($rivals).': neither gets it.',
            ),
            default => new Rung($context, $binding, Verdict::Wins, "{$context->name} is asked first of those that have the chord."),
        };
    }

    /** @param  array<string, Binding>  $rivals */
    private function listed(array $rivals): string
    {
        return Listing::and(
            array_map(fn (string $context): string => $this->keymap->application->contexts->get($context)->name, array_keys($rivals)),
        );
    }

    /** Why the application refuses the whole key file, so that no chord runs anything; null where it reads it. */
    public function refusal(): ?string
    {
        $lines = $this->keymap->refusedFor();

        return $lines === null ? null : $this->refusedReason($lines);
    }

    /** @param  array{Binding, Binding}  $lines */
    private function refusedReason(array $lines): string
    {
        $context = $this->keymap->application->contexts->get($lines[0]->context)->name;
        $chord = $this->keymap->seat->printer()->inSentence($lines[0]->chord);

        return "{$this->keymap->application->name} refuses the whole key file while {$context} has {$chord} twice.";
    }

    private function deadReason(Binding $loaded): string
    {
        $which = $this->keymap->application->loading === LoadingRule::FirstLineWins ? 'an earlier' : 'a later';

        return "Dead: {$which} line gives the chord to {$this->called($loaded)}.";
    }

    private function hiddenReason(Binding $winner): string
    {
        $context =
            $winner->context === Context::DESKTOP ? 'the desktop' : $this->keymap->application->contexts->get($winner->context)->name;

        return "Hidden: {$context} is asked before and gives the chord to {$this->called($winner)}.";
    }

    /** @param  list<Rung>  $rungs */
    private function sentence(Chord $chord, Context $focus, array $rungs): string
    {
        $label = $this->keymap->seat->printer()->inSentence($chord);
        $winner = self::firstWith($rungs, Verdict::Wins)?->binding;
        $typed = $this->typedCharacter($focus->id, $chord);
        $start = "With the focus in {$focus->name}, {$label}";

        return match (true) {
            $winner?->context === Context::DESKTOP => "The desktop takes {$label}: it runs {$this->called($winner)}.",
            $winner !== null => "{$start} runs {$this->called($winner)}.",
            $typed !== null => "{$start} types \"{$typed}\".",
            self::firstWith($rungs, Verdict::Refused) !== null => sprintf(
                '%s does nothing: %s refuses the key file.',
                $start,
                $this->keymap->application->name,
            ),
            self::firstWith($rungs, Verdict::Undecided) !== null => "{$start} does nothing: ".
                lcfirst(self::firstWith($rungs, Verdict::Undecided)->reason),
            default => "{$start} does nothing.",
        };
    }

    /** @param  list<Rung>  $rungs */
    private static function firstWith(array $rungs, Verdict $verdict): ?Rung
    {
        foreach ($rungs as $rung) {
            if ($rung->verdict === $verdict) {
                return $rung;
            }
        }

        return null;
    }

    private function called(Binding $binding): string
    {
        return $this->keymap->application->commandName($binding->command);
    }
}
