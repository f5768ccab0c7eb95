<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\House;
use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Support\Facades\Mail;

/** Tells somebody that how they sign in has changed, in case it was not they who changed it. */
final class ChangedMail extends Mailable
{
    use Queueable;

    private function __construct(private readonly string $person, private readonly string $what)
    {
    }

    /** @param  string  $what  as "your password was changed" */
    public static function tell(User $user, string $what): void
    {
        Mail::to($user->email)->queue(new self($user->name, $what));
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: 'How you sign in at '.House::current()->name);
    }

    public function content(): Content
    {
        return new Content(text: 'mail.changed', with: ['person' => $this->person, 'what' => $this->what]);
    }
}
