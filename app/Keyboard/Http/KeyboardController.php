<?php

declare(strict_types=1);

namespace App\Keyboard\Http;

use App\Library\Library;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Layout;
use Zebrafinch\Core\Keyboard\LayoutProposal;
use Zebrafinch\Core\Keyboard\Seat;

/** The keyboards that can be sat at. */
final readonly class KeyboardController
{
    public function __construct(private Library $library)
    {
    }

    public function index(Seat $seat): KeyboardsResource
    {
        $boards = array_map(
            fn (string $id): Board => $this->library->keyboards->board($id, $seat->system),
            $this->library->keyboards->boardIds(),
        );

        return new KeyboardsResource($boards, $this->layouts());
    }

    /** Which layout fits what a browser tells of its keys. */
    public function propose(Request $request): JsonAnswer
    {
        $validated = $request->validate(
            ['keys' => ['required', 'array', 'max:200'], 'keys.*' => ['string', 'max:8']],
            ['keys' => 'Tell what the keys type, by their codes.'],
        );

        $layout = (new LayoutProposal($this->layouts()))->for($validated['keys']);

        return new JsonAnswer(['layout' => $layout === null ? null : ['id' => $layout->id, 'name' => $layout->name]]);
    }

    /** @return list<Layout> */
    private function layouts(): array
    {
        return array_map(fn (string $id): Layout => $this->library->keyboards->layout($id), $this->library->keyboards->layoutIds());
    }
}
