<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\Differences;
use App\Learn\Drilling;
use App\Learn\Situations;
use App\Models\Suite;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Zebrafinch\Core\Keyboard\Seat;

/** What has moved, here and where somebody is about to sit. */
final readonly class DifferenceController
{
    public function __construct(private Situations $situations, private Differences $differences, private Drilling $drilling)
    {
    }

    public function index(#[CurrentUser] User $user, Seat $seat): DifferencesResource
    {
        $situation = $this->situations->of($user, $seat);

        return new DifferencesResource($situation, $this->differences->of($situation));
    }

    public function known(#[CurrentUser] User $user, Seat $seat): DifferencesResource
    {
        $this->differences->known($user);

        return $this->index($user, $seat);
    }

    public function suite(#[CurrentUser] User $user, Suite $suite, Seat $seat): SuiteDifferencesResource
    {
        return new SuiteDifferencesResource(
            $suite,
            $this->drilling->surprises($user, $seat, $suite),
            $this->drilling->there($user, $suite),
        );
    }
}
