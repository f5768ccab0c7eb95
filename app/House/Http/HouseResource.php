<?php

declare(strict_types=1);

namespace App\House\Http;

use App\Models\House;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

final class HouseResource extends JsonAnswer
{
    public function __construct(private readonly House $house)
    {
        parent::__construct($house);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['name' => $this->house->name, 'is_demo' => $this->house->is_demo, 'version' => $this->house->version];
    }
}
