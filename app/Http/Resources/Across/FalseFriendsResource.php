<?php

declare(strict_types=1);

namespace App\Http\Resources\Across;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Across\FalseFriend;
use Zebrafinch\Core\Across\FriendSide;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Seat;

final class FalseFriendsResource extends JsonAnswer
{
    /** @param  list<FalseFriend>  $friends */
    public function __construct(private readonly array $friends, private readonly Vocabulary $vocabulary, private readonly Seat $seat)
    {
        parent::__construct($friends);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['false_friends' => array_map($this->friend(...), $this->friends)];
    }

    /** @return array<string, mixed> */
    private function friend(FalseFriend $friend): array
    {
        return [
            'chord' => Shapes::chordAt($this->seat->printer(), $friend->press->made ?? $friend->instead->binding->chord),
            'is_dangerous' => $friend->isDangerous(),
            'expected' => array_map($this->side(...), $friend->expected),
            'instead' => $this->side($friend->instead),
        ];
    }

    /** @return array<string, mixed> */
    private function side(FriendSide $side): array
    {
        return [
            'application' => Shapes::application($side->application),
            'intent' => $side->intent === null ? null : $this->vocabulary->intent($side->intent)->name,
            'tooltip' => $side->command->tooltip,
            ...(new Shapes($side->application, $this->seat))->binding($side->binding),
        ];
    }
}
