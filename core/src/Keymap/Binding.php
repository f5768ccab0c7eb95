<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;

/** Chord and gesture to command, in one context. */
final readonly class Binding
{
    /** Every comparison asks for it. */
    private string $id;

    public function __construct(
        public Chord $chord,
        public string $command,
        public string $context,
        public Gesture $gesture = Gesture::Tap,
    ) {
        $this->id = "{$context} {$chord->id()} {$gesture->value} {$command}";
    }

    /** @param  array{chord: string, command: string, context: string, gesture?: string}  $data */
    public static function fromData(array $data): self
    {
        return new self(
            Chord::parse($data['chord']),
            $data['command'],
            $data['context'],
            Gesture::from($data['gesture'] ?? Gesture::Tap->value),
        );
    }

    /** @return array{chord: string, command: string, context: string, gesture: string} */
    public function toData(): array
    {
        return [
            'chord' => $this->chord->id(),
            'command' => $this->command,
            'context' => $this->context,
            'gesture' => $this->gesture->value,
        ];
    }

    /** Two bindings with the same id say the same thing. */
    public function id(): string
    {
        return $this->id;
    }

    public function at(Chord $chord): self
    {
        return new self($chord, $this->command, $this->context, $this->gesture);
    }
}
