<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Across;

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Intent\CommandMatch;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Usage\Importance;

/** How alike several applications are, intent by intent. */
final readonly class Stripes
{
    /** @var list<array<string, CommandMatch>> by keymap: the first match to each intent */
    private array $matches;

    /** @var list<StripeCell> by keymap: what it has for an intent that it has no command for */
    private array $absent;

    /** @param  non-empty-list<LoadedKeymap>  $keymaps one for each application, at one seat, in the order of the columns */
    public function __construct(private array $keymaps, private Vocabulary $vocabulary, private Importance $importance)
    {
        $this->matches = array_map(static fn (LoadedKeymap $one): array => $vocabulary->firstMatchesOf($one->application->id), $keymaps);
        $this->absent = array_map(static fn (LoadedKeymap $one): StripeCell => self::cell($one, null), $keymaps);
    }

    /** @return list<Stripe> intents that at least one application has, the most damage first */
    public function all(): array
    {
        return Stripe::byDamage(array_values(array_filter(array_map($this->stripe(...), $this->vocabulary->intents()))));
    }

    public function stripe(Intent $intent): ?Stripe
    {
        $cells = [];
        $weights = [];
        $isThere = false;
        foreach ($this->keymaps as $index => $keymap) {
            $match = $this->matches[$index][$intent->id] ?? null;
            if ($match === null) {
                $cells[] = $this->absent[$index];

                continue;
            }
            $cells[] = $cell = self::cell($keymap, $match);
            $weights[] = $this->importance->ofCommand($keymap->application->id, $match->command);
            $isThere = $isThere || $cell->command !== null;
        }

        return $isThere ? Stripe::of($intent, $cells, array_sum($weights) / count($weights)) : null;
    }

    /**
     * Intents that one application fulfils by several commands, mostly one for each context; each command is a cell.
     *
     * @return list<Stripe> the most damage first
     */
    public static function within(LoadedKeymap $keymap, Vocabulary $vocabulary, Importance $importance): array
    {
        $matches = [];
        foreach ($vocabulary->matchesOf($keymap->application->id) as $match) {
            $matches[$match->intent][] = $match;
        }
        $stripes = [];
        foreach ($matches as $intent => $of) {
            $cells = [];
            foreach (count($of) > 1 ? $of : [] as $match) {
                $cells[] = self::cell($keymap, $match);
            }
            if ($cells !== []) {
                $stripes[] = Stripe::of(
                    $vocabulary->intent((string) $intent),
                    $cells,
                    $importance->ofIntent($vocabulary->intent((string) $intent), [$keymap->application->id]),
                );
            }
        }

        return Stripe::byDamage($stripes);
    }

    private static function cell(LoadedKeymap $keymap, ?CommandMatch $match): StripeCell
    {
        return StripeCell::of($keymap->application, $keymap->bindings(), $keymap->seat, $match);
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
}
