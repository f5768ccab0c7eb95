<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\Situation;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Learn\HeatMap;
use Zebrafinch\Core\Learn\KeyHeat;
use Zebrafinch\Core\Learn\Progress;
use Zebrafinch\Core\Learn\SavedWeek;

/** The board as a map of heat, and the weeks. */
final class LearningPicturesResource extends JsonAnswer
{
    /**
     * @param  HeatMap|null  $before  the same work with another state of the keymap
     * @param  list<array{id: string, name: string}>  $states  that can be compared with
     */
    public function __construct(
        private readonly Situation $situation,
        private readonly Progress $progress,
        private readonly ?string $application,
        private readonly ?HeatMap $now,
        private readonly ?HeatMap $before,
        private readonly array $states,
    ) {
        parent::__construct($situation);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $named = fn (string $id): array => Shapes::application(($this->situation->keymapOf)($id)->application);

        return [
            'weeks' => array_map(
                static fn (SavedWeek $one): array => [
                    'monday' => $one->monday,
                    'by_key' => $one->byKey,
                    'by_mouse' => $one->byMouse,
                    'saved_seconds' => round($one->saved, 1),
                ],
                $this->progress->weeks,
            ),
            'applications' => array_map($named, $this->situation->applications()),
            'application' => $this->application === null ? null : $named($this->application),
            'now' => $this->now === null ? null : self::heat($this->now),
            'before' => $this->before === null ? null : self::heat($this->before),
            'states' => $this->states,
        ];
    }

    /** @return array<string, mixed> */
    private static function heat(HeatMap $map): array
    {
        return [
            'presses' => round($map->presses(), 1),
            'travel_m' => round($map->travel(), 1),
            'keys' => array_values(
                array_map(
                    static fn (KeyHeat $one): array => [
                        'key' => $one->key->value,
                        'presses' => round($one->presses, 1),
                        'travel_m' => round($one->travel, 2),
                    ],
                    $map->keys,
                ),
            ),
        ];
    }
}
