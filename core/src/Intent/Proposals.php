<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Intent;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;

/**
 * Proposes what the commands of a catalogue without matches are for: by their names, menu paths and tooltips against the names and
 * synonyms of the intents, and against how other applications call and explain the commands that fulfil them.
 */
final class Proposals
{
    /** Proposals for each command. */
    private const MOST = 5;

    /** What the words of a command are worth by where they stand. */
    private const NAME = 1.0;

    private const TOOLTIP = 0.45;

    private const MENU = 0.25;

    /** What is sure fits at least so well, and so much better than the next. */
    private const SURE = 0.62;

    private const SURE_LEAD = 0.16;

    private const LEAST = 0.12;

    /** @var array<string, list<WrittenPhrase>> by intent */
    private array $phrases = [];

    /** @var array<string, int> how many intents know a stem */
    private array $intentsWith = [];

    /** @var array<string, array<string, true>> intents by stem */
    private array $known = [];

    private function __construct(private readonly Vocabulary $vocabulary)
    {
    }

    /** @param  list<Application>  $applications  that have matches in the vocabulary; they teach how commands can be called */
    public static function from(Vocabulary $vocabulary, array $applications = []): self
    {
        $proposals = new self($vocabulary);
        foreach ($vocabulary->intents() as $intent) {
            $proposals->learn($intent->id, WrittenPhrase::of($intent->name, Evidence::Name));
            foreach ($intent->synonyms as $synonym) {
                $proposals->learn($intent->id, WrittenPhrase::of($synonym, Evidence::Synonym));
            }
        }
        foreach ($applications as $application) {
            foreach ($vocabulary->matchesOf($application->id) as $match) {
                if ($application->knows($match->command)) {
                    $command = $application->command($match->command);
                    $proposals->learn($match->intent, WrittenPhrase::of($command->name, Evidence::CalledSo, $application->name));
                    $proposals->learn($match->intent, WrittenPhrase::of($command->tooltip, Evidence::ExplainedSo, $application->name));
                }
            }
        }

        return $proposals;
    }

    private function learn(string $intent, WrittenPhrase $phrase): void
    {
        $this->phrases[$intent][] = $phrase;
        foreach ($phrase->stems as $stem => $true) {
            $this->known[$stem][$intent] = true;
            $this->intentsWith[$stem] = count($this->known[$stem]);
        }
    }

    /**
     * @return list<Proposal> one for each command that some intent fits at all, in the order of the catalogue
     */
    public function for(Application $application): array
    {
        $fits = [];
        foreach ($application->commands() as $command) {
            $fits[$command->id] = $this->fits($command);
        }
        // What fits another command of the application better is less likely meant here.
        $best = [];
        foreach ($fits as $ofCommand) {
            foreach ($ofCommand as $intent => $fit) {
                $best[$intent] = max($best[$intent] ?? 0.0, $fit->score);
            }
        }
        $proposals = [];
        foreach ($application->commands() as $command) {
            $ranked = array_values(array_map(static fn (Fit $one): Fit => $one->against($best[$one->intent->id] ?? 0.0), $fits[$command->id]));
            usort($ranked, static fn (Fit $one, Fit $other): int => [$other->score, $one->intent->id] <=> [$one->score, $other->intent->id]);
            if ($ranked !== []) {
                $lead = $ranked[0]->score - ($ranked[1]->score ?? 0.0);
                $proposals[] = new Proposal($command, array_slice($ranked, 0, self::MOST), $ranked[0]->score >= self::SURE && $lead >= self::SURE_LEAD);
            }
        }

        return $proposals;
    }

    /** @return array<string, Fit> by intent */
    private function fits(Command $command): array
    {
        $texts = $this->texts($command);
        $candidates = [];
        foreach ($texts as [$phrase]) {
            foreach ($phrase->stems as $stem => $true) {
                $candidates += $this->known[$stem] ?? [];
            }
        }
        $fits = [];
        foreach (array_keys($candidates) as $intent) {
            $fit = $this->fit($texts, $intent);
            if ($fit->score >= self::LEAST) {
                $fits[$intent] = $fit;
            }
        }

        return $fits;
    }

    /** @return list<array{WrittenPhrase, float}> */
    private function texts(Command $command): array
    {
        $texts = [[WrittenPhrase::of($command->name, Evidence::Name), self::NAME]];
        if ($command->tooltip !== '') {
            $texts[] = [WrittenPhrase::of($command->tooltip, Evidence::Name), self::TOOLTIP];
        }
        if (count($command->menu) > 1) {
            $texts[] = [WrittenPhrase::of(implode(' ', [...array_slice($command->menu, 0, -1), $command->name]), Evidence::Name), self::MENU];
        }

        return $texts;
    }

    /** @param  list<array{WrittenPhrase, float}>  $texts */
    private function fit(array $texts, string $intent): Fit
    {
        $sum = 0.0;
        $evidence = [];
        $strongest = 0.0;
        foreach ($texts as [$text, $worth]) {
            $most = 0.0;
            $by = null;
            foreach ($this->phrases[$intent] as $phrase) {
                $likeness = $this->likeness($text, $phrase) * $phrase->evidence->worth();
                if ($likeness > $most) {
                    [$most, $by] = [$likeness, $phrase];
                }
            }
            $sum += $worth * $most;
            $strongest = max($strongest, $worth * $most);
            if ($by !== null && $most > 0.2) {
                $evidence[$by->sentence()] = $most;
            }
        }
        arsort($evidence);
        $score = min(1.0, 0.62 * $strongest + 0.38 * $sum / (self::NAME + self::TOOLTIP + self::MENU) * 1.4);

        return new Fit($this->vocabulary->intent($intent), $score, array_keys($evidence));
    }

    /** Words that few intents know say more; 1 when both have the same words. */
    private function likeness(WrittenPhrase $one, WrittenPhrase $other): float
    {
        $common = 0.0;
        foreach ($one->stems as $stem => $true) {
            if (isset($other->stems[$stem])) {
                $common += $this->weight($stem);
            }
        }
        if ($common === 0.0) {
            return 0.0;
        }

        return 2 * $common / ($this->whole($one) + $this->whole($other));
    }

    private function whole(WrittenPhrase $phrase): float
    {
        $whole = 0.0;
        foreach ($phrase->stems as $stem => $true) {
            $whole += $this->weight($stem);
        }

        return $whole;
    }

    private function weight(string $stem): float
    {
        return log(1 + count($this->phrases) / (1 + ($this->intentsWith[$stem] ?? 0)));
    }
}
