<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\Situation;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Effort\Method;
use Zebrafinch\Core\Effort\TypingClass;
use Zebrafinch\Core\Effort\TypingSpeed;
use Zebrafinch\Core\Learn\Saving;
use Zebrafinch\Core\Learn\Savings;

/** What shortcuts would save somebody, with what it was worked out from. */
final class SavingsResource extends JsonAnswer
{
    /** As many as anybody reads; the sums are over all. */
    private const MOST_TOLD = 200;

    /** @var callable(Saving): bool */
    private $isLearning;

    /** @param  callable(Saving): bool  $isLearning */
    public function __construct(private readonly Situation $situation, private readonly Savings $savings, callable $isLearning)
    {
        $this->isLearning = $isLearning;
        parent::__construct($savings);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shapes = new LearnShapes($this->situation->seat);
        $days = $this->situation->days->lastWeeks($this->situation->weeks)->days();
        $learner = $this->situation->learner;
        $sums = [];
        foreach ($this->savings->byApplication() as $id => $seconds) {
            $sums[] = [
                'application' => Shapes::application(($this->situation->keymapOf)($id)->application),
                'seconds_a_week' => round($seconds, 1),
            ];
        }

        return [
            'seconds_a_week' => round($this->savings->sum(), 1),
            'by_application' => $sums,
            'count' => count($this->savings->all),
            'savings' => array_map(
                fn (Saving $one): array => $shapes->saving($one) + ['is_learning' => ($this->isLearning)($one)],
                array_slice($this->savings->all, 0, self::MOST_TOLD),
            ),
            'without_offer' => $this->savings->withoutOffer,
            'assumptions' => [
                'weeks' => $days === [] ? 0 : $this->situation->weeks,
                'first_day' => $days[0] ?? null,
                'last_day' => $days === [] ? null : $days[count($days) - 1],
                'key_seconds' => round($learner->speed()->seconds, 3),
                'is_measured' => $learner->key_seconds !== null,
                'typing_class' => $learner->typing_class->value,
                'point_seconds' => Method::POINT,
                'home_seconds' => Method::HOME,
                'mental_seconds' => Method::MENTAL,
            ],
            'typing_classes' => array_map(
                static fn (TypingClass $one): array => ['id' => $one->value, 'name' => $one->inWords(), 'seconds' => $one->seconds()],
                TypingClass::cases(),
            ),
            'fewest_keystrokes' => TypingSpeed::FEWEST_KEYSTROKES,
        ];
    }
}
