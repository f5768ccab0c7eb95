<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use App\Keymap\CurrentKeymap;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Comparison;

/** What somebody works with in one application. */
final class KeymapResource extends JsonAnswer
{
    /** @param  Consequences|null  $cameOfIt  of the write that this answers; null where nothing was written */
    public function __construct(
        private readonly CurrentKeymap $current,
        private readonly Seat $seat,
        private readonly ?Consequences $cameOfIt = null,
    ) {
        parent::__construct($current);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shapes = new Shapes($this->current->application, $this->seat);
        $own = $this->current->own;

        return [
            'id' => $own?->id,
            'application' => Shapes::application($this->current->application),
            'name' => $this->current->name(),
            'in_use' => $own === null || $own->in_use,
            'follows' => $own?->parent?->name,
            'is_protected' => $own === null,
            'version' => $own->version ?? 0,
            'undo' => $own?->lastDone()?->title,
            'redo' => $own?->firstUndone()?->title,
            'tags' => $own->tags ?? [],
            'saved_at' => $own?->saved_at->toIso8601String(),
            'unsaved' => $own === null ? 0 : count(Comparison::between($own->saved_bindings, $this->current->bindings)->differences),
            'refused' => (new Who($this->current->at($this->seat)))->refusal(),
            'notices' => $own === null ? [] : (new FollowedNotices($this->current->application, $this->seat))->of($own),
            'came_of_it' => $this->cameOfIt === null ? null : $shapes->consequences($this->cameOfIt),
            'bindings' => array_map($shapes->binding(...), $this->current->bindings->all()),
        ];
    }
}
