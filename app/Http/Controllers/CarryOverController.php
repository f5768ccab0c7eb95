<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CarryOverRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\KeymapStarter;
use App\Keymaps\KitReader;
use App\Wishes\PersonalWords;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Match\CarryOver\Account;
use Zebrafinch\Core\Match\CarryOver\CarriedBinding;
use Zebrafinch\Core\Match\CarryOver\CarryOver;

/** Makes an application behave like others: first the account of every binding, then a keymap of its own. */
final readonly class CarryOverController
{
    public function __construct(private KitReader $kit, private PersonalWords $words, private Docket $docket, private KeymapStarter $starter)
    {
    }

    public function preview(CarryOverRequest $request): JsonResponse
    {
        return $this->answer($request, $this->account($request));
    }

    public function save(CarryOverRequest $request): JsonResponse
    {
        $account = $this->account($request);
        $factory = $request->library()->factoryBindings($account->target->application);
        $from = implode(', ', array_unique(array_map(static fn (CarriedBinding $one): string => $one->from->application->name, $account->lines)));
        $this->starter->fromFactory($request->person(), $account->target->application, $request->string('name')->trim()->toString(), "Carried over from {$from}", Change::between($factory, $account->result));

        return $this->answer($request, $account, 201);
    }

    private function account(CarryOverRequest $request): Account
    {
        $each = $this->kit->each($request->person());
        $vocabulary = $this->words->vocabulary($request->person());
        $sources = array_map(static fn (string $id) => $each($id)->at($request->seat()), array_values(array_unique($request->validated('sources'))));

        return CarryOver::of($sources, $each($request->validated('target'))->at($request->targetSeat()), $vocabulary, $this->words->importance($request->person(), $vocabulary), $request->library()->reserved(), $request->said());
    }

    private function answer(CarryOverRequest $request, Account $account, int $status = 200): JsonResponse
    {
        $there = new Shapes($account->target->application, $account->target->seat);

        return new JsonResponse([
            'target' => ['id' => $account->target->application->id, 'name' => $account->target->application->name],
            'counts' => $account->counts(),
            'lines' => array_map(static function (CarriedBinding $one) use ($there, $request): array {
                $here = new Shapes($one->from->application, $request->seat());

                return [
                    'id' => $one->id(), 'from' => ['id' => $one->from->application->id, 'name' => $one->from->application->name],
                    'binding' => $here->binding($one->binding), 'ending' => $one->ending->value, 'sentence' => $one->sentence,
                    'to' => $one->to === null ? null : $there->binding($one->to),
                    'displaced' => array_map(static fn (Binding $lost): array => $there->binding($lost), $one->displaced), 'is_accepted' => $one->isAccepted,
                ];
            }, $account->lines),
            'consequences' => $there->consequences(Consequences::of($account->target, $account->change(), $this->docket)),
        ], $status);
    }
}
