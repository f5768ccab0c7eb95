<?php

declare(strict_types=1);

namespace App\Focus\Http;

use App\Library\Library;
use Zebrafinch\Core\Keyboard\Seat;

/** How a chord is spelled at this keyboard, what makes it here, and whether it reaches an application. */
final readonly class SpelledChordController
{
    public function __invoke(ChordRequest $request, Seat $seat, Library $library): SpelledChordResource
    {
        return new SpelledChordResource($request->chord($seat), $library->keyboards->reserved(), $seat);
    }
}
