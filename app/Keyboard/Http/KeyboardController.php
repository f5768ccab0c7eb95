<?php

declare(strict_types=1);

namespace App\Keyboard\Http;

use App\Library\Library;
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
    public function propose(LayoutProposalRequest $request): LayoutProposalResource
    {
        return new LayoutProposalResource((new LayoutProposal($this->layouts()))->for($request->validated('keys')));
    }

    /** @return list<Layout> */
    private function layouts(): array
    {
        return array_map(fn (string $id): Layout => $this->library->keyboards->layout($id), $this->library->keyboards->layoutIds());
    }
}
