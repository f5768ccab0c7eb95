<?php

declare(strict_types=1);

namespace App\Account\Http;

use App\Account\OwnData;
use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** All that the house has of a person, in one file. */
final readonly class OwnDataController
{
    public function __invoke(#[CurrentUser] User $user, OwnData $data, Journal $journal): Response
    {
        $journal->note('data-taken-out', Subject::person($user));
        $json = json_encode($data->of($user), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return response($json, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="my-zebrafinch.json"',
        ]);
    }
}
