<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LayoutProposalRequest;
use App\Http\Requests\SeatRequest;
use App\Library\Library;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Layout;
use Zebrafinch\Core\Keyboard\LayoutProposal;

/** The keyboards that can be sat at. */
final readonly class KeyboardController
{
    public function __construct(private Library $library)
    {
    }

    public function index(SeatRequest $request): JsonResponse
    {
        $boards = array_map(fn (string $id): Board => $this->library->board($id, $request->system()), $this->library->boardIds());

        return new JsonResponse([
            'boards' => array_map(static fn (Board $one): array => ['id' => $one->id, 'name' => $one->name], $boards),
            'layouts' => array_map(self::layout(...), $this->layouts()),
        ]);
    }

    /** Which layout fits what a browser tells of its keys. */
    public function propose(LayoutProposalRequest $request): JsonResponse
    {
        $proposed = (new LayoutProposal($this->layouts()))->for($request->validated('keys'));

        return new JsonResponse(['layout' => $proposed === null ? null : self::layout($proposed)]);
    }

    /** @return list<Layout> */
    private function layouts(): array
    {
        return array_map($this->library->layout(...), $this->library->layoutIds());
    }

    /** @return array{id: string, name: string} */
    private static function layout(Layout $layout): array
    {
        return ['id' => $layout->id, 'name' => $layout->name];
    }
}
