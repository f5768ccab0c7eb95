<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Models\House;
use App\Models\User;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Text\TextSize;

/** Who is signed in, and what the page must know of the server. */
final class SessionResource extends JsonAnswer
{
    /** @param  User|null  $user  null while nobody is signed in */
    public function __construct(private readonly ?User $user)
    {
        parent::__construct(null);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $house = House::current();

        return [
            'person' => $this->user === null
                    ? null
                    : [
                        'id' => $this->user->id,
                        'name' => $this->user->name,
                        'role' => $this->user->role->value,
                        'keeps_suites' => $this->user->role->keepsSuites(),
                        'may_sit_down' => $this->user->role->maySitDown(),
                    ],
            'house' => [
                'name' => $house->name,
                'is_demo' => $house->is_demo,
                'is_set_up' => $house->isSetUp(),
                'version' => $house->version,
            ],
            'most_file_bytes' => TextSize::MOST_BYTES,
        ];
    }
}
