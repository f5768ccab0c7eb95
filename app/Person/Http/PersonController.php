<?php

declare(strict_types=1);

namespace App\Person\Http;

use App\Account\Passwords;
use App\Account\Removal;
use App\Account\SecondFactor;
use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\User;
use App\Person\Invitation;
use App\Person\People;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Suite\Role;

/** The accounts of the house, for its keepers. */
final readonly class PersonController
{
    public function __construct(private People $people)
    {
    }

    public function index(): PeopleResource
    {
        return new PeopleResource(
            User::query()->whereNull('removed_at')->orderBy('name')->orderBy('id')->get(),
            Invitation::query()->whereNull('used_at')->orderByDesc('id')->get(),
        );
    }

    public function update(Request $request, User $person): PersonRowResource
    {
        $request->validate([
            'version' => ['required', 'integer', 'between:1,2147483647'],
            'role' => ['required_without:is_disabled', 'prohibits:is_disabled', Rule::enum(Role::class)],
            'is_disabled' => ['required_without:role', 'boolean'],
        ], [
            'version' => 'Name the version of the account that is shown.',
            'role' => 'Choose a role: assistant, editor or suite-keeper.',
            'is_disabled' => 'Say whether the account is to be disabled.',
        ]);

        $version = $request->integer('version');
        $changed = $request->has('role')
            ? $this->people->giveRole($person, Role::from($request->string('role')->value()), $version)
            : $this->people->setDisabled($person, $request->boolean('is_disabled'), $version);

        return new PersonRowResource($changed);
    }

    public function destroy(User $person, Removal $removal): Response
    {
        $removal->remove($person);

        return response()->noContent();
    }

    /** For somebody whose device is lost, and the recovery codes with it. */
    public function endSecondFactor(User $person, SecondFactor $factor): PersonRowResource
    {
        $factor->end($person);

        return new PersonRowResource($person);
    }

    /** For somebody whose mail does not arrive: the keeper hands the link over. */
    public function passwordLink(User $person, Passwords $passwords, Journal $journal): JsonAnswer
    {
        abort_if(! $person->isActive(), 409);
        $journal->note('password-link-made', Subject::person($person));

        return new JsonAnswer(['link' => $passwords->resetLink($person)]);
    }
}
