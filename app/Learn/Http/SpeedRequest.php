<?php

declare(strict_types=1);

namespace App\Learn\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Effort\TypingClass;
use Zebrafinch\Core\Effort\TypingSpeed;

/** A class of the paper, or a typing test. */
final class SpeedRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'typing_class' => ['required_without:keystrokes', Rule::enum(TypingClass::class)],
            'keystrokes' => ['sometimes', 'integer', 'min:1', 'max:10000'],
            'seconds' => ['required_with:keystrokes', 'numeric', 'min:1', 'max:600'],
        ];
    }

    /** Null for a class. */
    public function keySeconds(): ?float
    {
        return $this->has('keystrokes') ? TypingSpeed::measured($this->integer('keystrokes'), $this->float('seconds'))->seconds : null;
    }

    public function typingClass(): TypingClass
    {
        return TypingClass::from($this->string('typing_class', TypingClass::Average->value)->toString());
    }
}
