<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Models\Preset;
use App\Models\Release;
use App\Preset\KeymapNews;
use App\Resources\JsonAnswer;
use App\Resources\NewsShape;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Seat;

final class NewsResource extends JsonAnswer
{
    /** @param  list<KeymapNews>  $news */
    public function __construct(
        private readonly Preset $preset,
        private readonly Release $newest,
        private readonly array $news,
        private readonly Seat $seat,
    ) {
        parent::__construct($preset);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'preset' => $this->preset->name,
            'up_to' => $this->newest->id,
            'number' => $this->newest->number,
            'note' => $this->newest->note,
            'author' => $this->newest->author->name,
            'applications' => array_map(
                fn (KeymapNews $one): array => NewsShape::of(
                    $one->current->at($this->seat),
                    $one->current->name(),
                    $one->current->own->version ?? 0,
                    $one->taking,
                ),
                $this->news,
            ),
        ];
    }
}
