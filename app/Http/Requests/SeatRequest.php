<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Library\Library;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\System;

/** A request whose answer depends on the keyboard that somebody sits at. Policies stand on the routes. */
class SeatRequest extends FormRequest
{
    private ?Seat $seat = null;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'system' => ['sometimes', Rule::enum(System::class)],
            'board' => ['sometimes', Rule::in($this->library()->boardIds())],
            'layout' => ['sometimes', Rule::in($this->library()->layoutIds())],
            ...$this->moreRules(),
        ];
    }

    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'system' => 'The system is one of macos, windows, linux.',
            'board' => 'There is no board of that name.',
            'layout' => 'There is no layout of that name.',
        ];
    }

    public function person(): User
    {
        return $this->user() ?? throw new \Illuminate\Auth\AuthenticationException;
    }

    public function seat(): Seat
    {
        return $this->seat ??= $this->library()->seat(
            $this->string('board', Library::DEFAULT_BOARD)->toString(),
            $this->string('layout', Library::DEFAULT_LAYOUT)->toString(),
            $this->system(),
        );
    }

    public function system(): System
    {
        return System::from($this->string('system', System::MacOs->value)->toString());
    }

    /** The application that the route names. */
    public function application(): Application
    {
        $named = $this->route('application');

        return $this->library()->application(is_string($named) ? $named : '');
    }

    /** A chord as it was pressed at this seat, written so that it follows to other systems, and as the application writes its keys. */
    public function chord(?Application $for = null): Chord
    {
        $pressed = Chord::parse($this->string('chord')->toString());
        $written = Chord::with($pressed->modifiers->writtenFrom($this->system()), $pressed->key);

        return $for === null ? $written : $this->seat()->written($written, $for->chords);
    }

    public function library(): Library
    {
        return app(Library::class);
    }
}
