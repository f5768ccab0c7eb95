<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Resources\Shapes;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Learn\Lesson;
use Zebrafinch\Core\Learn\MovedChord;
use Zebrafinch\Core\Learn\Saving;

/** The JSON shapes of what learning is worked out to be. */
final readonly class LearnShapes
{
    public function __construct(private Seat $seat)
    {
    }

    /** @return array<string, mixed> the schema `Saving` */
    public function saving(Saving $saving): array
    {
        $shapes = new Shapes($saving->doing->application, $this->seat);

        return [
            'application' => Shapes::application($saving->doing->application),
            'command' => $shapes->commandName($saving->doing->command->id),
            'kind' => $saving->kind->value,
            'binding' => $shapes->binding($saving->binding),
            'uses' => round($saving->uses, 1),
            'before' => ['operators' => $saving->way->inOperators(), 'seconds' => round($saving->before, 2)],
            'after' => ['operators' => $saving->newWay->inOperators(), 'seconds' => round($saving->after, 2)],
            'seconds_a_week' => round($saving->secondsAWeek(), 1),
        ];
    }

    /** @return array<string, mixed> the schema `Lesson` */
    public function lesson(Lesson $lesson): array
    {
        return [
            'savings' => array_map($this->saving(...), $lesson->savings),
            'seconds_a_week' => round($lesson->secondsAWeek(), 1),
            'ease' => round($lesson->ease->factor, 2),
            'reasons' => $lesson->ease->reasons,
            'goes_with' => $lesson->goesWith,
        ];
    }

    /** @return array<string, mixed> the schema `MovedChord` */
    public function moved(Application $application, MovedChord $moved): array
    {
        $shapes = new Shapes($application, $this->seat);

        return [
            'application' => Shapes::application($application),
            'old' => $shapes->binding($moved->old),
            'now' => $moved->now === null ? null : $shapes->binding($moved->now),
            'instead' => $moved->instead === null ? null : $shapes->commandName($moved->instead),
        ];
    }
}
