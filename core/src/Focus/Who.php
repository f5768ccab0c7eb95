<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Gesture;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/** Who gets the key: asks the active contexts in the application's order, and says why each of the others does not get it. */
final readonly class Who
{
    public function __construct(private LoadedKeymap $keymap)
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
        $place = $this->keymap->application->contexts->get($focus);
        $rungs = $this->rungs($chord, $gesture, $focus);

        return new Ladder($place, $rungs, $this->sentence($chord, $place, $rungs));
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
        $ranks = $this->ranksInOrder($focus);
        $typed = $this->typedCharacter($ranks, $chord);
        $rungs = [];
        $winner = null;
        foreach ($ranks as $rank) {
            $inRank = array_merge(...array_map(static fn (Context $context): array => $bound[$context->id] ?? [], $rank));
            $loaded = $this->keymap->kept($inRank);
            foreach ($rank as $context) {
                foreach ($bound[$context->id] ?? [null] as $binding) {
                    $rungs[] = $this->rung($context, $binding, $loaded, $winner, $typed);
                }
            }
            $winner ??= $typed === null ? $loaded : null;
        }

        return $rungs;
    }

    /** @return non-empty-list<non-empty-list<Context>> in the order in which they are asked; the focus is always first within its own rank */
    private function ranksInOrder(string $focus): array
    {
        $ranks = $this->keymap->application->contexts->activeRanks($focus);

        if ($this->keymap->application->precedence === Precedence::DeeperFirst) {
            return $ranks;
        }
        $everywhere = array_pop($ranks);

        return [$everywhere, ...$ranks];
    }

    /** @param  non-empty-list<non-empty-list<Context>>  $ranks */
    private function typedCharacter(array $ranks, Chord $chord): ?string
    {
        foreach (array_merge(...$ranks) as $context) {
            if ($context->textEntry) {
                return $this->keymap->seat->typed($chord);
            }
        }

        return null;
    }

    private function rung(Context $context, ?Binding $binding, ?Binding $loaded, ?Binding $winner, ?string $typed): Rung
    {
        $name = $this->keymap->application->name;

        return match (true) {
            $binding === null => new Rung($context, null, Verdict::Unbound, 'Nothing is bound here.'),
            $typed !== null => new Rung($context, $binding, Verdict::Typed, "The focus takes text: the key types \"{$typed}\"."),
            $loaded === null => new Rung($context, $binding, Verdict::Refused, "{$name} refuses the whole key file while {$context->name} has this chord twice."),
            $binding !== $loaded => new Rung($context, $binding, Verdict::Dead, $this->deadReason($loaded)),
            $winner !== null => new Rung($context, $binding, Verdict::Hidden, $this->hiddenReason($winner)),
            default => new Rung($context, $binding, Verdict::Wins, "{$context->name} is asked first of those that have the chord."),
        };
    }

    private function deadReason(Binding $loaded): string
    {
        $which = $this->keymap->application->loading === LoadingRule::FirstLineWins ? 'an earlier' : 'a later';

        return "Dead: {$which} line gives the chord to {$this->called($loaded)}.";
    }

    private function hiddenReason(Binding $winner): string
    {
        $context = $this->keymap->application->contexts->get($winner->context)->name;

        return "Hidden: {$context} is asked before and gives the chord to {$this->called($winner)}.";
    }

    /** @param  list<Rung>  $rungs */
    private function sentence(Chord $chord, Context $focus, array $rungs): string
    {
        $label = $this->keymap->seat->printer()->inSentence($chord);
        $bound = array_filter($rungs, static fn (Rung $rung): bool => $rung->binding !== null);
        $winner = array_values(array_filter($rungs, static fn (Rung $rung): bool => $rung->verdict === Verdict::Wins))[0]->binding ?? null;
        $typed = $this->typedCharacter($this->ranksInOrder($focus->id), $chord);

        return match (true) {
            $winner !== null => "With the focus in {$focus->name}, {$label} runs {$this->called($winner)}.",
            $typed !== null => "With the focus in {$focus->name}, {$label} types \"{$typed}\".",
            $bound !== [] => "With the focus in {$focus->name}, {$label} does nothing: {$this->keymap->application->name} refuses the key file.",
            default => "With the focus in {$focus->name}, {$label} does nothing.",
        };
    }

    private function called(Binding $binding): string
    {
        return $this->keymap->application->commandName($binding->command);
    }
}
