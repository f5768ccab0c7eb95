<?php

declare(strict_types=1);

namespace App\House\Http;

use App\Account\Door;
use App\House\SettingUp;
use Illuminate\Http\Response;

/** The first visit: names the house and makes its first keeper, who is signed in then. */
final readonly class SetUpController
{
    public function __invoke(SetUpRequest $request, SettingUp $settingUp, Door $door): Response
    {
        $door->open($request, $settingUp->setUp(...$request->given()));

        return response()->noContent();
    }
}
