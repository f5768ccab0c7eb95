<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use JsonException;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Learn\Box;
use Zebrafinch\Core\Usage\UsageDays;

/** Cards as one file, out and in. docs/learning.schema.json describes it. */
final readonly class CardExchange
{
    public const FORMAT = 'zebrafinch-learning/1';

    /** As long as an id may be. */
    private const LONGEST_ID = 100;

    public function write(User $user): string
    {
        $cards = LearningCard::query()->where('user_id', $user->id)->with('answers')->orderBy('id')->get();

        return json_encode(
            ['format' => self::FORMAT, 'cards' => $cards->map(self::data(...))->all()],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }

    /**
     * What is there already and was asked later stays; all else is taken in, answers included.
     *
     * @return int how many cards were taken in
     *
     * @throws LearnRefused with nothing taken in
     */
    public function read(User $user, string $bytes): int
    {
        $wanted = self::cards($bytes);

        return DB::transaction(function () use ($user, $wanted): int {
            User::locked($user);
            $taken = 0;
            foreach ($wanted as $data) {
                $identity =
                    ['user_id' => $user->id] + array_intersect_key($data, array_flip(['application', 'command', 'context', 'gesture']));
                $there = LearningCard::query()->where($identity)->first();
                $seen = self::moment($data['seen_at'] ?? null);
                if ($there !== null && ($seen === null || $there->seen_at?->gte($seen) === true)) {
                    continue;
                }
                $values = [
                    'box' => $data['box'],
                    'asked' => count($data['answers']),
                    'missed' => count(array_filter($data['answers'], static fn (array $one): bool => ! $one['is_right'])),
                    'added_at' => self::moment($data['added_at']),
                    'seen_at' => $seen,
                    'learned_at' => self::moment($data['learned_at'] ?? null),
                    'old_chord' => $data['old_chord'] ?? null,
                    'measured_from' => $data['measured']['from'] ?? null,
                    'mouse_share' => $data['measured']['mouse_share'] ?? null,
                    'seconds_each' => $data['measured']['seconds_each'] ?? null,
                ];
                $card = $there ?? LearningCard::query()->make($identity);
                $card->fill($values)->save();
                $card->answers()->delete();
                foreach ($data['answers'] as $answer) {
                    $card->answers()->create(['at' => self::moment($answer['at'])] + $answer);
                }
                $taken++;
            }
            if (LearningCard::query()->where('user_id', $user->id)->count() > CardShelf::MOST_CARDS) {
                throw LearnRefused::tooManyCards(CardShelf::MOST_CARDS);
            }

            return $taken;
        });
    }

    /** @return array<string, mixed> */
    private static function data(LearningCard $card): array
    {
        return [
            'application' => $card->application,
            'command' => $card->command,
            'context' => $card->context,
            'gesture' => $card->gesture->value,
            'box' => $card->box,
            'added_at' => $card->added_at->toIso8601String(),
            'seen_at' => $card->seen_at?->toIso8601String(),
            'learned_at' => $card->learned_at?->toIso8601String(),
            'old_chord' => $card->old_chord,
            'measured' => $card->measured_from === null
                    ? null
                    : ['from' => $card->measured_from, 'mouse_share' => $card->mouse_share, 'seconds_each' => $card->seconds_each],
            'answers' => $card->answers
                ->map(
                    static fn (CardAnswer $one): array => [
                        'at' => $one->at->toIso8601String(),
                        'press' => $one->press,
                        'is_right' => $one->is_right,
                        'box_before' => $one->box_before,
                    ],
                )
                ->all(),
        ];
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @throws LearnRefused
     */
    private static function cards(string $bytes): array
    {
        try {
            $file = json_decode($bytes, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw LearnRefused::notACardFile();
        }
        if (! is_array($file) || ($file['format'] ?? null) !== self::FORMAT || ! is_array($file['cards'] ?? null)) {
            throw LearnRefused::notACardFile();
        }
        if (count($file['cards']) > CardShelf::MOST_CARDS) {
            throw LearnRefused::tooManyCards(CardShelf::MOST_CARDS);
        }
        foreach (array_values($file['cards']) as $index => $card) {
            if (! is_array($card) || ! self::isCard($card)) {
                throw LearnRefused::badCard($index + 1);
            }
        }

        return array_values($file['cards']);
    }

    /** @param  array<mixed>  $card */
    private static function isCard(array $card): bool
    {
        $isId = static fn (mixed $text): bool => is_string($text) && preg_match('/^[a-z0-9-]{1,'.self::LONGEST_ID.'}$/', $text) === 1;
        $box = $card['box'] ?? null;
        $measured = $card['measured'] ?? null;
        $answers = $card['answers'] ?? null;

        return $isId($card['application'] ?? null) &&
            $isId($card['command'] ?? null) &&
            $isId($card['context'] ?? null) &&
            is_string($card['gesture'] ?? null) &&
            Gesture::tryFrom($card['gesture']) !== null &&
            ($box === null || (is_int($box) && Box::tryFrom($box) !== null)) &&
            self::moment($card['added_at'] ?? null) !== null &&
            self::isMoment($card['seen_at'] ?? null) &&
            self::isMoment($card['learned_at'] ?? null) &&
            ($box !== null || self::moment($card['learned_at'] ?? null) !== null) &&
            self::isShort($card['old_chord'] ?? null) &&
            ($measured === null || (is_array($measured) && self::isMeasured($measured))) &&
            is_array($answers) &&
            count($answers) <= CardShelf::MOST_CARDS &&
            array_filter($answers, self::isAnswer(...)) === $answers;
    }

    /** @param  array<mixed>  $measured */
    private static function isMeasured(array $measured): bool
    {
        [$share, $seconds] = [$measured['mouse_share'] ?? null, $measured['seconds_each'] ?? null];

        return is_string($measured['from'] ?? null) &&
            UsageDays::isDay($measured['from']) &&
            (is_int($share) || is_float($share)) &&
            $share >= 0 &&
            $share <= 1 &&
            (is_int($seconds) || is_float($seconds)) &&
            abs($seconds) <= 60;
    }

    private static function isAnswer(mixed $answer): bool
    {
        return is_array($answer) &&
            self::moment($answer['at'] ?? null) !== null &&
            self::isShort($answer['press'] ?? null) &&
            is_bool($answer['is_right'] ?? null) &&
            (($answer['box_before'] ?? null) === null || (is_int($answer['box_before']) && Box::tryFrom($answer['box_before']) !== null));
    }

    private static function isShort(mixed $text): bool
    {
        return $text === null || (is_string($text) && strlen($text) <= self::LONGEST_ID);
    }

    private static function isMoment(mixed $text): bool
    {
        return $text === null || self::moment($text) !== null;
    }

    private static function moment(mixed $text): ?Carbon
    {
        return is_string($text) &&
            preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?(Z|[+-]\d\d:\d\d)$/', $text) === 1 &&
            strtotime($text) !== false
            ? Carbon::parse($text)
            : null;
    }
}
