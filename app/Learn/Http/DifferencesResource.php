<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\Situation;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Learn\MovedChord;

/** What is different now, with the old chord of each. */
final class DifferencesResource extends JsonAnswer
{
    /** @param  array<string, list<MovedChord>>  $moved  by application */
    public function __construct(private readonly Situation $situation, private readonly array $moved)
    {
        parent::__construct($moved);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shapes = new LearnShapes($this->situation->seat);
        $all = [];
        foreach ($this->moved as $id => $moved) {
            $application = ($this->situation->keymapOf)($id)->application;
            foreach ($moved as $one) {
                $all[] = $shapes->moved($application, $one);
            }
        }

        return ['since' => $this->situation->learner->known_until->toIso8601String(), 'moved' => $all];
    }
}
