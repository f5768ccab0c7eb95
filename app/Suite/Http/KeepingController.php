<?php

declare(strict_types=1);

namespace App\Suite\Http;

use App\Models\Suite;
use App\Models\User;
use App\Resources\JsonAnswer;
use App\Suite\SuiteKeeping;
use App\Suite\SuiteList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Zebrafinch\Core\Keyboard\System;

/** Suites come and go, and so do the tokens of their agents. */
final readonly class KeepingController
{
    public function __construct(private SuiteKeeping $keeping, private SuiteList $list, private SuiteShape $shape)
    {
    }

    public function store(NewSuiteRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $suite = $this->keeping->make(
            $user,
            $request->string('name')->value(),
            $request->string('board')->value(),
            $request->string('layout')->value(),
            System::from($request->string('system')->value()),
            array_values(array_map(strval(...), $request->array('applications'))),
        );

        return (new JsonAnswer($this->shape->of($this->list->loaded($suite))))->withStatus(201);
    }

    public function destroy(#[CurrentUser] User $user, Suite $suite): Response
    {
        $this->keeping->retire($suite, $user);

        return response()->noContent();
    }

    public function newToken(#[CurrentUser] User $user, Suite $suite): JsonAnswer
    {
        return new JsonAnswer(['secret' => $this->keeping->newToken($suite, $user)]);
    }

    public function withdrawToken(#[CurrentUser] User $user, Suite $suite): Response
    {
        $this->keeping->withdrawToken($suite, $user);

        return response()->noContent();
    }
}
