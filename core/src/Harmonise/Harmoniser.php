<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Closure;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Harmonise\Solve\Answer;
use Zebrafinch\Core\Harmonise\Solve\Progress;
use Zebrafinch\Core\Harmonise\Solve\Solver;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Reach\ReservedChords;
use Zebrafinch\Core\Usage\Importance;

/** Chooses chords for chosen intents in all chosen applications at once. */
final readonly class Harmoniser
{
    public function __construct(private Vocabulary $vocabulary, private Importance $importance, private ReservedChords $reserved)
    {
    }

    /**
     * @param  non-empty-list<LoadedKeymap>  $keymaps  one for each application, at the first of the seats
     * @param  non-empty-list<Seat>  $seats  every keyboard in use
     */
    public function kit(
        array $keymaps,
        array $seats,
        Scope $scope,
        Weights $weights,
        int $mostCandidates = KitInstance::MOST_CANDIDATES,
    ): KitInstance {
        return KitInstance::of($keymaps, $seats, $this->vocabulary, $this->importance, $scope, $weights, $this->reserved, $mostCandidates);
    }

    /**
     * @param  (Closure(Progress): bool)|null  $goOn  as for {@see Solver::solve()}
     *
     * @throws NothingToHarmonise
     */
    public function harmonise(KitInstance $kit, ?Closure $goOn = null): Harmonised
    {
        if (array_filter($kit->targets, static fn (Target $one): bool => $one->left === null) === []) {
            throw NothingToHarmonise::inScope();
        }
        $answer = Solver::solve($kit->instance, $goOn) ?? throw NothingToHarmonise::allowed();

        return self::explained($kit, $answer);
    }

    public static function explained(KitInstance $kit, Answer $answer): Harmonised
    {
        $explanation = new Explanation($kit, $answer->choices);
        $lines = [];
        foreach ($kit->targets as $slot => $target) {
            $now = $target->now === null ? null : $kit->candidates->index($target->now->chord);
            if ($target->left === null && $answer->choices[$slot] !== $now) {
                $lines[] = $explanation->line($slot);
            }
        }
        usort(
            $lines,
            static fn (Line $one, Line $other): int => [$other->target->weight, $one->id()] <=> [$one->target->weight, $other->id()],
        );

        return new Harmonised(
            $kit,
            $answer,
            $lines,
            array_values(array_filter($kit->targets, static fn (Target $one): bool => $one->left !== null)),
        );
    }
}
