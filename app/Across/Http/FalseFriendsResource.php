<?php

declare(strict_types=1);

namespace App\Across\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Across\FalseFriend;
use Zebrafinch\Core\Across\FriendSide;
use Zebrafinch\Core\Across\MisleadingChord;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Seat;

final class FalseFriendsResource extends JsonAnswer
{
    /** @param  list<MisleadingChord>  $chords */
    public function __construct(private readonly array $chords, private readonly Vocabulary $vocabulary, private readonly Seat $seat)
    {
        parent::__construct($chords);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['chords' => array_map($this->chord(...), $this->chords)];
    }

    /** @return array<string, mixed> */
    private function chord(MisleadingChord $chord): array
    {
        return [
            'chord' => Shapes::chordAt($this->seat->printer(), $chord->press->made ?? $chord->friends[0]->instead->binding->chord),
            'harm' => $chord->harm()->value,
            'friends' => array_map($this->friend(...), $chord->friends),
        ];
    }

    /** @return array<string, mixed> */
    private function friend(FalseFriend $friend): array
    {
        return [
            'harm' => $friend->harm()->value,
            'wanted_here' => $this->wantedHere($friend),
            'expected' => array_map($this->side(...), $friend->expected),
            'instead' => $this->side($friend->instead),
        ];
    }

    /** @return array<string, mixed>|null what the application has for what the hands expect most; null for nothing */
    private function wantedHere(FalseFriend $friend): ?array
    {
        $application = $friend->instead->application;
        foreach ($friend->expected as $side) {
            $match = $side->intent === null ? null : $this->vocabulary->matchOf($application->id, $side->intent->id);
            if ($match !== null && $application->knows($match->command)) {
                return (new Shapes($application, $this->seat))->commandName($match->command);
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private function side(FriendSide $side): array
    {
        return [
            'application' => Shapes::application($side->application),
            'intent' => $side->intent?->name,
            'tooltip' => $side->command->tooltip,
            ...(new Shapes($side->application, $this->seat))->binding($side->binding),
        ];
    }
}
