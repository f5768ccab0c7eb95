<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Library\Library;
use App\Models\Sitting;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

/** Where somebody sits, and what they changed by hand where they sat. */
final class MySittingsResource extends JsonAnswer
{
    /**
     * @param  Collection<int, Sitting>  $open
     * @param  Collection<int, Sitting>  $offering
     */
    public function __construct(private readonly Collection $open, private readonly Collection $offering, private readonly Library $library)
    {
        parent::__construct($open);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $offers = [];
        foreach ($this->offering as $sitting) {
            foreach (array_keys($sitting->offered) as $id) {
                $offers[] = [
                    'sitting' => $sitting->id,
                    'suite' => self::suite($sitting),
                    'application' => ['id' => $id, 'name' => $this->library->nameOf($id)],
                    'is_open' => $sitting->ended_at === null,
                ];
            }
        }

        return [
            'sittings' => $this->open
                ->map(
                    static fn (Sitting $one): array => [
                        'id' => $one->id,
                        'suite' => self::suite($one),
                        'tells_usage' => $one->tells_usage,
                        'since' => $one->started_at->toIso8601String(),
                        'until' => $one->until?->toIso8601String(),
                    ],
                )
                ->all(),
            'offers' => $offers,
        ];
    }

    /** @return array{id: string, name: string} */
    private static function suite(Sitting $sitting): array
    {
        return ['id' => $sitting->suite->slug, 'name' => $sitting->suite->name];
    }
}
