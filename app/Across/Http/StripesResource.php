<?php

declare(strict_types=1);

namespace App\Across\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Across\Stripe;
use Zebrafinch\Core\Across\StripeCell;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;

final class StripesResource extends JsonAnswer
{
    /**
     * @param  list<LoadedKeymap>  $keymaps  the columns
     * @param  list<Stripe>  $stripes
     * @param  float|null  $agreement  of all of them; null where nothing is shared
     */
    public function __construct(
        private readonly array $keymaps,
        private readonly array $stripes,
        private readonly ?float $agreement,
        private readonly Seat $seat,
    ) {
        parent::__construct($stripes);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'applications' => array_map(
                static fn (LoadedKeymap $keymap): array => Shapes::application($keymap->application),
                $this->keymaps,
            ),
            'agreement' => $this->agreement,
            'stripes' => array_map(
                fn (Stripe $stripe): array => [
                    'intent' => ['id' => $stripe->intent->id, 'name' => $stripe->intent->name, 'group' => $stripe->intent->group],
                    'state' => $stripe->state->value,
                    'can_be_mended' => $stripe->state->canBeMended(),
                    'agreement' => $stripe->agreement,
                    'cells' => array_map(
                        fn (StripeCell $cell, bool $runsOn, bool $runsThrough): array => [
                            ...$this->cell($cell, $stripe->common),
                            'runs_on' => $runsOn,
                            'runs_through' => $runsThrough,
                        ],
                        $stripe->cells,
                        $stripe->runsOn,
                        $stripe->runsThrough,
                    ),
                ],
                $this->stripes,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function cell(StripeCell $cell, ?string $common): array
    {
        $shapes = new Shapes($cell->application, $this->seat);
        $context = $cell->context();

        return [
            'application' => $cell->application->id,
            'command' => $cell->command === null ? null : $shapes->commandName($cell->command->id),
            'context' => $context === null ? null : $shapes->contextName($cell->application->contexts->get($context)),
            'difference' => $cell->match?->difference,
            'chords' => array_map(static fn (Binding $binding): array => $shapes->chord($binding->chord), $cell->bindings($common)),
        ];
    }
}
