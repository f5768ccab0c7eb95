<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\CardShelf;
use App\Learn\Differences;
use App\Learn\Heat;
use App\Learn\Learner;
use App\Learn\LearningCard;
use App\Learn\Situations;
use App\Learn\WorthLearning;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Learn\Saving;

/** A learner's own place: how far they are, what would save them time, and pictures of both. */
final readonly class LearnController
{
    public function __construct(
        private Situations $situations,
        private WorthLearning $worth,
        private CardShelf $shelf,
        private Differences $differences,
        private Heat $heat,
    ) {
    }

    public function show(#[CurrentUser] User $user, Seat $seat): LearnResource
    {
        $situation = $this->situations->of($user, $seat);
        $cards = $this->shelf->of($user);

        return new LearnResource(
            $situation,
            $this->worth->lessons($situation, $this->worth->savings($situation), self::isLearning($cards)),
            $this->shelf->deck($cards, $situation->days),
            $this->shelf->progress($cards, $situation->days),
            $this->differences->of($situation),
        );
    }

    public function savings(#[CurrentUser] User $user, Seat $seat): SavingsResource
    {
        $situation = $this->situations->of($user, $seat);

        return new SavingsResource($situation, $this->worth->savings($situation), self::isLearning($this->shelf->of($user)));
    }

    public function pictures(Request $request, #[CurrentUser] User $user, Seat $seat): LearningPicturesResource
    {
        $request->validate([
            'application' => ['sometimes', 'nullable', 'string', 'max:100'],
            'against' => ['sometimes', 'nullable', 'string', 'max:40'],
        ]);

        $situation = $this->situations->of($user, $seat);
        $applications = $situation->applications();
        $wanted = $request->string('application')->toString();
        $application = in_array($wanted, $applications, true) ? $wanted : $applications[0] ?? null;
        $against = $request->string('against')->toString();

        return new LearningPicturesResource(
            $situation,
            $this->shelf->progress($this->shelf->of($user), $situation->days),
            $application,
            $application === null ? null : $this->heat->now($situation, $application),
            $application === null || $against === '' ? null : $this->heat->before($situation, $application, $against),
            $application === null ? [] : $this->heat->states($situation, $application),
        );
    }

    public function speed(SpeedRequest $request, #[CurrentUser] User $user, Seat $seat): SavingsResource
    {
        DB::transaction(static function () use ($request, $user): void {
            Learner::of(User::locked($user))
                ->fill(['key_seconds' => $request->keySeconds(), 'typing_class' => $request->typingClass()])
                ->save();
        });

        return $this->savings($user, $seat);
    }

    /**
     * @param  Collection<int, LearningCard>  $cards
     * @return callable(Saving): bool
     */
    private static function isLearning(Collection $cards): callable
    {
        $known = $cards->mapWithKeys(static fn (LearningCard $one): array => ["{$one->application} {$one->command}" => true])->all();

        return static fn (Saving $one): bool => isset($known["{$one->doing->application->id} {$one->doing->command->id}"]);
    }
}
