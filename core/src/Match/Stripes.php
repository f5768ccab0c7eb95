<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Match;

use Zebrafinch\Core\Intent\Correspondence;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Usage\Importance;

/** How alike several applications are, intent by intent. */
final readonly class Stripes
{
    /** @param  non-empty-list<LoadedKeymap>  $keymaps one for each application, at one seat, in the order of the columns */
    public function __construct(private array $keymaps, private Vocabulary $vocabulary, private Importance $importance)
    {
    }

    /** @return list<Stripe> intents that at least one application has, the most broken first, and of those the ones that are wanted most */
    public function all(): array
    {
        $stripes = array_values(array_filter(array_map($this->stripe(...), $this->vocabulary->intents())));
        usort($stripes, static fn (Stripe $one, Stripe $other): int => [$one->state->rank(), -$one->weight] <=> [$other->state->rank(), -$other->weight]);

        return $stripes;
    }

    public function stripe(Intent $intent): ?Stripe
    {
        $cells = [];
        $left = null;
        foreach ($this->keymaps as $keymap) {
            $match = $this->vocabulary->matchOf($keymap->application->id, $intent->id);
            $command = $match !== null && $keymap->application->knows($match->command) ? $keymap->application->command($match->command) : null;
            $bindings = $command === null ? [] : $keymap->bindings()->ofCommand($command->id);
            $first = $bindings === [] ? null : $keymap->seat->pressIds($bindings[0]->chord)[0].' '.$bindings[0]->gesture->value;
            $cells[] = new StripeCell($keymap->application, $command, $match, $bindings, $first !== null && $first === $left);
            $left = $first;
        }
        if (array_filter($cells, static fn (StripeCell $cell): bool => $cell->command !== null) === []) {
            return null;
        }

        $applications = array_map(static fn (LoadedKeymap $one): string => $one->application->id, $this->keymaps);

        return new Stripe($intent, $cells, $this->state($cells), $this->agreement($cells), $this->importance->ofIntent($intent, $applications));
    }

    /**
     * The mean over the intents that two or more applications have, weighted by how often they are used; null when there are none.
     *
     * @param  list<Stripe>  $stripes
     */
    public function overall(array $stripes): ?float
    {
        $sum = 0.0;
        $weights = 0.0;
        foreach ($stripes as $stripe) {
            if ($stripe->agreement !== null) {
                $sum += $stripe->weight * $stripe->agreement;
                $weights += $stripe->weight;
            }
        }

        return $weights === 0.0 ? null : $sum / $weights;
    }

    /** @param  non-empty-list<StripeCell>  $cells */
    private function state(array $cells): StripeState
    {
        $having = array_values(array_filter($cells, static fn (StripeCell $cell): bool => $cell->command !== null));
        $firsts = $this->firstPresses($having);
        $bound = array_filter($firsts, static fn (?string $press): bool => $press !== null);
        $near = array_filter($having, static fn (StripeCell $cell): bool => $cell->match?->correspondence === Correspondence::Near);

        return match (true) {
            count($having) < 2 || $bound === [] => StripeState::Single,
            count(array_unique($bound)) > 1 => StripeState::Broken,
            count($bound) < count($having) => StripeState::Partial,
            $near !== [] => StripeState::Differs,
            default => StripeState::Whole,
        };
    }

    /** @param  list<StripeCell>  $cells */
    private function agreement(array $cells): ?float
    {
        $firsts = $this->firstPresses(array_filter($cells, static fn (StripeCell $cell): bool => $cell->command !== null));
        $pairs = 0;
        $same = 0;
        foreach ($firsts as $place => $one) {
            foreach (array_slice($firsts, $place + 1) as $other) {
                $pairs++;
                $same += (int) ($one !== null && $one === $other);
            }
        }

        return $pairs === 0 ? null : $same / $pairs;
    }

    /**
     * @param  array<StripeCell>  $cells
     * @return list<string|null>
     */
    private function firstPresses(array $cells): array
    {
        $seat = $this->keymaps[0]->seat;

        return array_values(array_map(
            static fn (StripeCell $cell): ?string => $cell->bindings === [] ? null : $seat->pressIds($cell->bindings[0]->chord)[0].' '.$cell->bindings[0]->gesture->value,
            $cells,
        ));
    }
}
