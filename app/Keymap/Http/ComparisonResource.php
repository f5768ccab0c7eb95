<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Comparison;

final class ComparisonResource extends JsonAnswer
{
    /** @param  string  $other  what the other side is called */
    public function __construct(
        private readonly Comparison $comparison,
        private readonly string $other,
        private readonly Application $application,
        private readonly Seat $seat,
    ) {
        parent::__construct($comparison);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'with' => $this->other,
            'differences' => (new Shapes($this->application, $this->seat))->differences($this->comparison),
        ];
    }
}
