<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Sitting;
use App\Preset\KeymapNews;
use App\Resources\JsonAnswer;
use App\Resources\NewsShape;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Seat;

final class SuiteOfferResource extends JsonAnswer
{
    public function __construct(private readonly Sitting $sitting, private readonly KeymapNews $news, private readonly Seat $seat)
    {
        parent::__construct($sitting);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'suite' => ['id' => $this->sitting->suite->slug, 'name' => $this->sitting->suite->name],
            'news' => NewsShape::of(
                $this->news->current->at($this->seat),
                $this->news->current->name(),
                $this->news->current->own->version ?? 0,
                $this->news->taking,
            ),
        ];
    }
}
