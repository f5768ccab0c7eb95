<?php

declare(strict_types=1);

namespace App\Export\Http;

use App\Export\BoardPdf;
use App\Keymap\KitReader;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Export\BoardDrawing;
use Zebrafinch\Core\Keyboard\Seat;

/** The board in front of somebody with the names of one layer, in true millimetres. */
final readonly class BoardDrawingController
{
    public function __construct(private KitReader $kit)
    {
    }

    public function __invoke(BoardDrawingRequest $request, #[CurrentUser] User $user, Application $application, Seat $seat): Response
    {
        $focus = $application->contexts->get($request->string('context', ContextTree::EVERYWHERE)->toString());
        $drawing = new BoardDrawing($this->kit->of($user, $application)->at($seat), $focus, $request->layer());
        $name = "{$application->id}-{$focus->id}";

        return $request->isPdf()
            ? $this->file(BoardPdf::of($drawing), 'application/pdf', "{$name}.pdf")
            : $this->file($drawing->svg(), 'image/svg+xml', "{$name}.svg");
    }

    private function file(string $bytes, string $type, string $name): Response
    {
        return response($bytes, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }
}
