<?php

declare(strict_types=1);

namespace App\Http\Resources\Keymap;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\CommandDifference;
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
        $shapes = new Shapes($this->application, $this->seat);

        return [
            'with' => $this->other,
            'differences' => array_map(
                fn (CommandDifference $difference): array => [
                    'command' => $shapes->commandName($difference->command),
                    'context' => $shapes->contextName($this->application->contexts->get($difference->context)),
                    'before' => array_map($shapes->binding(...), $difference->before),
                    'after' => array_map($shapes->binding(...), $difference->after),
                ],
                $this->comparison->differences,
            ),
        ];
    }
}
