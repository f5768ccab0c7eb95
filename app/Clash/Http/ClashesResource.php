<?php

declare(strict_types=1);

namespace App\Clash\Http;

use App\Keymap\AcceptedClash;
use App\Keymap\CurrentKeymap;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Keyboard\Seat;

/** The docket of a keymap. */
final class ClashesResource extends JsonAnswer
{
    /**
     * @param  array<string, Clash>  $clashes  by identity
     * @param  Collection<string, AcceptedClash>  $accepted  by the identity of the clash
     */
    public function __construct(
        private readonly CurrentKeymap $current,
        private readonly array $clashes,
        private readonly Collection $accepted,
        private readonly Seat $seat,
    ) {
        parent::__construct($clashes);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shapes = new Shapes($this->current->application, $this->seat);

        return [
            'keymap' => $this->current->name(),
            'clashes' => array_map($shapes->clash(...), array_values($this->clashes)),
            'accepted' => (object) $this->accepted
                ->map(
                    static fn (AcceptedClash $accepted): array => [
                        'reason' => $accepted->reason,
                        'since' => $accepted->created_at->toIso8601String(),
                    ],
                )
                ->all(),
        ];
    }
}
