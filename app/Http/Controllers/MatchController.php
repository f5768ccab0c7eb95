<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeatRequest;
use App\Http\Requests\StripesRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\CurrentKeymap;
use App\Keymaps\KitReader;
use App\Wishes\PersonalWords;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Match\FalseFriend;
use Zebrafinch\Core\Match\FalseFriends;
use Zebrafinch\Core\Match\FriendSide;
use Zebrafinch\Core\Match\Stripe;
use Zebrafinch\Core\Match\StripeCell;
use Zebrafinch\Core\Match\Stripes;

/** How alike the applications of a kit are, and which chords mislead. */
final readonly class MatchController
{
    public function __construct(private PersonalWords $words, private KitReader $kit)
    {
    }

    public function stripes(StripesRequest $request): JsonResponse
    {
        $vocabulary = $this->words->vocabulary($request->person());
        $importance = $this->words->importance($request->person(), $vocabulary);
        $within = $request->within();
        $keymaps = $within === null ? $this->keymaps($request) : [$this->kit->of($request->person(), $within)->at($request->seat())];
        $stripes = new Stripes($keymaps, $vocabulary, $importance);
        $all = $within === null ? $stripes->all() : Stripes::within($keymaps[0], $vocabulary, $importance);

        return new JsonResponse([
            'applications' => array_map(static fn (LoadedKeymap $one): array => ['id' => $one->application->id, 'name' => $one->application->name], $keymaps),
            'agreement' => $stripes->overall($all),
            'stripes' => array_map(static fn (Stripe $stripe): array => [
                'intent' => ['id' => $stripe->intent->id, 'name' => $stripe->intent->name, 'group' => $stripe->intent->group],
                'state' => $stripe->state->value,
                'agreement' => $stripe->agreement,
                'cells' => array_map(static fn (StripeCell $cell): array => self::cell($cell, $request->seat()), $stripe->cells),
            ], $all),
        ]);
    }

    /** @return array<string, mixed> */
    private static function cell(StripeCell $cell, Seat $seat): array
    {
        $shapes = new Shapes($cell->application, $seat);
        $context = $cell->context();

        return [
            'application' => $cell->application->id,
            'command' => $cell->command === null ? null : $shapes->commandName($cell->command->id),
            'context' => $context === null ? null : $shapes->contextName($cell->application->contexts->get($context)),
            'difference' => $cell->match?->difference,
            'chords' => array_map(static fn (Binding $one): array => $shapes->chord($one->chord), $cell->bindings),
            'runs_on' => $cell->runsOn,
        ];
    }

    public function falseFriends(SeatRequest $request): JsonResponse
    {
        $keymaps = $this->keymaps($request);
        $printer = $request->seat()->printer();
        $vocabulary = $this->words->vocabulary($request->person());
        $friends = new FalseFriends($keymaps, $vocabulary, $this->words->importance($request->person(), $vocabulary));

        return new JsonResponse(['false_friends' => array_map(fn (FalseFriend $one): array => [
            'chord' => Shapes::chordAt($printer, Chord::parse($one->press)),
            'is_dangerous' => $one->isDangerous(),
            'expected' => array_map(fn (FriendSide $side): array => $this->side($side, $request->seat(), $vocabulary), $one->expected),
            'instead' => $this->side($one->instead, $request->seat(), $vocabulary),
        ], $friends->all())]);
    }

    /** @return array<string, mixed> */
    private function side(FriendSide $side, Seat $seat, Vocabulary $vocabulary): array
    {
        return [
            'application' => ['id' => $side->application->id, 'name' => $side->application->name],
            'intent' => $side->intent === null ? null : $vocabulary->intent($side->intent)->name,
            'tooltip' => $side->command->tooltip,
            ...(new Shapes($side->application, $seat))->binding($side->binding),
        ];
    }

    /** @return non-empty-list<LoadedKeymap> those of the applications that are asked for; all of them if none is */
    private function keymaps(SeatRequest $request): array
    {
        $all = $this->kit->all($request->person());
        $names = explode(',', $request->string('applications')->toString());
        $chosen = array_values(array_filter($all, static fn (CurrentKeymap $one): bool => in_array($one->application->id, $names, true)));
        /** @var non-empty-list<LoadedKeymap> $loaded */
        $loaded = array_map(static fn (CurrentKeymap $one): LoadedKeymap => $one->at($request->seat()), $chosen === [] ? $all : $chosen);

        return $loaded;
    }
}
