<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Usage;

use Zebrafinch\Core\Intent\Frequency;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\Vocabulary;

/**
 * How much each command counts: what a usage log says, and where there is none, how often its intent is wanted. Both are on one
 * scale, so that applications with a log and without can be weighed together: what an application's log counts is stretched until all its
 * matched commands together weigh as much as their intents' frequencies do.
 */
final class Importance
{
    /** What was never used while the log ran still counts a little. */
    private const UNUSED = 0.25;

    /** @var array<string, float> by application: what one use weighs */
    private array $ofOneUse = [];

    /** @var array<string, array<string, float>> by application and command: what was asked before */
    private array $known = [];

    public function __construct(private readonly Vocabulary $vocabulary, private readonly ?UsageLog $log = null)
    {
    }

    public function ofCommand(string $application, string $command): float
    {
        return $this->known[$application][$command] ??= $this->weigh($application, $command);
    }

    private function weigh(string $application, string $command): float
    {
        if ($this->log === null || ! $this->log->covers($application)) {
            return $this->byFrequency($application, $command);
        }
        $uses = $this->log->of($application, $command)?->all() ?? 0;

        return max(self::UNUSED, $uses * ($this->ofOneUse[$application] ??= $this->stretch($application)));
    }

    /**
     * The mean over the applications that have the intent; its frequency where none of them has.
     *
     * @param  list<string>  $applications
     */
    public function ofIntent(Intent $intent, array $applications): float
    {
        $weights = [];
        foreach ($applications as $application) {
            $match = $this->vocabulary->matchOf($application, $intent->id);
            if ($match !== null) {
                $weights[] = $this->ofCommand($application, $match->command);
            }
        }

        return $weights === [] ? $intent->frequency->weight() : array_sum($weights) / count($weights);
    }

    private function byFrequency(string $application, string $command): float
    {
        $match = $this->vocabulary->matchFor($application, $command);

        return $match === null ? Frequency::Seldom->weight() : $this->vocabulary->intent($match->intent)->frequency->weight();
    }

    private function stretch(string $application): float
    {
        $uses = 0;
        $weight = 0.0;
        foreach ($this->vocabulary->matchesOf($application) as $match) {
            $uses += $this->log?->of($application, $match->command)?->all() ?? 0;
            $weight += $this->byFrequency($application, $match->command);
        }

        return $uses === 0 ? 0.0 : $weight / $uses;
    }
}
