<?php

declare(strict_types=1);

namespace App\Intent\Http;

use App\Intent\OwnIntent;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\IntentTrait;

final class IntentsResource extends JsonAnswer
{
    /** @var array<string, int> ids of the person's own intents, by what the vocabulary knows them by */
    private readonly array $own;

    /**
     * @param  list<Intent>  $intents
     * @param  Collection<int, OwnIntent>  $own
     */
    public function __construct(private readonly array $intents, Collection $own)
    {
        parent::__construct($intents);
        $this->own = $own->mapWithKeys(static fn (OwnIntent $intent): array => [$intent->wordId() => $intent->id])->all();
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'intents' => array_map(
                fn (Intent $intent): array => [
                    'id' => $intent->id,
                    'name' => $intent->name,
                    'group' => $intent->group,
                    'synonyms' => $intent->synonyms,
                    'frequency' => $intent->frequency->value,
                    'traits' => array_map(static fn (IntentTrait $trait): string => $trait->value, $intent->traits),
                    'own' => $this->own[$intent->id] ?? null,
                ],
                $this->intents,
            ),
        ];
    }
}
