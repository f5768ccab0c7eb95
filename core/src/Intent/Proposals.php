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

    /** How much better another intent may fit one of the texts. */
    private const DOUBT = 0.0;

    private const LEAST = 0.12;

    /** What is left of a likeness when one says the opposite of the other. */
    private const CONTRADICTION = 0.45;

    /** @var list<WrittenPhrase> all that stands for some intent */
    private array $phrases = [];

    /** @var list<string> by phrase: the intent it stands for */
    private array $intents = [];

    /** @var list<float> by phrase: what its evidence is worth */
    private array $worths = [];

    /** @var array<string, list<int>> phrases by stem */
    private array $phrasesWith = [];

    /** @var array<string, array<string, true>> intents by stem */
    private array $known = [];

    /** @var array<string, float> by stem; worked out once all is learned */
    private array $weights = [];

    /** @var array<int, float> by phrase: what all its words say together */
    private array $wholes = [];

    private function __construct(private readonly Vocabulary $vocabulary, private readonly TradeWords $words)
    {
    }

    /** @param  list<Application>  $applications  that have matches in the vocabulary; they teach how commands can be called */
    public static function from(Vocabulary $vocabulary, TradeWords $words, array $applications = []): self
    {
        $proposals = new self($vocabulary, $words);
        foreach ($vocabulary->intents() as $intent) {
            $proposals->learn($intent->id, WrittenPhrase::of($intent->name, $words, Evidence::Name));
            foreach ($intent->synonyms as $synonym) {
                $proposals->learn($intent->id, WrittenPhrase::of($synonym, $words, Evidence::Synonym));
            }
        }
        foreach ($applications as $application) {
            foreach ($vocabulary->matchesOf($application->id) as $match) {
                if ($application->knows($match->command)) {
                    $command = $application->command($match->command);
                    $proposals->learn($match->intent, WrittenPhrase::of($command->name, $words, Evidence::CalledSo, $application->name));
                    $proposals->learn(
                        $match->intent,
                        WrittenPhrase::of($command->tooltip, $words, Evidence::ExplainedSo, $application->name),
                    );
                }
            }
        }

        return $proposals;
    }

    private function learn(string $intent, WrittenPhrase $phrase): void
    {
        $number = count($this->phrases);
        $this->phrases[] = $phrase;
        $this->intents[] = $intent;
        $this->worths[] = $phrase->evidence->worth();
        foreach ($phrase->stems as $stem => $true) {
            $this->known[$stem][$intent] = true;
            $this->phrasesWith[$stem][] = $number;
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
            $ranked = array_values(
                array_map(static fn (Fit $one): Fit => $one->against($best[$one->intent->id] ?? 0.0), $fits[$command->id]),
            );
            usort(
                $ranked,
                static fn (Fit $one, Fit $other): int => [$other->score, $one->intent->id] <=> [$one->score, $other->intent->id],
            );
            $shown = array_slice(array_filter($ranked, static fn (Fit $one): bool => $one->score >= self::LEAST), 0, self::MOST);
            if ($ranked !== [] && $shown !== []) {
                $proposals[] = new Proposal($command, $shown, self::isSure($ranked, $best[$ranked[0]->intent->id] ?? 0.0));
            }
        }

        return $proposals;
    }

    /**
     * What is sure fits well and clearly better than the next, no other command fits the intent better, and name and tooltip do not speak
     * for different intents.
     *
     * @param  non-empty-list<Fit>  $ranked
     * @param  float  $bestForIntent  how well any command of the application fits the first intent
     */
    private static function isSure(array $ranked, float $bestForIntent): bool
    {
        $first = $ranked[0];
        if (
            $first->score < self::SURE ||
            $first->score - ($ranked[1]->score ?? 0.0) < self::SURE_LEAD ||
            $first->score < $bestForIntent - 1e-9
        ) {
            return false;
        }
        foreach ([0, 1] as $text) {
            foreach ($ranked as $other) {
                if (($other->byText[$text] ?? 0.0) > ($first->byText[$text] ?? 0.0) + self::DOUBT) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return array<string, Fit> by intent */
    private function fits(Command $command): array
    {
        $texts = $this->texts($command);
        $likest = [];
        foreach ($texts as $index => [$text]) {
            foreach ($this->likest($text) as $intent => $found) {
                $likest[$intent][$index] = $found;
            }
        }
        $fits = [];
        foreach ($likest as $intent => $byText) {
            $fit = $this->fit($texts, (string) $intent, $byText);
            if ($fit->score >= self::LEAST) {
                $fits[$intent] = $fit;
            }
        }

        return $fits;
    }

    /**
     * The phrase of each intent that is most like a text, of those that have a word of it.
     *
     * @return array<string, array{float, WrittenPhrase}> by intent: how like, from 0 to 1
     */
    private function likest(WrittenPhrase $text): array
    {
        $common = [];
        foreach ($text->stems as $stem => $true) {
            $weight = $this->weight((string) $stem);
            foreach ($this->phrasesWith[$stem] ?? [] as $number) {
                $common[$number] = ($common[$number] ?? 0.0) + $weight;
            }
        }
        // Of two that are as like, the one that was learned first.
        ksort($common);
        $whole = $this->whole($text);
        $opposites = $this->words->opposites($text->stems);
        $likest = [];
        foreach ($common as $number => $shared) {
            $phrase = $this->phrases[$number];
            $intent = $this->intents[$number];
            $most = $likest[$intent][0] ?? 0.0;
            $likeness = (2 * $shared) / ($whole + ($this->wholes[$number] ??= $this->whole($phrase)));
            $worth = $this->worths[$number];
            if ($likeness * $worth > $most) {
                $likeness = self::isContradicted($opposites, $phrase) ? self::CONTRADICTION * $likeness : $likeness;
                if ($likeness * $worth > $most) {
                    $likest[$intent] = [$likeness * $worth, $phrase];
                }
            }
        }

        return $likest;
    }

    /** @return list<array{WrittenPhrase, float}> */
    private function texts(Command $command): array
    {
        $texts = [[WrittenPhrase::of($command->name, $this->words, Evidence::Name), self::NAME]];
        if ($command->tooltip !== '') {
            $texts[] = [WrittenPhrase::of($command->tooltip, $this->words, Evidence::Name), self::TOOLTIP];
        }
        if (count($command->menu) > 1) {
            $texts[] = [
                WrittenPhrase::of(implode(' ', [...array_slice($command->menu, 0, -1), $command->name]), $this->words, Evidence::Name),
                self::MENU,
            ];
        }

        return $texts;
    }

    /** @param  list<array{string, string}>  $opposites  of the words of a text */
    private static function isContradicted(array $opposites, WrittenPhrase $phrase): bool
    {
        foreach ($opposites as [$stem, $against]) {
            if (isset($phrase->stems[$against]) && ! isset($phrase->stems[$stem])) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<array{WrittenPhrase, float}>  $texts
     * @param  array<int, array{float, WrittenPhrase}>  $likest  by text
     */
    private function fit(array $texts, string $intent, array $likest): Fit
    {
        $sum = 0.0;
        $evidence = [];
        $strongest = 0.0;
        $byText = [];
        foreach ($texts as $index => [, $worth]) {
            [$most, $by] = $likest[$index] ?? [0.0, null];
            $byText[] = $most;
            $sum += $worth * $most;
            $strongest = max($strongest, $worth * $most);
            if ($by !== null && $most > 0.2) {
                $evidence[$by->sentence()] = $most;
            }
        }
        arsort($evidence);
        $score = 0.62 * $strongest + (0.53 * $sum) / (self::NAME + self::TOOLTIP + self::MENU);

        return new Fit($this->vocabulary->intent($intent), $score, array_keys($evidence), $byText);
    }

    private function whole(WrittenPhrase $phrase): float
    {
        $whole = 0.0;
        foreach ($phrase->stems as $stem => $true) {
            $whole += $this->weight((string) $stem);
        }

        return $whole;
    }

    /** Words that few intents know say more. */
    private function weight(string $stem): float
    {
        return $this->weights[$stem] ??=
            $this->words->worth($stem) * log(1 + count($this->vocabulary->intents()) / (1 + count($this->known[$stem] ?? [])));
    }
}
