<?php

declare(strict_types=1);

namespace App\Rehearse\Http;

use App\Models\Rehearsal;
use App\Models\RehearsalPress;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;

final class RehearsalResource extends JsonAnswer
{
    /** @param  Seat  $seat  that of the suite */
    public function __construct(
        private readonly Rehearsal $rehearsal,
        private readonly Application $application,
        private readonly Seat $seat,
        private readonly bool $isOnline,
    ) {
        parent::__construct($rehearsal);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $suite = $this->rehearsal->suite;

        return [
            'id' => $this->rehearsal->id,
            'suite' => ['id' => $suite->slug, 'name' => $suite->name, 'system' => $suite->system->value, 'is_online' => $this->isOnline],
            'application' => Shapes::application($this->application),
            'presses' => $this->rehearsal->presses()->get()->map($this->press(...))->all(),
        ];
    }

    /** @return array<string, mixed> */
    private function press(RehearsalPress $press): array
    {
        return [
            'id' => $press->id,
            'state' => $press->is_done === null ? 'waiting' : ($press->is_done ? 'done' : 'failed'),
            'chord' => Shapes::chordAt($this->seat->printer(), Chord::parse($press->payload['chord'])),
            'gesture' => $press->payload['gesture'],
            'focus' => ['id' => $press->payload['focus'], 'name' => $press->payload['focus_name']],
            'answer' => $press->answer,
        ];
    }
}
