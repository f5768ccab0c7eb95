<?php

declare(strict_types=1);

namespace App\Person;

use App\Account\AccountRefused;
use App\Journal\Journal;
use App\Journal\Subject;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use Zebrafinch\Core\Suite\Role;

/** Bringing somebody into the house: a link that makes one account, within three days. */
final readonly class Invitations
{
    public function __construct(private Journal $journal)
    {
    }

    /**
     * A newer invitation takes the place of an older one.
     *
     * @return array{Invitation, string} with its link, which is not stored anywhere
     *
     * @throws AccountRefused
     */
    public function invite(User $keeper, string $email, string $name, Role $role): array
    {
        $email = mb_strtolower($email);
        if (User::query()->where('email', $email)->exists()) {
            throw AccountRefused::exists($email);
        }
        $token = Str::random(40);
        $invitation = DB::transaction(function () use ($keeper, $email, $name, $role, $token): Invitation {
            Invitation::query()->where('email', $email)->whereNull('used_at')->delete();
            $made = Invitation::query()->create([
                'email' => $email,
                'name' => $name,
                'role' => $role,
                'token_hash' => hash('sha256', $token),
                'invited_by' => $keeper->id,
                'expires_at' => now()->addDays(Invitation::DAYS),
            ]);
            $this->journal->note('invited', details: ['invitation' => $made->id, 'role' => $role->value]);

            return $made;
        });
        // The part after `#` never reaches a server's log.
        $link = config()->string('app.url')."/join#{$token}";
        Mail::to($email)->queue(new InvitationMail($name, $link));

        return [$invitation, $link];
    }

    public function withdraw(Invitation $invitation): void
    {
        DB::transaction(function () use ($invitation): void {
            $this->journal->note('invitation-withdrawn', details: ['invitation' => $invitation->id]);
            $invitation->delete();
        });
    }

    /** @throws AccountRefused */
    public function opened(string $token): Invitation
    {
        return Invitation::open()->where('token_hash', hash('sha256', $token))->first() ?? throw AccountRefused::invitationGone();
    }

    /** @throws AccountRefused */
    public function accept(string $token, string $name, string $password): User
    {
        return DB::transaction(function () use ($token, $name, $password): User {
            $invitation =
                Invitation::open()->where('token_hash', hash('sha256', $token))->lockForUpdate()->first() ??
                throw AccountRefused::invitationGone();
            if (User::query()->where('email', $invitation->email)->exists()) {
                throw AccountRefused::exists($invitation->email);
            }
            $user = User::register([
                'email' => $invitation->email,
                'name' => $name,
                'role' => $invitation->role,
                'password' => $password,
                'password_changed_at' => now(),
            ]);
            $invitation->update(['used_at' => now()]);
            $this->journal->note('joined', Subject::person($user), ['invitation' => $invitation->id, 'role' => $user->role->value], $user);

            return $user;
        });
    }
}
