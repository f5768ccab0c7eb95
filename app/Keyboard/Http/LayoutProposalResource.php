<?php

declare(strict_types=1);

namespace App\Keyboard\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Layout;

final class LayoutProposalResource extends JsonAnswer
{
    /** @param  Layout|null  $layout  null where none fits */
    public function __construct(private readonly ?Layout $layout)
    {
        parent::__construct($layout);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['layout' => $this->layout === null ? null : ['id' => $this->layout->id, 'name' => $this->layout->name]];
    }
}
