<?php

declare(strict_types=1);

namespace App\Resources;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Relearning;
use Zebrafinch\Core\Clash\Remedy;
use Zebrafinch\Core\Focus\Ladder;
use Zebrafinch\Core\Focus\Rung;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\ChordPrinter;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\CommandDifference;
use Zebrafinch\Core\Keymap\Comparison;
use Zebrafinch\Core\Offer\Offer;
use Zebrafinch\Core\Reach\Reach;
use Zebrafinch\Core\Remap\Choice;

/**
 * The JSON shapes of what the core computes about one application, printed for one seat. Each method gives one
 * schema of docs/openapi.yaml, of the same name.
 */
final readonly class Shapes
{
    private ChordPrinter $printer;

    public function __construct(private Application $application, private Seat $seat)
    {
        $this->printer = $seat->printer();
    }

    /** @return array{id: string, name: string} the schema `Named` */
    public static function application(Application $application): array
    {
        return ['id' => $application->id, 'name' => $application->name];
    }

    /** @return array<string, mixed> */
    public function chord(Chord $chord): array
    {
        return self::chordAt($this->printer, $chord);
    }

    /** @return array<string, mixed> */
    public static function chordAt(ChordPrinter $printer, Chord $chord): array
    {
        return [
            'id' => $chord->id(),
            'label' => $printer->label($chord),
            'caps' => $printer->caps($chord),
            'spoken' => $printer->spoken($chord),
            'aria' => $printer->aria($chord),
        ];
    }

    /** @return array<string, mixed> */
    public static function reach(ChordPrinter $printer, Reach $reach): array
    {
        return [
            'kind' => $reach->kind->value,
            'sentence' => $reach->sentence,
            'pressed' => $reach->pressed === null ? null : self::chordAt($printer, $reach->pressed),
        ];
    }

    /** @return array<string, mixed> */
    public function binding(Binding $binding): array
    {
        return [
            'id' => $binding->id(),
            'chord' => $this->chord($binding->chord),
            'gesture' => $binding->gesture->value,
            'command' => $this->commandName($binding->command),
            'context' => $this->contextName(
                $binding->context === Context::DESKTOP ? Context::desktop() : $this->application->contexts->get($binding->context),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public function commandName(string $command): array
    {
        return ['id' => $command, 'name' => $this->application->commandName($command), 'known' => $this->application->knows($command)];
    }

    /** @return array<string, mixed> */
    public function contextName(Context $context): array
    {
        return ['id' => $context->id, 'name' => $context->name];
    }

    /** @return array<string, mixed> */
    public function ladder(Ladder $ladder): array
    {
        $winner = $ladder->winner();

        return [
            'focus' => $this->contextName($ladder->focus),
            'sentence' => $ladder->sentence,
            'winner' => $winner === null ? null : $this->binding($winner),
            'rungs' => array_map(
                fn (Rung $rung): array => [
                    'context' => $this->contextName($rung->context),
                    'binding' => $rung->binding === null ? null : $this->binding($rung->binding),
                    'verdict' => $rung->verdict->value,
                    'reason' => $rung->reason,
                ],
                $ladder->rungs,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public function clash(Clash $clash): array
    {
        return [
            'id' => $clash->id(),
            'kind' => $clash->kind->name(),
            'title' => $clash->kind->title(),
            'grade' => $clash->grade->value,
            'sentence' => $clash->sentence(),
            'bindings' => array_map($this->binding(...), $clash->bindings),
            'losing' => array_map(static fn (Binding $one): string => $one->id(), $clash->losing),
        ];
    }

    /** @return array<string, mixed> */
    public function consequences(Consequences $consequences): array
    {
        return [
            'settled' => array_map($this->clash(...), $consequences->settled),
            'raised' => array_map($this->clash(...), $consequences->raised),
            'relearning' => array_map($this->relearning(...), $consequences->relearning),
            'raises_fault' => $consequences->raisesFault(),
        ];
    }

    /** @return list<array<string, mixed>> each the schema `CommandDifference` */
    public function differences(Comparison $comparison): array
    {
        return array_map($this->difference(...), $comparison->differences);
    }

    /** @return array<string, mixed> */
    public function difference(CommandDifference $difference): array
    {
        return [
            'command' => $this->commandName($difference->command),
            'context' => $this->contextName($this->application->contexts->get($difference->context)),
            'before' => array_map($this->binding(...), $difference->before),
            'after' => array_map($this->binding(...), $difference->after),
        ];
    }

    /** @return array<string, mixed> */
    public function relearning(Relearning $one): array
    {
        return [
            'command' => $this->commandName($one->command),
            'before' => array_map($this->chord(...), $one->before),
            'after' => array_map($this->chord(...), $one->after),
            'effort_before' => $one->effortBefore === null ? null : round($one->effortBefore, 1),
            'effort_after' => $one->effortAfter === null ? null : round($one->effortAfter, 1),
        ];
    }

    /** @return array<string, mixed> */
    public function remedy(Remedy $remedy): array
    {
        return [
            'title' => $remedy->title,
            'change' => $remedy->change->toData(),
            'consequences' => $this->consequences($remedy->consequences),
        ];
    }

    /** @return array<string, mixed> */
    public function choice(Choice $choice, Ladder $after): array
    {
        return [
            'kind' => $choice->kind->value,
            'title' => $choice->title,
            'change' => $choice->change->toData(),
            'consequences' => $this->consequences($choice->consequences),
            'ladder_after' => $this->ladder($after),
        ];
    }

    /** @return array<string, mixed> */
    public function offer(Offer $offer): array
    {
        return ['chord' => $this->chord($offer->chord), 'effort_mm' => round($offer->effort, 1), 'reasons' => $offer->reasons];
    }
}
