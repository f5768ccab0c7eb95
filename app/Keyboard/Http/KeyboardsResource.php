<?php

declare(strict_types=1);

namespace App\Keyboard\Http;

use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Layout;

final class KeyboardsResource extends JsonAnswer
{
    /**
     * @param  list<Board>  $boards
     * @param  list<Layout>  $layouts
     */
    public function __construct(private readonly array $boards, private readonly array $layouts)
    {
        parent::__construct($boards);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'boards' => array_map(static fn (Board $board): array => ['id' => $board->id, 'name' => $board->name], $this->boards),
            'layouts' => array_map(
                static fn (Layout $layout): array => [
                    'id' => $layout->id,
                    'name' => $layout->name,
                    'unknown_on' => array_column($layout->unknownOn, 'value'),
                ],
                $this->layouts,
            ),
        ];
    }
}
