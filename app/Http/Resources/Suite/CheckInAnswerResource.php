<?php

declare(strict_types=1);

namespace App\Http\Resources\Suite;

use App\Models\Order;
use App\Models\Suite;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

/** What an agent is given to do, and when it shall call again. */
final class CheckInAnswerResource extends JsonAnswer
{
    /** @param  Collection<int, Order>  $orders */
    public function __construct(private readonly Suite $suite, private readonly Collection $orders, private readonly int $pollAfterMs)
    {
        parent::__construct($suite);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'system' => $this->suite->system->value,
            'orders' => $this->orders
                ->map(
                    static fn (Order $order): array => [
                        'id' => $order->id,
                        'kind' => $order->kind->value,
                        'payload' => $order->payload,
                    ],
                )
                ->all(),
            'poll_after_ms' => $this->pollAfterMs,
        ];
    }
}
