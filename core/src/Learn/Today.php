<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

/** How far somebody is, in one line, and what to do now. */
final readonly class Today
{
    /**
     * @param  int  $different  chords that moved and were not looked at
     * @param  int  $lessons  that could be chosen
     * @param  float  $saved  seconds, measured
     */
    public function __construct(
        public int $learning,
        public int $learned,
        public int $due,
        public int $different,
        public int $lessons,
        public bool $hasUsage,
        public float $saved,
    ) {
    }

    public function next(): NextStep
    {
        return match (true) {
            $this->different > 0 => NextStep::Relearn,
            $this->due > 0 => NextStep::Practise,
            $this->learning === 0 && $this->lessons > 0 => NextStep::Choose,
            ! $this->hasUsage => NextStep::BringLog,
            default => NextStep::Rest,
        };
    }

    public function line(): string
    {
        if ($this->learning + $this->learned === 0) {
            return 'Nothing is being learned yet.';
        }

        return implode(', ', [
            "{$this->learned} learned",
            "{$this->learning} on the way",
            "{$this->due} due",
            self::inWords($this->saved).' saved so far',
        ]).'.';
    }

    /** Seconds as people say them. */
    public static function inWords(float $seconds): string
    {
        $whole = (int) round($seconds);

        return match (true) {
            $whole < 60 => "{$whole} s",
            $whole < 3600 => intdiv($whole, 60).' min'.($whole % 60 === 0 ? '' : ' '.$whole % 60 .' s'),
            default => intdiv($whole, 3600).' h'.(intdiv($whole % 3600, 60) === 0 ? '' : ' '.intdiv($whole % 3600, 60).' min'),
        };
    }
}
