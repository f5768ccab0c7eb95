<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\FixedChords;
use Zebrafinch\Core\Preset\Problem;
use Zebrafinch\Core\Preset\ProblemKind;
use Zebrafinch\Core\Travel\TravelCheck;
use Zebrafinch\Core\Travel\TravelFinding;

/** One keymap as a suite gets it: with the fixed chords of the house, at the keyboard that stands there. */
final readonly class FittedKeymap
{
    /**
     * @param  list<Binding>  $lostToFixed  what lost its chord to a fixed one
     * @param  list<TravelFinding>  $travel  what the keyboard there loses or moves
     * @param  list<Clash>  $faults  of the result
     */
    private function __construct(
        public LoadedKeymap $keymap,
        public array $lostToFixed,
        public array $travel,
        public array $faults,
    ) {
    }

    /**
     * @param  LoadedKeymap  $wanted  loaded at the keyboard of the suite
     */
    public static function of(LoadedKeymap $wanted, FixedChords $fixed, TravelCheck $travel, Docket $docket): self
    {
        [$bindings, $lost] = $fixed->on($wanted->application, $wanted->bindings());
        $with = $bindings === $wanted->bindings() ? $wanted : self::like($wanted, $bindings);
        $findings = $travel->of($with);
        $fitted = $with->after(TravelCheck::change($findings));
        $faults = array_filter($docket->of($fitted), static fn (Clash $clash): bool => $clash->grade === Grade::Fault);

        return new self($fitted, $lost, $findings, array_values($faults));
    }

    private static function like(LoadedKeymap $keymap, Bindings $bindings): LoadedKeymap
    {
        return new LoadedKeymap($keymap->application, $bindings, $keymap->seat, $keymap->desktop);
    }

    public function bindings(): Bindings
    {
        return $this->keymap->bindings();
    }

    /** @return list<TravelFinding> chords that cannot be pressed there and have another in their stead */
    public function replaced(): array
    {
        return array_values(array_filter($this->travel, static fn (TravelFinding $one): bool => $one->replacement !== null));
    }

    /** @return list<TravelFinding> chords that cannot be pressed there, with nothing in their stead */
    public function lost(): array
    {
        return array_values(
            array_filter($this->travel, static fn (TravelFinding $one): bool => $one->isLost() && $one->replacement === null),
        );
    }

    /**
     * @param  string  $seat  tells the keyboard from others: what is lost at one is not what is lost at another
     * @return list<Problem>
     */
    public function problems(string $seat): array
    {
        $application = $this->keymap->application;
        $printer = $this->keymap->seat->printer();

        return [
            ...array_map(
                static fn (Clash $clash): Problem => Problem::of(
                    ProblemKind::Fault,
                    $application->id,
                    $clash->id(),
                    "{$application->name}: {$clash->sentence()}",
                ),
                $this->faults,
            ),
            ...array_map(
                static fn (TravelFinding $one): Problem => Problem::of(
                    ProblemKind::LostChord,
                    $application->id,
                    "{$seat} {$one->binding->id()}",
                    "{$application->name}: {$application->commandName($one->binding->command)} loses ".
                        "{$printer->inSentence($one->binding->chord)}. {$one->reach->sentence}",
                ),
                $this->lost(),
            ),
        ];
    }
}
