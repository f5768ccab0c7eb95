<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Library\Library;
use App\Models\Preset;
use App\Models\Release;
use App\Models\Suite;
use App\Preset\ReleaseDraft;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Preset\Audience;
use Zebrafinch\Core\Preset\Problem;

/** What a release would be, and what is wrong with it. */
final class ReleaseDraftResource extends JsonAnswer
{
    /**
     * @param  list<Problem>  $problems
     * @param  Release|null  $same  the release that says the same already
     * @param  Collection<int, Suite>  $followers  suites that would get it by themselves
     */
    public function __construct(
        private readonly ReleaseDraft $draft,
        private readonly array $problems,
        private readonly ?Release $same,
        private readonly ?Preset $preset,
        private readonly Collection $followers,
        private readonly Seat $seat,
    ) {
        parent::__construct($draft);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'problems' => array_map(static fn (Problem $one): array => $one->toData(), $this->problems),
            'same_as' => $this->same?->number,
            'may_fix' => $this->preset?->audience === Audience::House,
            'applications' => array_map($this->application(...), array_keys($this->draft->content->keymaps)),
            'followers' => $this->followers->pluck('name')->all(),
        ];
    }

    /** @return array<string, mixed> */
    private function application(string $id): array
    {
        $application = app(Library::class)->application($id);
        $shapes = new Shapes($application, $this->seat);
        $content = $this->draft->content;

        return [
            'application' => Shapes::application($application),
            'bindings' => array_map($shapes->binding(...), $content->keymaps[$id]->all()),
            'fixed' => array_map(static fn (Binding $one): string => $one->id(), $content->fixed->of($id)),
        ];
    }
}
