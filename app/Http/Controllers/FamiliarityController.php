<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeatRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\KitReader;
use App\Library\Library;
use App\Models\Suite;
use App\Wishes\PersonalWords;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Match\Familiarity;
use Zebrafinch\Core\Match\Surprise;
use Zebrafinch\Core\Refusal;

/** How much of what somebody's hands know does the same in a room, as it is installed there now. */
final readonly class FamiliarityController
{
    public function __construct(private KitReader $kit, private Library $library, private PersonalWords $words)
    {
    }

    public function __invoke(SeatRequest $request, Suite $suite): JsonResponse
    {
        $each = $this->kit->each($request->person());
        $seat = $this->library->seat($suite->board, $suite->layout, $suite->system);
        $known = array_values(array_intersect($this->library->applicationIds(), $suite->applications));
        $pairs = array_map(fn (string $id): array => [$each($id)->at($request->seat()), new LoadedKeymap($each($id)->application, $this->installed($suite, $id), $seat)], $known);
        $familiarity = Familiarity::of($pairs, $this->words->importance($request->person()));

        return new JsonResponse([
            'suite' => ['id' => $suite->slug, 'name' => $suite->name], 'share' => $familiarity->share, 'known' => $familiarity->known,
            'surprises' => array_map(static function (Surprise $one) use ($request): array {
                $shapes = new Shapes($one->application, $request->seat());

                return [
                    'application' => ['id' => $one->application->id, 'name' => $one->application->name], 'binding' => $shapes->binding($one->binding),
                    'expected' => $shapes->commandName($one->expected), 'instead' => $one->instead === null ? null : $shapes->commandName($one->instead),
                    'is_dangerous' => $one->isDangerous(), 'sentence' => $one->sentence,
                ];
            }, $familiarity->surprises),
        ]);
    }

    /** What the room reported last; the factory keymap where it reported none, or one that cannot be read. */
    private function installed(Suite $suite, string $application): Bindings
    {
        $known = $this->library->application($application);
        $bytes = $suite->files()->where('application', $application)->value('reported_bytes');
        try {
            return is_string($bytes) ? $this->library->dialect($known)->read($bytes, $known)->bindings() : $this->library->factoryBindings($known);
        } catch (Refusal) {
            return $this->library->factoryBindings($known);
        }
    }
}
