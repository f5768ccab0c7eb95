<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\Merge;
use Zebrafinch\Core\Keymap\MergeConflict;

/** A three-way merge with somebody's answers to what it cannot decide. */
final readonly class TakingIn
{
    /**
     * @param  Change  $change  what leads from ours to the result
     * @param  list<Question>  $questions
     */
    private function __construct(public Bindings $result, public Change $change, public array $questions)
    {
    }

    /**
     * @param  Bindings  $base  what both started from
     * @param  array<string, Side>  $answers  by the id of the question; those to other questions are not looked at
     */
    public static function of(Bindings $base, Bindings $ours, Bindings $theirs, array $answers = []): self
    {
        $merge = Merge::of($base, $ours, $theirs);
        $result = $merge->result;
        $questions = [];
        foreach ($merge->conflicts as $conflict) {
            $question = self::sameCommand($conflict, $answers);
            $questions[] = $question;
            if ($question->answer === Side::Theirs) {
                $result = $result->minus(...$conflict->ours);
                $result = $result->plus(...$result->lacking(Bindings::of(...$conflict->theirs)));
            }
        }
        foreach ($merge->doubles as [$own, $other]) {
            $question = self::sameChord($base, $own, $other, $answers);
            $questions[] = $question;
            $result = match ($question->answer) {
                Side::Theirs => $result->minus($own),
                Side::Both => $result,
                // Their command keeps what it had before they moved it.
                default => $result->minus($other)->plus(...self::asBefore($base, $ours, $other)),
            };
        }

        return new self($result, Change::between($ours, $result), $questions);
    }

    public function isDecided(): bool
    {
        return ! in_array(null, array_map(static fn (Question $one): ?Side => $one->answer, $this->questions), true);
    }

    /** @param  array<string, Side>  $answers */
    private static function sameCommand(MergeConflict $conflict, array $answers): Question
    {
        $id = self::id([...$conflict->before, ...$conflict->ours, ...$conflict->theirs]);

        return new Question(
            $id,
            MergeQuestionKind::SameCommand,
            $conflict->before,
            $conflict->ours,
            $conflict->theirs,
            self::answer($answers[$id] ?? null, MergeQuestionKind::SameCommand),
        );
    }

    /** @param  array<string, Side>  $answers */
    private static function sameChord(Bindings $base, Binding $own, Binding $other, array $answers): Question
    {
        $id = self::id([$own, $other]);
        $before = array_values(array_filter($base->all(), static fn (Binding $one): bool => self::slot($one) === self::slot($other)));

        return new Question(
            $id,
            MergeQuestionKind::SameChord,
            $before,
            [$own],
            [$other],
            self::answer($answers[$id] ?? null, MergeQuestionKind::SameChord),
        );
    }

    private static function answer(?Side $given, MergeQuestionKind $kind): ?Side
    {
        return in_array($given, $kind->answers(), true) ? $given : null;
    }

    /** @return list<Binding> what the command had on both sides before, where they took it away */
    private static function asBefore(Bindings $base, Bindings $ours, Binding $theirs): array
    {
        return array_values(
            array_filter(
                $base->all(),
                static fn (Binding $one): bool => self::slot($one) === self::slot($theirs) && $ours->has($one),
            ),
        );
    }

    private static function slot(Binding $binding): string
    {
        return "{$binding->context} {$binding->gesture->value} {$binding->command}";
    }

    /** @param  list<Binding>  $bindings */
    private static function id(array $bindings): string
    {
        return substr(hash('xxh128', implode("\n", array_map(static fn (Binding $one): string => $one->id(), $bindings))), 0, 16);
    }
}
