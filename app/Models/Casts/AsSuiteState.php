<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use Zebrafinch\Core\Suite\SuiteState;

/** @implements CastsAttributes<SuiteState, SuiteState> */
final class AsSuiteState implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): SuiteState
    {
        $data = json_decode((string) $value, true, 16, JSON_THROW_ON_ERROR);

        return $data === [] ? SuiteState::blank() : SuiteState::fromData($data);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(
            ($value ?? throw new InvalidArgumentException('A suite is never without its state.'))->toData(),
            JSON_THROW_ON_ERROR,
        );
    }
}
