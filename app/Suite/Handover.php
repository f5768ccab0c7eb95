<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Order;
use App\Models\OrderKind;
use App\Models\OrderState;
use App\Models\Release;
use App\Models\Suite;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Asks a suite's agent to change what is installed there. */
final readonly class Handover
{
    /** @throws NothingForSuite when the release has no key file for any application of the suite */
    public function handOver(Suite $suite, Release $release, User $user): Order
    {
        if ($release->files()->whereIn('application', $suite->keyFileOwners())->doesntExist()) {
            throw NothingForSuite::in($suite);
        }

        return DB::transaction(function () use ($suite, $release, $user): Order {
            $order = $this->order($suite, $user, OrderKind::Install, OrderState::Preparing, ['release' => $release->id]);
            PrepareHandover::dispatch($order);

            return $order;
        });
    }

    /** @throws UnknownCopy */
    public function putBack(Suite $suite, string $copy, User $user): Order
    {
        $stored = collect($suite->copies)->firstWhere('name', $copy) ?? throw UnknownCopy::named($copy, $suite);

        return $this->order($suite, $user, OrderKind::PutBack, OrderState::Waiting, [
            'copy' => $stored['name'],
            'application' => $stored['application'],
        ]);
    }

    /** @param  array<string, mixed>  $payload */
    private function order(Suite $suite, User $user, OrderKind $kind, OrderState $state, array $payload): Order
    {
        return $suite->orders()->create(['user_id' => $user->id, 'kind' => $kind, 'state' => $state, 'payload' => $payload]);
    }
}
