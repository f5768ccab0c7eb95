<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\Situation;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Learn\Box;
use Zebrafinch\Core\Learn\Deck;
use Zebrafinch\Core\Learn\Lessons;
use Zebrafinch\Core\Learn\MovedChord;
use Zebrafinch\Core\Learn\Progress;
use Zebrafinch\Core\Learn\Today;

/** A learner's own place. */
final class LearnResource extends JsonAnswer
{
    /** @param  array<string, list<MovedChord>>  $moved  by application */
    public function __construct(
        private readonly Situation $situation,
        private readonly Lessons $lessons,
        private readonly Deck $deck,
        private readonly Progress $progress,
        private readonly array $moved,
    ) {
        parent::__construct($situation);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $now = now()->getTimestamp();
        $due = count($this->deck->due($now));
        $nextDue = $this->deck->nextDue($now);
        $different = count(array_merge([], ...array_values($this->moved)));
        $learned = $this->deck->learned();
        $shapes = new LearnShapes($this->situation->seat);
        $today = new Today(
            count($this->deck->cards) - $learned,
            $learned,
            $due,
            $different,
            count($this->lessons->chosen),
            ! $this->situation->days->isEmpty(),
            $this->progress->sum(),
        );

        return [
            'line' => $today->line(),
            'next' => $today->next()->value,
            'learning' => $today->learning,
            'learned' => $learned,
            'due' => $due,
            'next_due' => $nextDue === null ? null : Carbon::createFromTimestamp($nextDue)->toIso8601String(),
            'boxes' => array_map(
                static fn (int $box, int $cards): array => ['box' => $box, 'days' => Box::from($box)->days(), 'cards' => $cards],
                array_keys($this->deck->inBoxes()),
                array_values($this->deck->inBoxes()),
            ),
            'saved_seconds' => round($this->progress->sum(), 1),
            'different' => $different,
            'has_usage' => $today->hasUsage,
            'lessons' => array_map($shapes->lesson(...), $this->lessons->chosen),
            'misleading' => array_map($shapes->lesson(...), $this->lessons->misleading),
        ];
    }
}
