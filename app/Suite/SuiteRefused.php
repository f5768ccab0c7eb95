<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Problems\AppRefusal;
use Zebrafinch\Core\Suite\RolloutState;

/** What is refused about suites, sittings and rollouts. */
final class SuiteRefused extends AppRefusal
{
    public static function noReportedFile(Suite $suite, string $application): self
    {
        return self::because(
            'no-reported-file',
            404,
            "{$suite->name} has reported no key file of {$application}.",
            'Wait until its agent has told what is there, or let the suite follow a preset.',
        );
    }

    public static function nobodySits(Suite $suite): self
    {
        return self::because(
            'nobody-sits',
            409,
            "Nobody sits in {$suite->name}.",
            'The suite has what it follows; nothing has to be given back.',
        );
    }

    /** Uses are told of a sitting whose person has not said yes, or which is over. */
    public static function nobodyTells(Suite $suite): self
    {
        return self::because(
            'nobody-tells',
            409,
            "Nobody in {$suite->name} has said that their uses are counted.",
            'Ask for the assignment; it says whose are.',
        );
    }

    public static function secondAgent(Suite $suite): self
    {
        return self::because(
            'second-agent',
            409,
            "Another agent works for {$suite->name} with this token.",
            'End one of the two; the other goes on by itself a minute later. Each workstation needs a token of its own.',
        );
    }

    public static function sittingTaken(string $person, Suite $suite): self
    {
        return self::because(
            'sitting-taken',
            409,
            "{$person} sits in {$suite->name}.",
            'Ask them to leave, or take the seat over; what they found comes back first.',
        );
    }

    public static function staleFile(Suite $suite, string $application): self
    {
        return self::because(
            'stale-file',
            409,
            "The key file of {$application} in {$suite->name} is another one by now. Nothing was decided.",
            'Look at it again.',
            $application,
        );
    }

    public static function nameTaken(string $name): self
    {
        return self::because('suite-name-taken', 409, "There is a suite called {$name} already.", 'Choose another name.');
    }

    public static function rolloutCannot(string $what, RolloutState $state): self
    {
        return self::because(
            'wrong-course',
            409,
            "A rollout that is {$state->value} cannot {$what}.",
            'Look at it again; somebody may have been faster.',
        );
    }

    public static function rolloutUnderWay(string $suites): self
    {
        return self::because('wrong-course', 409, "Another rollout is on its way to {$suites}.", 'Wait until it is done, or cancel it.');
    }

    public static function wrongDigest(string $said, string $bytes): self
    {
        return self::because(
            'wrong-digest',
            422,
            'The bytes have another digest than the address says; they were not stored.',
            'Send the file as it is, under its SHA-256.',
            'said '.substr($said, 0, 12).', is '.substr(hash('sha256', $bytes), 0, 12),
        );
    }
}
